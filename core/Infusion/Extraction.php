<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/**
 * How fast a plant gives itself to oil, and how fast heat takes the delicate part of it away again. First order both:
 * dF/dt = k·(F_eq − F), dR/dt = −kd·R; k = k20·Q10^((T − 20)/10)·pace·shaking. Form of the law as for tea and coffee
 * (Spiro and Siddique 1981, from memory); the figures are set so that common practice comes out. Per day, °C.
 * Holds from a cold room to a cook-out, 0 to 120 °C; outside it is a guess.
 */
final class Extraction
{
    public const MINUTES_PER_DAY = 1440.0;

    /** Whole dried leaf, shaken every 2 to 3 days at 20 °C, has given 90 % after 21 days. Common practice. */
    private const GIVEN = 0.9;

    private const GIVEN_AFTER_DAYS = 21.0;

    private const AT_C = 20.0;

    public const Q10 = 2.5;

    /** Half-life of the delicate and of the sturdy part at 60 °C, days. A guess both schools can live with. */
    private const DELICATE_HALF_LIFE = 1.0;

    private const STURDY_HALF_LIFE = 10.0;

    private const DECAY_AT_C = 60.0;

    /** Steeper than extraction, so that heat costs something. */
    private const DECAY_Q10 = 3.0;

    private const NEVER_SHAKEN = 0.7;

    private const SHAKEN_DAILY = 1.15;

    /** @return float share of the way to equilibrium, per day */
    public static function rate(float $celsius, PlantForm $form, float $shaking): float
    {
        $usual = -log(1 - self::GIVEN) / self::GIVEN_AFTER_DAYS;

        return $usual * self::Q10 ** (($celsius - self::AT_C) / 10) * $form->pace() * $shaking;
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
