<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\EvaluationDocument;
use App\Ground\Wording;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Safety\RulesTest;
use Tests\Support\AppCase;
use Tests\Support\RandomFormulas;

final class WordingTest extends AppCase
{
    #[DataProvider('numbers')]
    public function test_numbers_are_rounded_for_display_only(float $value, int $most, int $least, string $said): void
    {
        self::assertSame($said, app(Wording::class)->number($value, $most, $least));
    }

    public static function numbers(): iterable
    {
        yield [1.0, 2, 0, '1'];
        yield [1.0, 2, 2, '1.00'];
        yield [1.5, 2, 0, '1.5'];
        yield [1.005, 2, 0, '1.01'];
        yield [0.0, 2, 0, '0'];
        yield [-0.001, 2, 0, '0'];
        yield [-2.5, 1, 0, '-2.5'];
        yield [100.0, 0, 0, '100'];
        yield [1234567.0, 0, 0, '1234567'];
        yield [10.10, 2, 1, '10.1'];
    }

    public function test_units_hang_on_their_numbers(): void
    {
        $wording = app(Wording::class);
        self::assertSame("0.9\u{202F}%", $wording->percent(0.9));
        self::assertSame("0.045\u{202F}%", $wording->percent(0.045));
        self::assertSame("64.7\u{202F}%", $wording->percent(64.7));
        self::assertSame("0.25\u{202F}g", $wording->grams(0.25));
        self::assertSame("1250\u{202F}g", $wording->grams(1250.4));
        self::assertSame("70\u{202F}°C", $wording->celsius(70.0));
        self::assertSame("0.71–1.06\u{202F}%", $wording->percentBand(Band::of(0.71, 0.88, 1.06)));
        self::assertSame(
            "3\u{202F}%",
            $wording->percentBand(Band::of(2.9999, 3.0, 3.0001)),
            'a band no one would see is none',
        );
    }

    public function test_what_a_scale_shows(): void
    {
        $wording = app(Wording::class);
        self::assertSame(
            ['12', '12.0', '12.00'],
            [$wording->weighed(12.0, 1.0), $wording->weighed(12.0, 0.1), $wording->weighed(12.0, 0.01)],
        );
        self::assertSame([0, 1, 2, 0], array_map(Wording::digitsOf(...), [1.0, 0.1, 0.01, 5.0]));
    }

    public function test_days_are_said_as_a_maker_says_them(): void
    {
        Carbon::setTestNow('2026-11-23 09:00:00');
        $wording = app(Wording::class);
        self::assertSame(
            ['1 day', '5 days', '45 days', '3 months', '6 months'],
            array_map($wording->days(...), [1.0, 5.0, 45.0, 90.0, 180.0]),
        );
        self::assertSame(
            ['today', 'yesterday', '19 days ago'],
            array_map(
                $wording->ago(...),
                [
                    Carbon::parse('2026-11-23 01:00'),
                    Carbon::parse('2026-11-22 23:59'),
                    Carbon::parse('2026-11-04 12:00'),
                ],
            ),
        );
        self::assertSame('Thursday 26 November 2026', $wording->date(Carbon::parse('2026-11-26')));
    }

    public function test_lists_are_spoken(): void
    {
        $wording = app(Wording::class);
        self::assertSame(
            ['', 'a', 'a and b', 'a, b and c'],
            array_map($wording->together(...), [[], ['a'], ['a', 'b'], ['a', 'b', 'c']]),
        );
        self::assertSame(
            'Benzyl alcohol + dehydroacetic acid',
            $wording->ingredient('benzyl-alcohol-dehydroacetic-acid'),
        );
    }

    /** Every finding that any fault or random formula raises is worded in full: no bare key, no open placeholder. */
    public function test_every_finding_has_its_words(): void
    {
        $documents = [
            ...array_map(static fn (array $fault): array => $fault[0], iterator_to_array(RulesTest::faults(), false)),
            ...iterator_to_array(RandomFormulas::seeded(31, 150, app(Catalogue::class)), false),
        ];
        $codes = [];
        foreach ($documents as $document) {
            $evaluation = app(EvaluationDocument::class)->of(
                app(Evaluator::class)->evaluate(FormulaDocument::read($document)),
            );
            foreach ($evaluation['findings'] as $finding) {
                $codes[$finding['code']] = true;
                foreach ([
                    $finding['message'],
                    $finding['because'],
                    $finding['source'],
                    $finding['ask'] ?? '-',
                    ...array_column($finding['fixes'], 'label'),
                ] as $said) {
                    self::assertNotSame('', $said, $finding['code']);
                    self::assertDoesNotMatchRegularExpression(
                        '/(?<![\w\d]):[a-z]+|^[a-z_]+\.[a-z_.]+$|findings\./',
                        $said,
                        $finding['code'],
                    );
                }
                self::assertTrue(
                    $finding['fixes'] !== [] || $finding['ask'] !== null || $finding['severity'] === 'note',
                    $finding['code'],
                );
            }
            self::assertDoesNotMatchRegularExpression('/:[a-z]+\b|findings\./', $evaluation['verdict']);
        }
        self::assertGreaterThan(24, count($codes), implode(' ', array_keys($codes)));
    }

    public function test_the_verdict_says_it_in_one_sentence(): void
    {
        $say = static fn (
            array $lines,
            array $more = [],
        ): string => app(EvaluationDocument::class)->of(app(Evaluator::class)->evaluate(FormulaDocument::read([
            'format' => 'ilvane.formula/1',
            'name' => 'A',
            'family' => 'hair_oil',
            'scale_resolution_g' => 0.01,
            ...$more,
            'lines' => array_map(
                static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]],
                $lines,
            ),
        ])))['verdict'];
        self::assertStringStartsWith('Nothing in it yet.', $say([]));
        self::assertStringStartsWith('No water in it', $say([['olive-oil', '50 g']]));
        self::assertStringStartsWith(
            'Fresh: use within 1 day, in the fridge',
            $say([['yoghurt', '50 g'], ['aloe-gel-fresh', '20 g']], ['family' => 'fresh_mask']),
        );
        self::assertStringStartsWith(
            'Fresh: at room temperature use within 1 day, because the preservative in it is not enough',
            $say(
                [['distilled-water', '89 g'], ['yoghurt', '10 g'], ['phenoxyethanol-ethylhexylglycerin', '1 g']],
                ['family' => 'fresh_mask', 'keeping' => ['storage' => 'room']],
            ),
        );
        self::assertStringStartsWith(
            'Not ready: 1 problem. Contains water but no preservative',
            $say([['distilled-water', '50 g']], ['family' => 'gel']),
        );
    }
}
