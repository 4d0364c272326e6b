<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Sorption;

/** A plant or an oil in the jar, weighed. */
final readonly class InPart
{
    public function __construct(
        public Material $ingredient,
        public Band $grams,
        public ?PlantForm $form = null,
        public ?float $freshGrams = null,
    ) {
    }

    /** A wilted plant is 60 to 75 % water. Common practice. */
    private const WILTED = 0.68;

    /** Water in so much of the plant, grams: what a wet one brings, and what a dried one has kept too much of. */
    public function waterGrams(): float
    {
        $water = $this->ingredient->water();
        $left = $this->isWeighedWet() ? $this->waterLeft() ?? 0.0 : 0.0;

        return $this->grams->likely * match ($this->form) {
            PlantForm::FreshWet => $water,
            PlantForm::FreshWilted => min($water, self::WILTED),
            default => $left,
        };
    }

    /** Share of water in a plant that is said to be dry; null where nobody can tell. */
    public function waterLeft(): ?float
    {
        $isWet = $this->form === PlantForm::FreshWet || $this->form === PlantForm::FreshWilted;

        return $isWet || $this->form === null
            ? null
            : Sorption::waterIn($this->ingredient, $this->freshGrams, $this->grams->likely, true);
    }

    private function isWeighedWet(): bool
    {
        return $this->freshGrams !== null
            && Sorption::word($this->waterLeft() ?? 0.0, Sorption::fatIn($this->ingredient)) === 'wet';
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
