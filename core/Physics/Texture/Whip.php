<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Texture;

use Ilvane\Core\Material\Container;
use Ilvane\Core\Measure\Band;

/**
 * Air beaten into a butter. Overrun = air over what was there before, by volume: (V_after · ρ_before / m − 1) · 100 %,
 * the
 * usual definition for whipped fats and ice cream.
 */
final readonly class Whip
{
    /** What hand mixers give a butter at the right firmness, as a fraction. Common practice, from memory. */
    private const USUAL = [0.4, 0.7, 1.0];

    public static function usualOverrun(): Band
    {
        return Band::of(...self::USUAL);
    }

    /**
     * From one cup filled level before and after whipping, grams net: the same volume, so the ratio of the weights.
     *
     * @return float fraction; 0.8 for 80 %
     */
    public static function overrun(float $cupBefore, float $cupAfter): float
    {
        return $cupAfter <= 0.0 ? 0.0 : max(0.0, $cupBefore / $cupAfter - 1);
    }

    /** Millilitres of it once whipped. */
    public static function volume(float $grams, float $density, Band $overrun): Band
    {
        return Band::of(1 + $overrun->low, 1 + $overrun->likely, 1 + $overrun->high)->times($grams / $density);
    }

    /** Containers needed so that the most it may become still fits, what stays in the bowl taken off. */
    public static function containers(Band $ml, Container $container, float $loss): int
    {
        return (int) max(1, ceil($ml->high * (1 - $loss) / $container->fillMl() - 1e-9));
    }
}
