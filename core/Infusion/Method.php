<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/** The schools of infusing. Temperatures and times where nothing is said: common practice. */
enum Method: string
{
    case ColdDark = 'cold_dark';
    case SunnySill = 'sunny_sill';
    case WarmBath = 'warm_bath';
    case LowOven = 'low_oven';
    case CookOut = 'cook_out';

    public function isHeated(): bool
    {
        return $this !== self::ColdDark && $this !== self::SunnySill;
    }

    public function usualCelsius(): float
    {
        return match ($this) {
            self::ColdDark => 20.0,
            self::SunnySill => 25.0,
            self::WarmBath => 95.0,
            self::LowOven => 60.0,
            self::CookOut => 105.0,
        };
    }

    /** How long it usually stands, days. */
    public function usualDays(): float
    {
        return match ($this) {
            self::ColdDark, self::SunnySill => 21.0,
            self::WarmBath => 45 / Extraction::MINUTES_PER_DAY,
            self::LowOven => 480 / Extraction::MINUTES_PER_DAY,
            self::CookOut => 60 / Extraction::MINUTES_PER_DAY,
        };
    }

    /**
     * Ready when so much of what the oil could hold is in it: three weeks of a shaken jar, or what a bath of three
     * quarters of an hour draws, a milder oil. Common practice.
     */
    public function readyAt(): float
    {
        return $this->isHeated() ? 0.5 : 0.895;
    }

    /** Light breaks down what is delicate as heat does. Common practice, a guess. */
    public function decayFactor(): float
    {
        return $this === self::SunnySill ? 2.0 : 1.0;
    }

    /** What light on the jar leaves of the oil's own life. Common practice, a guess. */
    public function keepingFactor(): float
    {
        return $this === self::SunnySill ? 0.6 : 1.0;
    }

    /** Hot enough that the water of a wet plant leaves, if given the time. */
    public function drivesWaterOut(): bool
    {
        return $this === self::CookOut;
    }
}
