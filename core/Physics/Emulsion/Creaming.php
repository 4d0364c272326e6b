<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Emulsion;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;

/**
 * How soon the droplets of a thin emulsion have risen so far that a line shows: their size from a stick blender
 * (d32/D = 0.053 We^-0.6), their pace by Stokes, slowed by crowding (Richardson and Zaki, (1−φ)^4.65) and by what the
 * water is thickened with. Equations: textbook; figures recalled. An estimate within a factor of three.
 */
final readonly class Creaming
{
    /** Head of a stick blender, m, and its turns a second. Common practice. */
    private const HEAD = 0.035;

    private const TURNS = 200.0;

    /** mN/m between oil and water with an emulsifier between them. Textbook, recalled. */
    private const TENSION = 0.005;

    private const WATER_DENSITY = 1000.0;

    /** Of the oils together, where none is known; kg/m³. */
    private const OIL_DENSITY = 915.0;

    /** Pa·s of plain water. */
    private const VISCOSITY = 0.001;

    private const GRAVITY = 9.81;

    /** So much of a clear layer shows, m. Common practice. */
    private const SHOWS = 0.005;

    /** From here on it holds the droplets where they are: percent of gum, of fatty alcohol and wax. Common practice. */
    private const GUM = 0.10;

    private const NETWORK = 1.0;

    private const DAY = 86_400.0;

    /** Below this share of fat it is no emulsion; above it the droplets are packed and can't rise. */
    private const LEAST_FAT = 0.005;

    private const PACKED = 0.60;

    /** Mean droplet size d32 from a stick blender, m. */
    public static function droplet(float $head = self::HEAD, float $turns = self::TURNS): float
    {
        $weber = self::WATER_DENSITY * $turns ** 2 * $head ** 3 / self::TENSION;

        return 0.053 * $head * $weber ** -0.6;
    }

    /**
     * m/s a droplet rises.
     *
     * @param  float  $droplet  m across
     * @param  float  $lighter  kg/m³ less than the water
     * @param  float  $fat  share by volume
     */
    public static function pace(
        float $droplet,
        float $lighter,
        float $fat,
        float $viscosity = self::VISCOSITY,
    ): float {
        return $lighter * self::GRAVITY * $droplet ** 2 / (18 * $viscosity) * (1 - $fat) ** 4.65;
    }

    /** Days until a line shows; null where nothing rises: no thin emulsion, or something in it holds the droplets. */
    public static function days(Composition $composition, Emulsion $emulsion): ?float
    {
        $fat = $emulsion->fatShare->likely;
        if (
            $emulsion->emulsifiers === []
            || $emulsion->waterShare <= 0.0
            || $fat < self::LEAST_FAT
            || $fat > self::PACKED
            || self::isHeld($composition)
        ) {
            return null;
        }
        $density = 1000 * (Composition::densityOf($emulsion->fats) ?? self::OIL_DENSITY / 1000);
        $pace = self::pace(self::droplet(), max(1.0, self::WATER_DENSITY - $density), $fat);

        return self::SHOWS / $pace / self::DAY;
    }

    /** Gums, fatty alcohols, waxes and cationic blends build a network that the droplets can't pass. */
    private static function isHeld(Composition $composition): bool
    {
        $isNetwork = static fn (Material $material): bool => $material->kind === Kind::WaxOrFattyAlcohol
            || ($material->kind === Kind::Emulsifier
                && ($material->meltHigh !== null || $material->charge === Charge::Cationic));
        $isThick = static fn (Material $material): bool => $material->kind === Kind::PlantMilkOrFood
            || $material->kind === Kind::Butter;

        return self::percent($composition->ofKind(Kind::ThickenerGum)) >= self::GUM - 1e-9
            || self::percent($composition->linesWith($isNetwork)) >= self::NETWORK - 1e-9
            || $composition->linesWith($isThick) !== [];
    }

    /** @param  list<WeighedLine>  $lines */
    private static function percent(array $lines): float
    {
        return 100 * Composition::shareOfLines($lines)->likely;
    }
}
