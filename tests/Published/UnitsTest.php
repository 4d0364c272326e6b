<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kitchen and trade units against their definitions, and against GNU units where it is installed. */
final class UnitsTest extends TestCase
{
    private const RELATIVE = 1e-9;

    /**
     * Definitions: NIST Handbook 44 App. C and SP 811 App. B.8 (US); Weights and Measures Act 1985 Sch. 1 (imperial);
     * AS 1325-1972 (Australia).
     */
    #[DataProvider('volumes')]
    public function test_volumes_are_their_definitions(Unit $unit, UnitSystem $system, float $ml): void
    {
        self::assertEqualsWithDelta($ml, $unit->millilitres($system), self::RELATIVE * $ml);
    }

    public static function volumes(): iterable
    {
        $us = UnitSystem::UsCustomary;
        $uk = UnitSystem::Imperial;
        $au = UnitSystem::Australian;
        yield 'US teaspoon' => [Unit::Teaspoon, $us, 4.92892159375];
        yield 'US tablespoon' => [Unit::Tablespoon, $us, 14.78676478125];
        yield 'US fluid ounce' => [Unit::FluidOunce, $us, 29.5735295625];
        yield 'US cup' => [Unit::Cup, $us, 236.5882365];
        yield 'US liquid pint' => [Unit::Pint, $us, 473.176473];
        yield 'US liquid quart' => [Unit::Quart, $us, 946.352946];
        yield 'imperial fluid ounce' => [Unit::FluidOunce, $uk, 28.4130625];
        yield 'imperial half-pint cup' => [Unit::Cup, $uk, 284.130625];
        yield 'imperial pint' => [Unit::Pint, $uk, 568.26125];
        yield 'British tablespoon' => [Unit::Tablespoon, $uk, 15.0];
        yield 'Australian tablespoon' => [Unit::Tablespoon, $au, 20.0];
        yield 'metric cup' => [Unit::Cup, $au, 250.0];
        yield 'metric teaspoon' => [Unit::Teaspoon, $au, 5.0];
    }

    /** Avoirdupois: NIST Handbook 44 App. C; 1959 definition of the pound. */
    public function test_masses_are_their_definitions(): void
    {
        self::assertEqualsWithDelta(28.349523125, Unit::Ounce->grams(), 1e-12);
        self::assertEqualsWithDelta(453.59237, Unit::Pound->grams(), 1e-12);
        self::assertSame([1000.0, 0.001], [Unit::Kilogram->grams(), Unit::Milligram->grams()]);
    }

    /** An independent program: GNU units (Debian package units). */
    public function test_gnu_units_agrees(): void
    {
        exec('command -v units', $found, $missing);
        if ($missing !== 0) {
            self::markTestSkipped(
                'LOUD: GNU units is not installed; install the Debian package "units" for this check.',
            );
        }
        $ask = [
            ['usteaspoon', Unit::Teaspoon->millilitres(UnitSystem::UsCustomary)],
            ['ustablespoon', Unit::Tablespoon->millilitres(UnitSystem::UsCustomary)],
            ['uscup', Unit::Cup->millilitres(UnitSystem::UsCustomary)],
            ['usfloz', Unit::FluidOunce->millilitres(UnitSystem::UsCustomary)],
            ['brfloz', Unit::FluidOunce->millilitres(UnitSystem::Imperial)],
            ['brcup', Unit::Cup->millilitres(UnitSystem::Imperial)],
            ['austbsp', Unit::Tablespoon->millilitres(UnitSystem::Australian)],
            ['metriccup', Unit::Cup->millilitres(UnitSystem::MetricKitchen)],
        ];
        foreach ($ask as [$name, $ours]) {
            $theirs = (float) shell_exec('units -t -o "%.15g" '.escapeshellarg($name).' mL');
            self::assertEqualsWithDelta($theirs, $ours, self::RELATIVE * $theirs, $name);
        }
        foreach (['ounce' => Unit::Ounce->grams(), 'pound' => Unit::Pound->grams()] as $name => $ours) {
            $theirs = (float) shell_exec("units -t -o '%.15g' $name g");
            self::assertEqualsWithDelta($theirs, $ours, self::RELATIVE * $theirs, $name);
        }
    }
}
