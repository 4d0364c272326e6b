<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Formula\Composition;

/**
 * Water activity of the watery part, by Norrish (1966): ln aw = ln x_w − K·x_s², with K by Chirife and others (1980,
 * recalled): glycerol 1.16, the sugars of honey 2.25. Physical to about ±0.01 up to 60 % glycerol, worse above; salts,
 * gums and plants are left out. A screen, no measurement.
 */
final class WaterActivity
{
    private const WATER = 18.015;

    /** Substance => [molar mass, K]; propanediol on the older scale, where sources differ. */
    private const SOLUTES = [
        'Glycerin' => [92.094, 1.16],
        'Propanediol' => [76.095, 1.0],
        'Fructose and Glucose' => [180.156, 2.25],
    ];

    /** Nothing grows below this. Textbook, from memory. */
    public const NOTHING_GROWS = 0.60;

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
        $moles = [];
        foreach ($composition->known() as $line) {
            foreach (array_intersect_key($line->ingredient->contents ?? [], self::SOLUTES) as $substance => $share) {
                [$mass, $k] = self::SOLUTES[$substance];
                $moles[] = [($line->share->likely ?? 0.0) * $share / $mass, $k];
            }
        }
        $all = $water + array_sum(array_column($moles, 0));
        // mixed solutes: the Ks weighed by the mole fractions squared root (Chirife and others)
        $root = array_sum(array_map(static fn (array $solute): float => sqrt($solute[1]) * $solute[0] / $all, $moles));

        return $water / $all * exp(-$root * $root);
    }
}
