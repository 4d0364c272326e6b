<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

/**
 * Water lost from an open pot in still air, by natural convection: damp air over hot water is lighter than the room's
 * and rises. Sherwood's number of a level surface, 0.54·Ra^¼ (0.15·Ra^⅓ above 10⁷; McAdams; Lloyd and Moran 1974,
 * recalled), with Stefan's flow, as the steam itself pushes outward. The rim of a half-full pot shelters the surface: a
 * factor, to be learned by weighing. Give or take a third.
 */
final class Evaporation
{
    /** Damp of kitchen air. A guess. */
    private const KITCHEN_DAMP = 0.5;

    /** What a lid or foil lets through, between 0.05 and 0.1. Common practice. */
    public const UNDER_LID = 0.08;

    /** Draughts, rims and stirring: so many times more or less. A guess, until a pot was weighed. */
    public const OFF = 1.5;

    /** What the rim of a pot leaves of it. A guess, 0.5 to 1. */
    public const SHELTERED = 0.7;

    private const PRESSURE_KPA = 101.325;

    /** Of the air's pressure: at boiling the pot gives what heat comes in, and no surface decides. */
    private const MOST_VAPOUR = 0.985;

    private const KELVIN = 273.15;

    private const ROOM_K = 293.15;

    /** Dry air: J/(kg K); what water vapour is lighter by; m²/s of air and of vapour in air at 20 °C. Textbook. */
    private const AIR_CONSTANT = 287.05;

    private const LIGHTER = 0.378;

    private const VISCOSITY = 1.516e-5;

    private const DIFFUSIVITY = 2.42e-5;

    private const GRAVITY = 9.81;

    private const WATER_KG_MOL = 0.018015;

    private const GAS_CONSTANT = 8.314;

    /**
     * Grams a second.
     *
     * @param  float  $surface  m²
     * @param  float  $celsius  of the water
     * @param  float  $room  of the air, °C
     * @param  float  $shelter  what the rim leaves of it: 1 where the pot is full to the brim
     */
    public static function rate(
        float $surface,
        float $celsius,
        float $room,
        bool $isCovered,
        float $shelter = self::SHELTERED,
    ): float {
        $over = min(self::MOST_VAPOUR * self::PRESSURE_KPA, Steam::pressure($celsius));
        $around = self::KITCHEN_DAMP * Steam::pressure($room);
        if ($over <= $around || $surface <= 0.0) {
            return 0.0;
        }
        [$hot, $cool] = [$celsius + self::KELVIN, $room + self::KELVIN];
        $film = ($hot + $cool) / 2;
        $length = sqrt($surface / M_PI) / 2; // area over perimeter
        $diffusivity = self::DIFFUSIVITY * ($film / self::ROOM_K) ** 1.81;
        $viscosity = self::VISCOSITY * ($film / self::ROOM_K) ** 1.75;
        [$light, $heavy] = [self::density($hot, $over), self::density($cool, $around)];
        $rayleigh = self::GRAVITY * max(0.0, $heavy - $light) / (($heavy + $light) / 2)
            * $length ** 3 / ($viscosity * $diffusivity);
        $sherwood = max(1.0, $rayleigh > 1e7 ? 0.15 * $rayleigh ** (1 / 3) : 0.54 * $rayleigh ** 0.25);
        $flux = $sherwood * $diffusivity / $length
            * self::PRESSURE_KPA * 1000 * self::WATER_KG_MOL / (self::GAS_CONSTANT * $film)
            * log((self::PRESSURE_KPA - $around) / (self::PRESSURE_KPA - $over));

        return 1000 * $surface * $flux * ($isCovered ? self::UNDER_LID : $shelter);
    }

    /** kg/m³ of air with so much vapour in it, kPa. */
    private static function density(float $kelvin, float $vapour): float
    {
        return 1000 * (self::PRESSURE_KPA - self::LIGHTER * $vapour) / (self::AIR_CONSTANT * $kelvin);
    }
}
