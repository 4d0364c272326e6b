<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/** A plant or an oil of a plan, as written. */
final readonly class PlanPart
{
    /**
     * @param  PlantForm|null  $form  of a plant; null for its usual form, and for oils
     * @param  float|null  $freshGrams  what a plant that was dried weighed when it was picked
     */
    public function __construct(
        public string $ingredient,
        public string $amount,
        public ?PlantForm $form = null,
        public ?float $freshGrams = null,
    ) {
    }
}
