<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Bulk;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnitSystem;
use PHPUnit\Framework\TestCase;

final class ToolsTest extends TestCase
{
    private const OIL = 0.92;

    public function test_a_weighed_amount_is_what_it_says_whatever_the_scale(): void
    {
        $grams = (new Tools(scaleResolutionG: 1.0))->grams(Band::exact(12.0), Unit::Gram, new Bulk(null, null, 0.0));
        self::assertEquals(Band::exact(12.0), $grams);
    }

    public function test_a_spoon_is_six_percent_wide_a_cup_four_a_cylinder_one(): void
    {
        $tools = new Tools(UnitSystem::MetricKitchen);
        $oil = new Bulk(self::OIL, null, 0.06);
        foreach ([
            [Unit::Tablespoon, 15, 0.06],
            [Unit::Cup, 250, 0.04],
            [Unit::Millilitre, 1, 0.01],
        ] as [$unit, $ml, $error]) {
            $grams = $tools->grams(Band::exact(1.0), $unit, $oil);
            self::assertEqualsWithDelta($ml * self::OIL, $grams?->likely, 1e-9);
            self::assertEqualsWithDelta($error, $grams?->relativeError(), 1e-9);
        }
    }

    public function test_a_scooped_powder_goes_by_its_spoon_density_and_its_own_error(): void
    {
        $grams = (new Tools(UnitSystem::MetricKitchen))->grams(
            Band::exact(2.0),
            Unit::Teaspoon,
            new Bulk(null, 0.45, 0.25),
        );
        self::assertEqualsWithDelta(4.5, $grams?->likely, 1e-9);
        self::assertEqualsWithDelta(0.25, $grams?->relativeError(), 1e-9);
    }

    public function test_drops_are_as_wide_as_droppers_differ(): void
    {
        $grams = (new Tools)->grams(Band::of(10, 11, 12), Unit::Drop, new Bulk(0.9, null, 0.3));
        self::assertEqualsWithDelta(10 * 0.03 * 0.9, $grams?->low, 1e-9);
        self::assertEqualsWithDelta(11 * 0.05 * 0.9, $grams?->likely, 1e-9);
        self::assertEqualsWithDelta(12 * 0.0625 * 0.9, $grams?->high, 1e-9);
    }

    public function test_without_any_density_a_spoon_tells_nothing(): void
    {
        self::assertNull((new Tools)->grams(Band::exact(1.0), Unit::Teaspoon, new Bulk(null, null, 0.0)));
        self::assertNull((new Tools)->grams(Band::exact(3.0), Unit::Drop, new Bulk(null, null, 0.0)));
    }

    public function test_a_french_spoon_is_15_ml_whatever_the_setting(): void
    {
        foreach (UnitSystem::cases() as $system) {
            self::assertSame(15.0, Unit::MetricTablespoon->millilitres($system));
        }
        self::assertSame(20.0, Unit::Tablespoon->millilitres(UnitSystem::Australian));
    }
}
