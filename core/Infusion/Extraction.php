<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/**
 * How fast a plant gives itself to oil, in two stages: what lies open at cut and rubbed surfaces is washed off within
 * hours, the rest comes out of the cells by diffusion over weeks (So and Macdonald 1986, form recalled). Both first
 * order, quicker with warmth by Arrhenius. Heat takes the delicate part of it away again: dR/dt = −kd·R. The figures
 * are set so that common practice comes out. Per day, °C. From a cold room to a cook-out, 0 to 120 °C; outside it is a
 * guess.
 */
final class Extraction
{
    public const MINUTES_PER_DAY = 1440.0;

    /** Whole dried leaf, shaken every 2 to 3 days at 20 °C, has given 90 % after 21 days. Common practice. */
    private const GIVEN = 0.9;

    private const GIVEN_AFTER_DAYS = 21.0;

    private const AT_C = 20.0;

    /** Of what is washed off, so much a day at 20 °C: half of it in six hours. Fitted to baths of 30 to 45 minutes. */
    /**
     * Plants, their cut and jars differ: so many times quicker or slower than reckoned. Three weeks may be two or four.
     * Common practice.
     */
    public const PACE_OFF = 1.4;

    private const WASHING = 2.88;

    /** J/mol: solvent extraction of plants has 25,000 to 45,000. Textbook, recalled. */
    private const WASHING_ENERGY = 35_000.0;

    private const DIFFUSION_ENERGY = 45_000.0;

    private const GAS_CONSTANT = 8.314;

    private const KELVIN = 273.15;

    /** Half-life of the delicate and of the sturdy part at 60 °C, days. A guess both schools can live with. */
    private const DELICATE_HALF_LIFE = 1.0;

    private const STURDY_HALF_LIFE = 10.0;

    private const DECAY_AT_C = 60.0;

    /** Steeper than extraction, so that heat costs something. */
    private const DECAY_Q10 = 3.0;

    private const NEVER_SHAKEN = 0.7;

    private const SHAKEN_DAILY = 1.15;

    /** @return array{float, float} share of the way to rest, per day: of what is washed off, of what diffuses */
    public static function rates(float $celsius, PlantForm $form, float $shaking): array
    {
        $whole = PlantForm::DriedWhole->washed();
        $diffusing = -log((1 - self::GIVEN) / (1 - $whole)) / self::GIVEN_AFTER_DAYS;
        $pace = $form->pace() * $shaking;

        return [
            self::WASHING * self::quicker($celsius, self::WASHING_ENERGY) * $pace,
            $diffusing * self::quicker($celsius, self::DIFFUSION_ENERGY) * $pace,
        ];
    }

    /** How many times as fast as at 20 °C. */
    private static function quicker(float $celsius, float $energy): float
    {
        return exp($energy / self::GAS_CONSTANT
            * (1 / (self::AT_C + self::KELVIN) - 1 / ($celsius + self::KELVIN)));
    }

    /** @return float loss of the delicate part, per day */
    public static function decay(float $celsius, Method $method, bool $sturdy = false): float
    {
        $usual = M_LN2 / ($sturdy ? self::STURDY_HALF_LIFE : self::DELICATE_HALF_LIFE);

        return $usual * self::DECAY_Q10 ** (($celsius - self::DECAY_AT_C) / 10) * $method->decayFactor();
    }

    /**
     * What a rhythm of shaking does to the pace: daily 1.15, every two to three days 1, falling towards 0.7 for a jar
     * that stands.
     *
     * @param  float|null  $everyDays  null for never
     */
    public static function shaking(?float $everyDays): float
    {
        return match (true) {
            $everyDays === null || $everyDays <= 0 => self::NEVER_SHAKEN,
            $everyDays <= 1 => self::SHAKEN_DAILY,
            $everyDays <= 2 => self::SHAKEN_DAILY - (self::SHAKEN_DAILY - 1) * ($everyDays - 1),
            $everyDays <= 3 => 1.0,
            default => self::NEVER_SHAKEN + (1 - self::NEVER_SHAKEN) * 3 / $everyDays,
        };
    }
}
