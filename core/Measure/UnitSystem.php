<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * Which spoon, cup, ounce and pint a bare English word means.
 *
 * Volumes in mL. US customary: NIST Handbook 44, Appendix C. Imperial: Weights and Measures Act 1985 (UK),
 * Schedule 1. Metric kitchen: 15 / 5 / 250 mL, common practice. Australian: AS 1325-1972.
 */
enum UnitSystem: string
{
    case UsCustomary = 'us';
    case Imperial = 'imperial';
    case MetricKitchen = 'metric';
    case Australian = 'australian';

    private const US_GALLON_ML = 3785.411784;

    private const IMPERIAL_GALLON_ML = 4546.09;

    public function tablespoonMl(): float
    {
        return match ($this) {
            self::UsCustomary => self::US_GALLON_ML / 256,
            self::Imperial, self::MetricKitchen => 15.0,
            self::Australian => 20.0,
        };
    }

    public function teaspoonMl(): float
    {
        return $this === self::UsCustomary ? self::US_GALLON_ML / 768 : 5.0;
    }

    public function cupMl(): float
    {
        return match ($this) {
            self::UsCustomary => self::US_GALLON_ML / 16,
            self::Imperial => self::IMPERIAL_GALLON_ML / 16,
            self::MetricKitchen, self::Australian => 250.0,
        };
    }

    public function fluidOunceMl(): float
    {
        return $this === self::Imperial ? self::IMPERIAL_GALLON_ML / 160 : self::US_GALLON_ML / 128;
    }

    public function pintMl(): float
    {
        return ($this === self::Imperial ? self::IMPERIAL_GALLON_ML : self::US_GALLON_ML) / 8;
    }
}
