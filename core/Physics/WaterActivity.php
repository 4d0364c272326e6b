<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Measure\Polyline;

/**
 * Water activity of the watery part, by Norrish (1966): ln aw = ln x_w − K·x_s², with K by Chirife and others (1980,
 * recalled): glycerol 1.16, the sugars of honey 2.25. Physical to about ±0.01 up to 60 % glycerol; above that, of
 * glycerol and water alone, the humidity table of the glycerin makers (recalled). Salts, gums and plants are left
 * out. A screen, no measurement.
 */
final class WaterActivity
{
    private const WATER = 18.015;

    /** Substance => [molar mass, K]; propanediol on the older scale, where sources differ. */
    private const SOLUTES = [
        'Glycerin' => [92.094, 1.16],
        'Propanediol' => [76.095, 1.0],
        'Sorbitol' => [182.17, 1.65],
        'Fructose and Glucose' => [180.156, 2.25],
    ];

    /** Nothing grows below this. Textbook, from memory. */
    public const NOTHING_GROWS = 0.62;

    /** Below this only sugar-loving yeasts and a few moulds do. Textbook, from memory. */
    public const LITTLE_GROWS = 0.75;

    private const GLYCERIN = 'Glycerin';

    /** From this share of glycerin on, its table. */
    private const TABLE_FROM = 0.60;

    /** Glycerin in water: perishable below the first, kept from the second on. Common practice, recalled. */
    private const GLYCERIN_KEEPS = [0.50, 0.65];

    /** Of water with one solute, by weight. */
    public static function norrish(float $soluteShare, float $molarMass, float $k): float
    {
        $solute = $soluteShare / $molarMass;
        $x = $solute / ($solute + (1 - $soluteShare) / self::WATER);

        return (1 - $x) * exp(-$k * $x * $x);
    }

    /** null without water; 1 where nothing binds it */
    public static function of(Composition $composition): ?float
    {
        $water = $composition->waterShare() / self::WATER;
        if ($water <= 0) {
            return null;
        }
        $glycerin = self::glycerinAlone($composition);
        if ($glycerin !== null && $glycerin >= self::TABLE_FROM) {
            return self::fromTable($glycerin);
        }
        $moles = [];
        foreach (self::solutes($composition) as $substance => $share) {
            [$mass, $k] = self::SOLUTES[$substance];
            $moles[] = [$share / $mass, $k];
        }
        $all = $water + array_sum(array_column($moles, 0));
        // mixed solutes: the Ks weighed by the mole fractions squared root (Chirife and others)
        $root = array_sum(array_map(static fn (array $solute): float => sqrt($solute[1]) * $solute[0] / $all, $moles));

        return $water / $all * exp(-$root * $root);
    }

    /** Whether what water there is keeps by what binds it: keeps, barely or perishable; null without water. */
    public static function word(Composition $composition): ?string
    {
        $activity = self::of($composition);
        $glycerin = self::glycerinAlone($composition);
        if ($activity === null) {
            return null;
        }
        [$barely, $keeps] = $glycerin === null
            ? [self::LITTLE_GROWS, self::NOTHING_GROWS]
            : [-self::GLYCERIN_KEEPS[0], -self::GLYCERIN_KEEPS[1]];
        $is = $glycerin === null ? $activity : -$glycerin;

        return match (true) {
            $is <= $keeps => 'keeps',
            $is <= $barely => 'barely',
            default => 'perishable',
        };
    }

    /** @return array<string, float> share of the batch by substance */
    private static function solutes(Composition $composition): array
    {
        $shares = [];
        foreach ($composition->known() as $line) {
            foreach (array_intersect_key($line->ingredient->contents ?? [], self::SOLUTES) as $substance => $share) {
                $shares[$substance] = ($shares[$substance] ?? 0.0) + $line->part() * $share;
            }
        }

        return $shares;
    }

    /** Of glycerin and water alone, the share of glycerin; null where something else binds water too. */
    private static function glycerinAlone(Composition $composition): ?float
    {
        $solutes = self::solutes($composition);
        $glycerin = $solutes[self::GLYCERIN] ?? 0.0;

        return $glycerin > 0.0 && count(array_filter($solutes)) === 1
            ? $glycerin / ($glycerin + $composition->waterShare())
            : null;
    }

    private static function fromTable(float $glycerin): float
    {
        return Polyline::at(self::humidity(), $glycerin);
    }

    /** @return non-empty-list<array{float, float}> share of glycerin, humidity over it and water at 20 °C (recalled) */
    private static function humidity(): array
    {
        return [[self::TABLE_FROM, 0.76], [0.70, 0.66], [0.80, 0.52], [1.0, 0.0]];
    }
}
