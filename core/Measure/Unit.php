<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** A unit a maker writes. Metric spoons and cup are the ones French kitchen words mean, whatever the setting. */
enum Unit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Milligram = 'mg';
    case Ounce = 'oz';
    case Pound = 'lb';
    case Millilitre = 'ml';
    case Centilitre = 'cl';
    case Decilitre = 'dl';
    case Litre = 'l';
    case Teaspoon = 'tsp';
    case Tablespoon = 'tbsp';
    case Cup = 'cup';
    case FluidOunce = 'fl oz';
    case Pint = 'pint';
    case Quart = 'quart';
    case MetricTeaspoon = 'c. à c.';
    case MetricTablespoon = 'c. à s.';
    case MetricCup = 'tasse';
    case Drop = 'drop';

    /** Avoirdupois, exact: NIST Handbook 44, Appendix C. */
    private const GRAMS_PER_POUND = 453.59237;

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Gram, self::Kilogram, self::Milligram, self::Ounce, self::Pound => Dimension::Mass,
            self::Drop => Dimension::Drops,
            default => Dimension::Volume,
        };
    }

    /** Grams in one of this unit; null for anything that is not a mass. */
    public function grams(): ?float
    {
        return match ($this) {
            self::Gram => 1.0,
            self::Kilogram => 1000.0,
            self::Milligram => 0.001,
            self::Ounce => self::GRAMS_PER_POUND / 16,
            self::Pound => self::GRAMS_PER_POUND,
            default => null,
        };
    }

    /** Millilitres in one of this unit; null for masses and drops. */
    public function millilitres(UnitSystem $system): ?float
    {
        return match ($this) {
            self::Millilitre => 1.0,
            self::Centilitre => 10.0,
            self::Decilitre => 100.0,
            self::Litre => 1000.0,
            self::Teaspoon => $system->teaspoonMl(),
            self::Tablespoon => $system->tablespoonMl(),
            self::Cup => $system->cupMl(),
            self::FluidOunce => $system->fluidOunceMl(),
            self::Pint => $system->pintMl(),
            self::Quart => 2 * $system->pintMl(),
            self::MetricTeaspoon => 5.0,
            self::MetricTablespoon => 15.0,
            self::MetricCup => 250.0,
            default => null,
        };
    }

    /** Relative error of one filling by a household hand, for a liquid. Common practice. */
    public function fillingError(): float
    {
        return match ($this) {
            self::Millilitre, self::Centilitre, self::Decilitre, self::Litre => 0.01,
            self::Cup, self::MetricCup, self::Pint, self::Quart, self::FluidOunce => 0.04,
            self::Teaspoon, self::Tablespoon, self::MetricTeaspoon, self::MetricTablespoon => 0.06,
            default => 0.0,
        };
    }

    /** Scooped rather than poured: a solid is then measured by its loose spoon density. */
    public function isScooped(): bool
    {
        return match ($this) {
            self::Teaspoon,
            self::Tablespoon,
            self::Cup,
            self::MetricTeaspoon,
            self::MetricTablespoon,
            self::MetricCup => true,
            default => false,
        };
    }
}
