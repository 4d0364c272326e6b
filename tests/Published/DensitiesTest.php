<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class DensitiesTest extends CoreCase
{
    /** Codex relative densities are against water at 20 °C; IAPWS-95 density of that water, g/mL. */
    private const WATER_20C = 0.998207;

    /**
     * Codex Alimentarius CXS 210-1999 (as amended) and CXS 33-1981, tables of chemical and physical characteristics:
     * relative density, x °C / water at 20 °C. Recalled, not read; rows about which the memory is sure or fairly sure.
     * An oil at x below or above 20 °C differs by about 0.0007 g/mL a degree (common practice), allowed for here.
     */
    #[DataProvider('codex')]
    public function test_oils_lie_within_the_codex_range(string $key, float $low, float $high, float $celsius): void
    {
        $warmer = 0.0007 * ($celsius - 20);
        $density = self::catalogue()->get($key)->bulk->density;
        self::assertGreaterThanOrEqual($low * self::WATER_20C - 0.0005, $density);
        self::assertLessThanOrEqual($high * self::WATER_20C + $warmer + 0.0005, $density);
    }

    public static function codex(): iterable
    {
        yield 'grapeseed' => ['grapeseed-oil', 0.920, 0.926, 20];
        yield 'sunflower' => ['sunflower-oil', 0.918, 0.923, 20];
        yield 'sunflower, high oleic' => ['sunflower-oil-high-oleic', 0.909, 0.915, 25];
        yield 'sesame' => ['sesame-oil', 0.915, 0.924, 20];
        yield 'mustard' => ['mustard-oil', 0.910, 0.921, 20];
        yield 'rice bran' => ['rice-bran-oil', 0.910, 0.929, 20];
        yield 'safflower' => ['safflower-oil', 0.922, 0.927, 20];
        yield 'safflower, high oleic' => ['safflower-oil-high-oleic', 0.913, 0.919, 20];
        yield 'soya bean' => ['soybean-oil', 0.919, 0.925, 20];
        yield 'olive (CXS 33)' => ['olive-oil', 0.910, 0.916, 20];
        yield 'coconut, 40 °C' => ['coconut-oil', 0.908, 0.921, 40];
        yield 'babassu, 25 °C' => ['babassu-oil', 0.914, 0.917, 25];
    }

    /**
     * Bosart & Snoddy 1928, Ind. Eng. Chem. 20:1377: glycerol 1.2611 g/mL at 20 °C; ours is to three digits. IAPWS-95:
     * water.
     */
    public function test_glycerin_and_water(): void
    {
        self::assertEqualsWithDelta(1.2611, self::catalogue()->get('glycerin')->bulk->density, 0.0015);
        self::assertEqualsWithDelta(self::WATER_20C, self::catalogue()->get('distilled-water')->bulk->density, 0.0005);
    }

    /**
     * USDA National Nutrient Database for Standard Reference (SR28 / SR Legacy), household weights per US cup,
     * recalled.
     * What we make of a cup has to hold the published weight in its band.
     */
    #[DataProvider('cups')]
    public function test_a_cup_holds_what_the_food_tables_say(string $key, float $grams, Unit $unit = Unit::Cup): void
    {
        $ours = (new Tools)->grams(Band::exact(1.0), $unit, self::catalogue()->get($key)->bulk);
        self::assertNotNull($ours);
        self::assertGreaterThanOrEqual($ours->low, $grams, "$key: $grams g is less than our low");
        self::assertLessThanOrEqual($ours->high, $grams, "$key: $grams g is more than our high");
    }

    public static function cups(): iterable
    {
        yield 'coconut oil, NDB 04047' => ['coconut-oil', 218];
        yield 'olive oil, NDB 04053' => ['olive-oil', 216];
        yield 'sesame oil, NDB 04058' => ['sesame-oil', 218];
        yield 'sunflower oil, NDB 04506' => ['sunflower-oil', 218];
        yield 'honey, NDB 19296' => ['honey', 339];
        yield 'water, NDB 14411' => ['distilled-water', 237];
        yield 'coconut milk, raw, NDB 12117' => ['coconut-milk-fresh', 240];
        yield 'flaxseed, whole, NDB 12220' => ['flax-seed', 168];
        yield 'cider vinegar, NDB 02048' => ['apple-cider-vinegar', 239];
        yield 'olive oil by the tablespoon' => ['olive-oil', 13.5, Unit::Tablespoon];
        yield 'fenugreek seed by the tablespoon, NDB 02019' => ['fenugreek-seed', 11.1, Unit::Tablespoon];
        yield 'cayenne by the teaspoon, NDB 02031' => ['cayenne-powder', 1.8, Unit::Teaspoon];
        yield 'rosemary, dried, by the teaspoon, NDB 02036' => ['rosemary-dried', 1.2, Unit::Teaspoon];
    }

    /** USP and GNU units convention of 20 drops to the millilitre; Ph. Eur. 2.1.1 standard dropper, recalled. */
    public function test_twenty_drops_of_water_are_about_a_gram(): void
    {
        $grams = (new Tools)->grams(Band::exact(20.0), Unit::Drop, self::catalogue()->get('distilled-water')->bulk);
        self::assertEqualsWithDelta(1.0, $grams?->likely, 0.05);
    }
}
