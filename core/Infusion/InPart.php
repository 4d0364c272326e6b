<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Band;

/** A plant or an oil in the jar, weighed. */
final readonly class InPart
{
    public function __construct(
        public Material $ingredient,
        public Band $grams,
        public ?PlantForm $form = null,
    ) {
    }

    /** Water in so much of the plant, grams; what wilting has already driven out is about half. Common practice. */
    public function waterGrams(): float
    {
        $water = $this->ingredient->waterFraction ?? 0.0;

        return $this->grams->likely * match ($this->form) {
            PlantForm::FreshWet => $water,
            PlantForm::FreshWilted => $water / 2,
            default => 0.0,
        };
    }

    /** What of the plant is left once its water is out, grams: that alone holds oil back. */
    public function dryGrams(): float
    {
        return max(0.0, $this->grams->likely - $this->waterGrams());
    }

    public function solidMl(): float
    {
        $water = $this->waterGrams();

        return $water + ($this->grams->likely - $water) / JarRoom::PLANT_DENSITY;
    }

    /** Where no spoon density is known, the plant itself. */
    public function settledMl(): float
    {
        $loose = $this->ingredient->bulk->spoonDensity;

        return $loose === null ? $this->solidMl() : JarRoom::SETTLES_TO * $this->grams->likely / $loose;
    }

    /** Oils of unknown density count as olive oil does. */
    public function oilMl(float $grams): float
    {
        return $grams / ($this->ingredient->bulk->density ?? 0.915);
    }
}
