<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\Repair;
use Ilvane\Core\Evaluation\Repairs;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Regime;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class RepairsTest extends CoreCase
{
    /**
     * @param  list<array{0: string, 1: string, 2?: string}>  $lines
     * @return array<string, Repair> by kind
     */
    private static function repairs(string $family, array $lines): array
    {
        $evaluator = new Evaluator(self::catalogue());
        $now = new DateTimeImmutable('2026-11-30');
        $repairs = (new Repairs($evaluator))->of($evaluator->evaluate(FormulaDocument::read([
            'format' => 'ilvane.formula/1', 'name' => 'Flawed', 'family' => $family, 'batch' => ['grams' => 200],
            'lines' => array_map(static fn (array $line): array => array_filter([
                'ingredient' => $line[0], 'amount' => $line[1], 'phase' => $line[2] ?? '',
            ]), $lines),
        ]), madeOn: $now), $now);

        return array_combine(array_map(static fn (Repair $repair): string => $repair->kind, $repairs), $repairs);
    }

    /** @return list<string> */
    private static function keys(Repair $repair): array
    {
        return array_column($repair->document()['lines'], 'ingredient');
    }

    public function test_a_milk_without_a_preservative_gets_one_or_is_fresh_or_without_water(): void
    {
        $repairs = self::repairs('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['olive-oil', '20 %'], ['btms-50', '5 %'],
        ]);
        self::assertSame(['same', 'anhydrous', 'fresh'], array_keys($repairs));
        self::assertCount(4, self::keys($repairs['same']), 'a preservative is put in');
        self::assertSame(180.0, $repairs['same']->days());
        self::assertSame(['olive-oil'], self::keys($repairs['anhydrous']));
        self::assertSame('100 %', $repairs['anhydrous']->document()['lines'][0]['amount']);
        self::assertSame(5.0, $repairs['fresh']->days(), 'clean and cold');
    }

    public function test_a_spray_with_oil_in_it_may_become_an_emulsion(): void
    {
        $repairs = self::repairs('water_spray', [
            ['distilled-water', '80 g'], ['aloe-juice', '80 g'], ['argan-oil', '30 g'],
            ['lavender-essential-oil', '10 g'],
        ]);
        self::assertSame('leave_in_emulsion', $repairs['emulsion']->document()['family']);
        self::assertSame(Regime::Preserved, $repairs['emulsion']->after->assessment->preservation->regime);
        self::assertEqualsCanonicalizing(
            ['argan-oil', 'lavender-essential-oil'],
            self::keys($repairs['anhydrous']),
        );
    }

    public function test_a_butter_with_juice_in_it_is_a_butter_without(): void
    {
        $repairs = self::repairs('whipped_butter', [
            ['shea-butter-unrefined', '60 %'], ['coconut-oil', '20 %'], ['aloe-juice', '20 %'],
        ]);
        self::assertSame(['anhydrous'], array_keys($repairs));
        self::assertSame(['75 %', '25 %'], array_column($repairs['anhydrous']->document()['lines'], 'amount'));
    }

    public function test_a_wet_root_in_oil_is_drawn_dry(): void
    {
        $repairs = self::repairs('hair_oil', [
            ['olive-oil', '100 g'], ['ginger-root-fresh', '30 g', 'infusion'],
        ]);
        self::assertSame(['olive-oil', 'ginger-dried'], self::keys($repairs['dried']));
        // 30 g with 79 % water are 6.3 g dry, and 6.9 g with 9 %
        self::assertSame('6.9 g', $repairs['dried']->document()['lines'][1]['amount']);
    }

    public function test_nothing_is_offered_for_what_is_sound_or_not_known(): void
    {
        self::assertSame([], self::repairs('hair_oil', [['olive-oil', '100 g'], ['jojoba-oil', '20 g']]));
        self::assertSame([], self::repairs('leave_in_emulsion', [
            ['distilled-water', 'some'], ['olive-oil', '20 %'], ['btms-50', '5 %'],
        ]), 'an open amount is asked about first');
    }

    public function test_nothing_stands_against_what_is_offered_whatever_it_was(): void
    {
        $evaluator = new Evaluator(self::catalogue());
        $now = new DateTimeImmutable('2026-11-30');
        $offered = 0;
        foreach (RandomFormulas::seeded(7, 16, self::catalogue()) as $document) {
            foreach ((new Repairs($evaluator))->of(
                $evaluator->evaluate(FormulaDocument::read($document), madeOn: $now),
                $now,
            ) as $repair) {
                $offered++;
                $after = $evaluator->evaluate(FormulaDocument::read($repair->document()), madeOn: $now);
                self::assertSame([], $after->stops(), $repair->kind);
                self::assertSame([], $after->unknowns(), $repair->kind);
            }
        }
        self::assertGreaterThan(5, $offered);
    }
}
