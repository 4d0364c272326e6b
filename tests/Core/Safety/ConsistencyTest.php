<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\ShelfLife\Longer;
use Ilvane\Core\ShelfLife\ShelfLife;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

/** What holds of every formula, whatever is in it. */
final class ConsistencyTest extends CoreCase
{
    /** @return iterable<array{array<string, mixed>, Evaluation}> */
    private static function random(int $seed, int $count): iterable
    {
        $evaluator = new Evaluator(self::catalogue());
        foreach (RandomFormulas::seeded($seed, $count, self::catalogue()) as $document) {
            yield [
                $document,
                $evaluator->evaluate(FormulaDocument::read($document), madeOn: new DateTimeImmutable('2026-03-01')),
            ];
        }
    }

    public function test_the_order_of_the_lines_changes_no_judgement(): void
    {
        $evaluator = new Evaluator(self::catalogue());
        foreach (self::random(5, 150) as [$document, $evaluation]) {
            $turned = [...$document, 'lines' => array_reverse($document['lines'])];
            $codes = static function (Evaluation $of): array {
                $codes = $of->codes();
                sort($codes);

                return $codes;
            };
            self::assertSame(
                $codes($evaluation),
                $codes($evaluator->evaluate(
                    FormulaDocument::read($turned),
                    madeOn: new DateTimeImmutable('2026-03-01'),
                )),
                json_encode($document, JSON_THROW_ON_ERROR),
            );
        }
    }

    public function test_twice_the_batch_is_the_same_formula(): void
    {
        $evaluator = new Evaluator(self::catalogue());
        foreach (self::random(6, 150) as [$document, $evaluation]) {
            if (
                ! isset($document['batch']['grams'])
                || array_filter(
                    $document['lines'],
                    static fn (array $line): bool => ! str_ends_with($line['amount'] ?? '', '%'),
                ) !== []
            ) {
                continue;
            }
            $document['batch']['grams'] *= 2;
            $twice = $evaluator->evaluate(
                FormulaDocument::read($document),
                madeOn: new DateTimeImmutable('2026-03-01'),
            );
            $without = static fn (Evaluation $of): array => array_values(array_diff(
                $of->codes(),
                ['measure.unweighable', 'yield.exceeds_containers'],
            ));
            self::assertSame($without($evaluation), $without($twice));
        }
        self::assertSame(
            self::seriousCodes(self::sound()),
            self::seriousCodes([...self::sound(), 'batch' => ['grams' => 400.0]]),
        );
    }

    public function test_every_finding_points_at_lines_there_are_and_offers_or_asks(): void
    {
        foreach (self::random(7, 200) as [$document, $evaluation]) {
            foreach ($evaluation->findings as $finding) {
                foreach ($finding->lines as $line) {
                    self::assertArrayHasKey($line - 1, $document['lines'], $finding->code);
                }
                foreach ($finding->fixes as $fix) {
                    self::assertNotSame([], $fix->patch, $finding->code);
                }
            }
        }
    }

    public function test_dry_means_no_preservative_is_missing_and_wet_is_one_of_the_other_two(): void
    {
        foreach (self::random(8, 200) as [, $evaluation]) {
            $regime = $evaluation->assessment->preservation->regime;
            self::assertSame($evaluation->assessment->preservation->isWatery, $regime !== Regime::Dry);
            if ($regime !== Regime::Fresh) {
                self::assertNotContains('preservation.missing', $evaluation->codes());
            }
            if ($regime === Regime::Preserved) {
                $stops = array_filter(
                    $evaluation->findings,
                    static fn ($finding): bool => $finding->severity === Severity::Stop,
                );
                self::assertNotContains(
                    'preservation.weak_alone',
                    array_map(static fn ($finding): string => $finding->code, $stops),
                );
            }
        }
    }

    public function test_what_would_keep_it_longer_does_and_never_past_a_year(): void
    {
        $told = 0;
        foreach (self::random(9, 200) as [, $evaluation]) {
            $it = $evaluation->assessment;
            foreach (Longer::of(
                $it->keeping,
                $it->formula,
                $it->composition,
                $it->preservation,
                $it->madeOn,
                $it->container,
            ) as $way) {
                self::assertGreaterThan($it->keeping->days, $way->days);
                self::assertLessThanOrEqual(ShelfLife::LONGEST_DAYS, $way->days);
                $told++;
            }
        }
        self::assertGreaterThan(20, $told);
    }
}
