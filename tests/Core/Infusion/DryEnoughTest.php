<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\Sorption;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Water left in plants that go into oil: by sorption, by the maker's weighings, by every door. */
final class DryEnoughTest extends CoreCase
{
    public function test_the_isotherm_at_its_own_points(): void
    {
        // by hand: at 0.5, k = 0.425: 0.07 · 15 · 0.425 / (0.575 · 6.95) = 0.1117 g to a gram, 10 % of the whole
        self::assertEqualsWithDelta(0.1117, Sorption::moisture(0.5), 0.0005);
        // herbs at 10, 14 and 18 % water (recalled, read off published isotherms)
        self::assertEqualsWithDelta(0.50, Sorption::waterActivity(0.10), 0.02);
        self::assertEqualsWithDelta(0.69, Sorption::waterActivity(0.14), 0.02);
        self::assertEqualsWithDelta(0.81, Sorption::waterActivity(0.18), 0.02);
        self::assertSame(1.0, Sorption::waterActivity(1.0));
        self::assertSame(0.0, round(Sorption::waterActivity(0.0), 6));
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function words(): iterable
    {
        yield 'bought herb' => [0.10, 0.0, 'dry'];
        yield 'at the limit' => [0.12, 0.0, 'dry'];
        yield 'beyond it' => [0.121, 0.0, 'barely'];
        yield 'just' => [0.15, 0.0, 'barely'];
        yield 'no more' => [0.151, 0.0, 'wet'];
        yield 'an oily seed at 7 %' => [0.07, 0.40, 'dry'];
        yield 'an oily seed at 8 %' => [0.08, 0.40, 'barely'];
        yield 'wilted' => [0.68, 0.0, 'wet'];
    }

    #[DataProvider('words')]
    public function test_dry_barely_or_wet(float $water, float $fat, string $word): void
    {
        self::assertSame($word, Sorption::word($water, $fat));
    }

    public function test_what_is_left_by_weighing(): void
    {
        // 100 g of 79 % water hold 21 g dry; dried to 24 g, 3 g of 24 are water
        self::assertEqualsWithDelta(3 / 24, Sorption::left(100.0, 24.0, 0.79), 1e-12);
        self::assertSame(0.0, Sorption::left(100.0, 20.0, 0.79), 'less than its dry matter: nothing is left');
        self::assertSame(1.0, Sorption::left(0.0, 24.0, 0.79));
    }

    /** @return iterable<string, array{string, float, string}> plant, grams it weighed fresh for 24 g now, severity */
    public static function weighings(): iterable
    {
        yield 'mint from 110 g: nearly nothing left' => ['mint-fresh', 110.0, ''];
        yield 'mint from 100 g: an eighth is water' => ['mint-fresh', 100.0, 'mind'];
        yield 'mint from 96 g: a sixth' => ['mint-fresh', 96.0, 'stop'];
        yield 'garlic from 40 g: a third' => ['garlic-fresh', 40.0, 'stop'];
    }

    #[DataProvider('weighings')]
    public function test_the_same_by_the_jar_the_part_and_the_formula(string $plant, float $fresh, string $says): void
    {
        $line = ['ingredient' => $plant, 'amount' => '24 g', 'fresh_g' => $fresh];
        $plan = InfusionPlanDocument::read([
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Jar', 'method' => 'cold_dark',
            'plants' => [[...$line, 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '300 g']],
        ]);
        $codes = [];
        foreach (InfusionRules::examine(Infusion::of($plan, self::catalogue(), new Tools)) as $finding) {
            $codes[$finding->code] = $finding->severity->value;
        }
        self::assertSame($says, $codes['plant.not_dry'] ?? '', 'the jar');
        $infusion = Infusion::of($plan, self::catalogue(), new Tools);
        self::assertSame($says === 'stop', $infusion->keepsDays() === null, 'what is wet has no date');
        self::assertSame($plan->plants[0]->freshGrams, InfusionPlanDocument::read(
            InfusionPlanDocument::write($plan),
        )->plants[0]->freshGrams);

        $old = self::evaluate(self::document([
            ['olive-oil', '300 g', 'oil'],
            [$plant, '24 g', 'infusion', ['prepared' => 'dried', 'fresh_g' => $fresh]],
        ], ['family' => 'infused_oil', 'batch' => null]));
        self::assertSame($says, self::finding($old, 'plant.not_dry')?->severity->value ?? '', 'the line');

        $part = self::evaluate([
            'format' => 'ilvane.formula/1', 'name' => 'Oil', 'family' => 'hair_oil',
            'parts' => [['key' => 'herb', 'name' => 'Herb oil', 'makes' => 'infused_oil', 'lines' => [
                [...$line, 'prepared' => 'dried'], ['ingredient' => 'olive-oil', 'amount' => '300 g'],
            ]]],
            'lines' => [['part' => 'herb']],
        ]);
        self::assertSame($says, self::finding($part, 'plant.not_dry')?->severity->value ?? '', 'the part');
        self::assertSame($says !== 'stop', $part->isDated(), 'no date over what is wet');
    }

    public function test_wet_garlic_under_oil_is_named_with_its_danger_by_every_door(): void
    {
        foreach (['garlic-fresh', 'rosemary-fresh', 'carrot-fresh'] as $plant) {
            $jar = InfusionRules::examine(Infusion::of(InfusionPlanDocument::read([
                'format' => 'ilvane.infusion-plan/1', 'name' => 'Jar', 'method' => 'cold_dark',
                'plants' => [['ingredient' => $plant, 'amount' => '40 g', 'form' => 'fresh_wilted']],
                'oils' => [['ingredient' => 'olive-oil', 'amount' => '200 g']],
            ]), self::catalogue(), new Tools));
            self::assertContains('plant.low_acid_in_oil', array_column($jar, 'code'));
            $formula = self::evaluate(self::document([
                ['olive-oil', '200 g', 'oil'],
                [$plant, '40 g', 'infusion', ['prepared' => 'wilted']],
            ], ['family' => 'infused_oil', 'batch' => null]));
            self::assertContains('plant.low_acid_in_oil', $formula->codes());
            self::assertCount(1, array_filter(
                $formula->stops(),
                static fn ($finding): bool => str_starts_with($finding->code, 'plant.'),
            ), 'one cause, counted once');
        }
        $dry = InfusionRules::examine(Infusion::of(InfusionPlanDocument::read([
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Jar', 'method' => 'cook_out',
            'plants' => [['ingredient' => 'garlic-fresh', 'amount' => '40 g', 'form' => 'fresh_wet']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '200 g']],
        ]), self::catalogue(), new Tools));
        self::assertNotContains('plant.low_acid_in_oil', array_column($dry, 'code'), 'its water is cooked out');
    }

    /** @return iterable<string, array{float, string|null}> °C, finding */
    public static function pots(): iterable
    {
        yield 'at 105 °C' => [105.0, null];
        yield 'at 100 °C' => [100.0, null];
        yield 'just below' => [99.9, 'infusion.not_cooked_out'];
        yield 'warm' => [60.0, 'infusion.not_cooked_out'];
    }

    #[DataProvider('pots')]
    public function test_a_wet_plant_is_cooked_out_only_where_water_leaves(float $celsius, ?string $code): void
    {
        $infusion = Infusion::of(InfusionPlanDocument::read([
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Pot', 'method' => 'cook_out', 'temperature_c' => $celsius,
            'plants' => [['ingredient' => 'hibiscus-flowers-fresh', 'amount' => '40 g', 'form' => 'fresh_wet']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '200 g']],
        ]), self::catalogue(), new Tools);
        $codes = array_column(InfusionRules::examine($infusion), 'code');
        self::assertSame($code !== null, in_array('infusion.not_cooked_out', $codes, true));
        self::assertSame($code !== null, $infusion->keepsDays() === null, 'no date over water in oil');
    }
}
