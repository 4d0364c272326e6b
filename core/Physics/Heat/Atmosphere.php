<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

/**
 * The standard atmosphere (ICAO Doc 7488, ISO 2533): p = 101325 · (1 − 0.0065 h / 288.15)^5.255876 Pa, h in metres of
 * geopotential height, up to 11 km.
 */
final class Atmosphere
{
    private const SEA_LEVEL_KPA = 101.325;

    private const LAPSE = 0.0065 / 288.15;

    private const EXPONENT = 5.255876;

    /** kPa at a height in metres. */
    public static function pressure(float $metres): float
    {
        return self::SEA_LEVEL_KPA * (1 - self::LAPSE * min(11_000.0, $metres)) ** self::EXPONENT;
    }

    /** °C at which a bath of water boils there: it gets no hotter. */
    public static function boils(float $metres): float
    {
        return Steam::boils(self::pressure($metres));
    }
}
