<?php

declare(strict_types=1);

namespace Tests\Core\Project;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Project\PartOnItsOwn;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What is made first is the same matter before it is made, and after. */
final class PartOnItsOwnTest extends CoreCase
{
    /** Speak of the making of a part, which is over once it is made. */
    private const OF_THE_MAKING = ['plant.uncovered', 'part.unused', 'part.too_little', 'plant.gives_to_water'];

    /** @return array<string, mixed> */
    private static function chain(): array
    {
        return [
            'format' => 'ilvane.formula/1', 'name' => 'Leave-in', 'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200], 'ph' => 5,
            'parts' => [
                ['key' => 'milk', 'name' => 'Oat soak', 'makes' => 'cold_soak', 'lines' => [
                    ['ingredient' => 'oats-rolled', 'amount' => '20 g'],
                    ['ingredient' => 'distilled-water', 'amount' => '300 g'],
                ]],
                ['key' => 'tea', 'name' => 'Nettle tea', 'makes' => 'tea', 'lines' => [
                    ['ingredient' => 'nettle-dried', 'amount' => '5 g'], ['part' => 'milk', 'amount' => '250 g'],
                ]],
                ['key' => 'oil', 'name' => 'Clove oil', 'makes' => 'infused_oil', 'lines' => [
                    ['ingredient' => 'clove-buds', 'amount' => '6 g'],
                    ['ingredient' => 'peanut-oil', 'amount' => '60 g'],
                ]],
            ],
            'lines' => [
                ['part' => 'tea', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '5 %', 'phase' => 'oil'],
                ['part' => 'oil', 'amount' => '12 %', 'phase' => 'oil'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %', 'phase' => 'cooldown'],
            ],
        ];
    }

    /** @return iterable<string, array{list<string>}> */
    public static function there(): iterable
    {
        yield 'the tea' => [['tea']];
        yield 'the oil' => [['oil']];
        yield 'both' => [['tea', 'oil']];
    }

    /** @param  list<string>  $there */
    #[DataProvider('there')]
    public function test_what_is_there_is_judged_and_labelled_as_what_was_to_be_made(array $there): void
    {
        $evaluator = new Evaluator(self::catalogue());
        $formula = FormulaDocument::read(self::chain());
        $lines = [];
        foreach ($there as $key) {
            $part = $formula->part($key);
            $weighed = $evaluator->weigh($formula)->part($key);
            self::assertNotNull($part);
            $lines[$key] = ['lot' => "L261130-$key", 'formula' => PartOnItsOwn::document(
                $formula,
                $part,
                $weighed?->isOily() ?? false,
                $weighed->gives->likely ?? 0.0,
            )];
        }
        $after = FormulaDocument::read(PartOnItsOwn::replaced(self::chain(), $lines));
        $before = $evaluator->evaluate($formula);
        $made = $evaluator->evaluate($after);
        $codes = static fn ($evaluation): array => array_values(array_diff(
            array_map(static fn (Finding $finding): string => $finding->code, $evaluation->findings),
            self::OF_THE_MAKING,
        ));
        self::assertSame($codes($before), $codes($made));
        self::assertContains('safety.nut', $codes($made), 'the peanut is not forgotten');
        $c = [$before->assessment->composition, $made->assessment->composition];
        self::assertEqualsWithDelta($c[0]->waterShare(), $c[1]->waterShare(), 1e-6);
        self::assertSame(
            array_map(static fn ($extract): string => $extract->plant->key, $c[0]->extracts),
            array_map(static fn ($extract): string => $extract->plant->key, $c[1]->extracts),
        );
        self::assertEquals(
            ContentsList::of($before->assessment->composition),
            ContentsList::of($made->assessment->composition),
        );
    }

    public function test_a_tea_of_three_days_is_held_by_the_preservative_and_an_old_oil_is_not(): void
    {
        $chain = self::chain();
        $chain['parts'][1]['lines'][1] = ['ingredient' => 'distilled-water', 'amount' => '250 g'];
        $formula = FormulaDocument::read($chain);
        $days = static function (string $key, string $date) use ($formula, $chain): ?float {
            $part = $formula->part($key);
            self::assertNotNull($part);
            $lot = ['lot' => 'L1', 'best_before' => $date, 'formula' => PartOnItsOwn::document(
                $formula,
                $part,
                $key === 'oil',
                100.0,
            )];

            return (new Evaluator(self::catalogue()))->evaluate(
                FormulaDocument::read(PartOnItsOwn::replaced($chain, [$key => $lot])),
                madeOn: new DateTimeImmutable('2026-11-30'),
            )->assessment->keeping->days;
        };
        $asParts = (new Evaluator(self::catalogue()))->evaluate(
            $formula,
            madeOn: new DateTimeImmutable('2026-11-30'),
        )->assessment->keeping->days;
        self::assertSame(90.0, $asParts);
        self::assertSame(90.0, $days('tea', '2026-12-03'));
        self::assertSame(3.0, $days('oil', '2026-12-03'));
    }

    public function test_a_part_takes_all_it_is_made_of_along(): void
    {
        $formula = FormulaDocument::read(self::chain());
        $part = $formula->part('tea');
        self::assertNotNull($part);
        $document = PartOnItsOwn::document($formula, $part, false, 180.0);
        self::assertSame(['tea', 'milk'], array_column($document['parts'], 'key'));
        self::assertSame(['amount' => '180 g', 'basis' => 'weighed'], $document['parts'][0]['gives']);
        self::assertEquals([['part' => 'tea', 'amount' => '180 g']], array_map(
            static fn (array $line): array => array_intersect_key($line, ['part' => 1, 'amount' => 1]),
            $document['lines'],
        ));
    }

    public function test_a_part_inside_a_part_is_replaced_too(): void
    {
        $document = PartOnItsOwn::replaced(self::chain(), ['milk' => ['ingredient' => 'oat-milk', 'lot' => 'L1']]);
        self::assertSame(['tea', 'oil'], array_column($document['parts'], 'key'));
        self::assertSame(
            ['amount' => '250 g', 'ingredient' => 'oat-milk', 'lot' => 'L1'],
            $document['parts'][0]['lines'][1],
        );
    }
}
