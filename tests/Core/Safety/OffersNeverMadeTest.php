<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\TriedFixes;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Offers a formulator would wince at: whatever is found, none of them is made. The formulas are by hand, recalled. */
final class OffersNeverMadeTest extends CoreCase
{
    /** @return list<Fix> as they would be shown */
    private static function offers(array $document, ?string $code = null): array
    {
        $tried = (new TriedFixes(new Evaluator(self::catalogue())))->of(self::evaluate($document));

        return array_merge(...array_map(
            static fn (Finding $finding): array => $code === null || $finding->code === $code ? $finding->fixes : [],
            $tried->findings,
        ));
    }

    private static function milk(array $lines, array $more = []): array
    {
        return [
            'format' => 'ilvane.formula/1', 'name' => 'Milk', 'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200.0], 'scale_resolution_g' => 0.01, 'ph' => 5.0, ...$more,
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
                ['ingredient' => 'btms-50', 'amount' => '4 %'],
                ['ingredient' => 'cetearyl-alcohol', 'amount' => '2 %'],
                ...$lines,
            ],
        ];
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function delicate(): iterable
    {
        yield 'rosehip oil, heated' => [['ingredient' => 'rosehip-oil', 'amount' => '6 %'], 'rosehip-oil'];
        yield 'flaxseed oil, heated' => [['ingredient' => 'flaxseed-oil', 'amount' => '6 %'], 'flaxseed-oil'];
        yield 'a tea, heated' => [['ingredient' => 'herbal-tea-generic', 'amount' => '30 %'], 'herbal-tea-generic'];
        yield 'a hydrosol, heated' => [['ingredient' => 'rose-hydrosol', 'amount' => '30 %'], 'rose-hydrosol'];
    }

    #[DataProvider('delicate')]
    public function test_no_carrier_oil_and_no_tea_is_moved_to_the_cool_down(array $line): void
    {
        foreach (self::offers(self::milk([$line])) as $fix) {
            foreach ($fix->patch as $step) {
                self::assertFalse(
                    str_ends_with($step['path'], '/phase') && ($step['value'] ?? '') === 'cooldown',
                    $fix->label,
                );
            }
        }
    }

    public function test_what_no_oil_is_still_goes_to_the_cool_down(): void
    {
        $fixes = self::offers(self::milk([
            ['ingredient' => 'benzyl-alcohol-dehydroacetic-acid', 'amount' => '0.9 %'],
            ['ingredient' => 'panthenol-liquid', 'amount' => '2 %', 'phase' => 'water'],
        ]), 'heat.over_ceiling');
        self::assertContains('move_to_cooldown', array_map(static fn (Fix $fix): string => $fix->label, $fixes));
    }

    public function test_a_butter_with_one_watery_line_is_offered_no_preservative(): void
    {
        $offers = self::offers([
            'format' => 'ilvane.formula/1', 'name' => 'Butter', 'family' => 'whipped_butter',
            'batch' => ['grams' => 100.0], 'scale_resolution_g' => 0.01,
            'lines' => [
                ['ingredient' => 'shea-butter-unrefined', 'amount' => '70 %'],
                ['ingredient' => 'jojoba-oil', 'amount' => '25 %'],
                ['ingredient' => 'aloe-juice', 'amount' => '5 %'],
            ],
        ]);
        self::assertNotSame([], $offers);
        self::assertSame([], array_filter($offers, static fn (Fix $fix): bool => $fix->label === 'add_preservative'));
        self::assertContains('remove_line', array_map(static fn (Fix $fix): string => $fix->label, $offers));
    }

    public function test_a_fresh_plant_in_oil_is_offered_drying_and_cooking_out_and_never_wilting(): void
    {
        $offers = self::offers([
            'format' => 'ilvane.formula/1', 'name' => 'Oil', 'family' => 'infused_oil', 'batch' => ['grams' => 200.0],
            'lines' => [
                ['ingredient' => 'olive-oil', 'amount' => '180 g'],
                ['ingredient' => 'rosemary-fresh', 'amount' => '20 g', 'phase' => 'infusion'],
            ],
        ], 'plant.fresh_in_oil');
        self::assertNotSame([], $offers);
        foreach ($offers as $fix) {
            self::assertContains($fix->label, ['prepare_dried', 'prepare_cooked_out']);
            self::assertStringNotContainsString('wilted', json_encode($fix->patch, JSON_THROW_ON_ERROR));
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function sour(): iterable
    {
        $benzoate = ['ingredient' => 'sodium-benzoate-potassium-sorbate', 'amount' => '1 %'];
        yield 'benzoate at pH 6.5' => [self::milk([$benzoate], ['ph' => 6.5])];
        yield 'benzoate at pH 7 in a gel' => [[
            'format' => 'ilvane.formula/1', 'name' => 'Gel', 'family' => 'gel', 'batch' => ['grams' => 100.0],
            'ph' => 7.0, 'scale_resolution_g' => 0.01,
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
                ['ingredient' => 'carbomer', 'amount' => '0.4 %'],
                $benzoate,
            ],
        ]];
        yield 'a milk at pH 8' => [self::milk(
            [['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %']],
            ['ph' => 8.0],
        )];
    }

    #[DataProvider('sour')]
    public function test_an_aim_comes_with_what_gets_there_and_never_with_bicarbonate(array $document): void
    {
        foreach (self::offers($document) as $fix) {
            $patch = json_encode($fix->patch, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
            self::assertStringNotContainsString('bicarbonate', $patch);
            if (str_starts_with($fix->label, 'aim_ph')) {
                self::assertArrayHasKey('ingredient', $fix->terms, 'the acid is named');
            }
        }
    }

    public function test_the_acid_that_brings_benzoate_into_its_range_is_weighed_out(): void
    {
        $fixes = self::offers(self::milk([
            ['ingredient' => 'sodium-benzoate-potassium-sorbate', 'amount' => '1 %'],
        ], ['ph' => 6.5]), 'preservation.ph_unsuited');
        self::assertCount(1, $fixes);
        self::assertSame('aim_ph_acid', $fixes[0]->label);
        $added = array_values(array_filter(
            $fixes[0]->patch,
            static fn (array $step): bool => ($step['value']['ingredient'] ?? '') === 'citric-acid',
        ));
        self::assertCount(1, $added);
        // 1 % of the two salts: about 0.06 mol/L of base to be met; 0.2 to 0.5 % citric acid is common practice
        self::assertMatchesRegularExpression('/^0\.[1-5]\d? %$/', $added[0]['value']['amount']);
    }

    public function test_what_was_counted_in_drops_stays_in_drops(): void
    {
        $document = self::milk([
            ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %'],
            ['ingredient' => 'peppermint-essential-oil', 'amount' => '90 drops', 'phase' => 'cooldown'],
        ], ['batch' => ['grams' => 60.0], 'scale_resolution_g' => 1.0]);
        foreach (self::offers($document) as $fix) {
            foreach ($fix->patch as $step) {
                if ($step['path'] === '/lines/4/amount') {
                    self::assertMatchesRegularExpression('/drops?$/', (string) $step['value'], $fix->label);
                }
            }
        }
    }
}
