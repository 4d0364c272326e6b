<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\TriedFixes;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\VerdictKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * What was said without need, and what was passed over though it matters: each must not come back. Formulas by hand as
 * makers make them; what may be said of them is common practice, recalled.
 */
final class FalseAlarmsTest extends CoreCase
{
    private const BROAD = ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %'];

    /**
     * @param  list<array<string, mixed>|array{0: string, 1: string, 2?: string, 3?: string}>  $lines
     * @param  array<string, mixed>  $more
     */
    private static function judged(string $family, array $lines, array $more = []): Evaluation
    {
        return self::evaluate([
            'format' => 'ilvane.formula/1', 'name' => 'Test', 'family' => $family, 'batch' => ['grams' => 200.0],
            'scale_resolution_g' => 0.01, ...$more,
            'lines' => array_map(static fn (array $line): array => ! isset($line[0]) ? $line : array_filter([
                'ingredient' => $line[0],
                'amount' => $line[1],
                'phase' => $line[2] ?? null,
                'prepared' => $line[3] ?? null,
            ]), $lines),
        ]);
    }

    /** @return list<string> stops and checks */
    private static function against(Evaluation $evaluation): array
    {
        $codes = [];
        foreach ($evaluation->findings as $finding) {
            $finding->severity === Severity::Note ?: $codes[] = $finding->code;
        }

        return $codes;
    }

    /** @return iterable<string, array{Evaluation}> */
    public static function alarms(): iterable
    {
        $milk = [['distilled-water', 'to 100'], ['btms-50', '6 %'], ['cetearyl-alcohol', '4 %'], ['sunflower-oil', '5 %']];
        yield 'bought inner-leaf aloe gel with a preservative' => [
            self::judged('gel', [['aloe-gel-bought', '99 %'], self::BROAD], ['ph' => 5.0]),
        ];
        yield 'a vinegar rinse at pH 3.0' => [self::judged(
            'water_spray',
            [['distilled-water', '80 %'], ['apple-cider-vinegar', '20 %']],
            ['ph' => 3.0, 'use' => 'rinse_off', 'keeping' => ['intended' => 'fresh', 'storage' => 'fridge']],
        )];
        yield 'a pomade of a quarter beeswax' => [self::judged('pomade', [
            ['beeswax', '25 %'], ['shea-butter-unrefined', '30 %'], ['castor-oil', '20 %'],
            ['sunflower-oil-high-oleic', '25 %'],
        ])];
        yield 'a henna paste for today' => [self::judged(
            'fresh_mask',
            [['henna-powder', '30 %'], ['distilled-water', '70 %']],
            ['use' => 'rinse_off', 'keeping' => ['intended' => 'fresh', 'claimed_days' => 1, 'storage' => 'fridge']],
        )];
        yield 'a rinse-off conditioner with 6 % of a quat blend' => [
            self::judged('leave_in_emulsion', [...$milk, self::BROAD], ['ph' => 4.5, 'use' => 'rinse_off']),
        ];
        yield 'vitamin E weighed on a coarse scale' => [self::judged('hair_oil', [
            ['jojoba-oil', '99.5 %'], ['vitamin-e-tocopherols', '0.5 %'],
        ], ['scale_resolution_g' => 1.0, 'batch' => ['grams' => 100.0]])];
        yield 'shea and almond oil' => [
            self::judged('whipped_butter', [['shea-butter-unrefined', '80 %'], ['sweet-almond-oil', '20 %']]),
        ];
    }

    #[DataProvider('alarms')]
    public function test_nothing_is_said_against_it(Evaluation $evaluation): void
    {
        self::assertSame([], self::against($evaluation));
    }

    public function test_strained_inner_aloe_is_no_irritant_and_the_whole_leaf_is(): void
    {
        $inner = self::judged('gel', [['aloe-gel-fresh', '99 %'], self::BROAD], ['ph' => 5.0]);
        $whole = self::judged('gel', [['aloe-whole-leaf-blend', '99 %'], self::BROAD], ['ph' => 5.0]);
        self::assertNotContains('irritant.strong', $inner->codes());
        self::assertContains('irritant.strong', $whole->codes());
    }

    public function test_fenugreek_is_a_legume_and_nothing_is_made_of_nuts_because_of_it(): void
    {
        $evaluation = self::judged('infused_oil', [
            ['sunflower-oil-high-oleic', '90 g'], ['fenugreek-seed', '10 g', 'infusion'],
        ], ['batch' => null]);
        self::assertNotContains('safety.nut', $evaluation->codes());
        self::assertSame('legume', self::finding($evaluation, 'label.allergen')?->variant, 'strained out or not');
    }

    /** @return iterable<string, array{string, list<mixed>, float}> the days fresh food has in the cold at most */
    public static function foods(): iterable
    {
        yield 'egg and banana' => [
            'fresh_mask', [['egg-yolk', '40 %'], ['banana-flesh', '59 %'], self::BROAD], 2.0,
        ];
        yield 'avocado and yoghurt' => [
            'leave_in_emulsion',
            [['avocado-flesh', '60 %'], ['yoghurt', '25 %'], ['distilled-water', '14 %'], self::BROAD],
            2.0,
        ];
        yield 'almond milk left on' => ['water_spray', [['almond-milk', '99 %'], self::BROAD], 3.0];
        yield 'a tenth of egg yolk left on' => ['leave_in_emulsion', [
            ['egg-yolk', '10 %'], ['distilled-water', 'to 100'], ['btms-50', '4 %'], ['sunflower-oil', '5 %'],
            self::BROAD,
        ], 3.0];
    }

