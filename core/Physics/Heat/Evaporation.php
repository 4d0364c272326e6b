<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

/**
 * Water lost from an open surface: w = A (p_w − p_a)(0.089 + 0.0782 V) / Y, kg/s with m², kPa, m/s and kJ/kg (ASHRAE
 * Handbook, HVAC
 * Applications, natatoriums, after Carrier 1918). Made for pools; over a hot pan it is used far above its range, give
 * or take
 * a half.
 */
final class Evaporation
{
    /** Air over a pan in a kitchen, m/s. A guess. */
    public const KITCHEN_AIR = 0.1;

    /** Damp of kitchen air. A guess. */
    private const KITCHEN_DAMP = 0.5;

    /** What a lid or foil lets through, between 0.05 and 0.1. Common practice. */
    public const UNDER_LID = 0.08;

    /**
     * Grams a second.
     *
     * @param  float  $surface  m²
     * @param  float  $celsius  of the water
     * @param  float  $room  of the air, °C
     */
    public static function rate(
        float $surface,
        float $celsius,
        float $room,
        bool $isCovered,
        float $air = self::KITCHEN_AIR,
    ): float {
        $pull = Steam::pressure($celsius) - self::KITCHEN_DAMP * Steam::pressure($room);

        return $pull <= 0
            ? 0.0
            : 1000 * $surface * $pull * (0.089 + 0.0782 * $air) / Steam::latent($celsius)
                * ($isCovered ? self::UNDER_LID : 1.0);
    }
}