    /** @param  list<mixed>  $lines */
    #[DataProvider('foods')]
    public function test_food_is_fresh_whatever_preservative_is_added(string $family, array $lines, float $days): void
    {
        $evaluation = self::judged($family, $lines, ['ph' => 5.5]);
        self::assertSame('fresh', $evaluation->assessment->preservation->regime->value);
        self::assertLessThanOrEqual($days, $evaluation->assessment->keeping->days);
        self::assertContains('preservation.food', self::against($evaluation));
    }

    public function test_food_at_five_percent_is_preserved_and_a_tenth_more_is_fresh(): void
    {
        $with = static fn (string $milk): string => self::judged('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['btms-50', '4 %'], ['sunflower-oil', '5 %'], ['coconut-milk-fresh', $milk],
            self::BROAD,
        ], ['ph' => 5.0])->assessment->preservation->regime->value;
        self::assertSame(['preserved', 'fresh'], [$with('5 %'), $with('5.1 %')]);
    }

    public function test_honey_is_food_that_brings_no_free_water(): void
    {
        $evaluation = self::judged('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['btms-50', '4 %'], ['sunflower-oil', '5 %'], ['honey', '6 %'], self::BROAD,
        ], ['ph' => 5.0]);
        self::assertNotContains('preservation.food', $evaluation->codes());
    }

    public function test_what_a_preparation_warns_of_the_bench_says_too(): void
    {
        $of = static fn (string $audience): Evaluation => self::judged('gel', [
            ['slippery-elm-gel', '98.9 %'], self::BROAD,
        ], ['ph' => 5.0, 'for' => ['audience' => $audience]]);
        self::assertContains('safety.audience', self::against($of('pregnant')));
        self::assertNotContains('safety.audience', self::against($of('adult')));
        $mint = self::judged('water_spray', [['distilled-water', 'to 100'], self::BROAD], [
            'ph' => 5.0, 'for' => ['audience' => 'child_under_3'],
            'parts' => [['key' => 'tea', 'makes' => 'tea', 'lines' => [
                ['ingredient' => 'sage-dried', 'amount' => '10 g'], ['ingredient' => 'distilled-water', 'amount' => '200 g'],
            ]]],
        ]);
        self::assertNotContains('safety.audience', self::against($mint), 'nothing is taken of the tea');
        $taken = self::judged('water_spray', [['distilled-water', 'to 100'], ['part' => 'tea', 'amount' => '40 %'], self::BROAD], [
            'ph' => 5.0, 'for' => ['audience' => 'child_under_3'],
            'parts' => [['key' => 'tea', 'makes' => 'tea', 'lines' => [
                ['ingredient' => 'sage-dried', 'amount' => '10 g'],
                ['ingredient' => 'distilled-water', 'amount' => '200 g'],
            ]]],
        ]);
        self::assertContains('safety.audience', self::against($taken), 'it is drawn into the spray');
    }

    public function test_citrus_within_its_limit_is_a_word_about_the_sun_and_no_check(): void
    {
        $evaluation = self::judged('hair_oil', [['jojoba-oil', '98 %'], ['lemon-essential-oil-expressed', '2 %']]);
        self::assertContains('safety.sun', $evaluation->codes());
        self::assertNotContains('scent.phototoxic', $evaluation->codes());
    }

    public function test_formaldehyde_is_said_and_the_dose_is_in_order(): void
    {
        $evaluation = self::judged('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['btms-50', '4 %'], ['sunflower-oil', '5 %'],
            ['propylene-glycol-diazolidinyl-urea-parabens', '0.8 %'],
        ], ['ph' => 5.0]);
        self::assertContains('preservation.formaldehyde', $evaluation->codes());
    }

    public function test_a_name_without_its_number_is_asked_which_it_is(): void
    {
        $evaluation = self::judged('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['name' => 'BTMS', 'amount' => '4 %'], ['sunflower-oil', '5 %'], self::BROAD,
        ], ['ph' => 5.0]);
        self::assertSame(VerdictKind::CannotSay, $evaluation->verdict());
        self::assertSame(['l2', 'material'], [$evaluation->needs()[0]->lineKey, $evaluation->needs()[0]->what]);
        $asked = self::finding($evaluation, 'measure.unread');
        self::assertSame('several_meant', $asked?->variant);
        self::assertSame(['btms-25', 'btms-50'], array_map(
            static fn (Fix $fix): mixed => $fix->patch[0]['value'] ?? null,
            (new TriedFixes(new Evaluator(self::catalogue())))->of($evaluation)->findings[0]->fixes,
        ));
        $read = (new RecipeReader(self::catalogue()))->read("200 g water\n8 g btms\n")->lines[1];
        self::assertSame([null, ['btms-25', 'btms-50']], [$read->ingredient, $read->candidates]);
    }
}
