<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

use Ilvane\Core\Measure\Band;

/**
 * One way of making a plant water, gel, juice or milk: figures from data/preparations.csv (common practice; the short
 * end of what makers say about keeping).
 */
final readonly class PreparationMethod
{
    /** A yield of the table is off by so much either way: from memory. */
    private const YIELD_ERROR = 0.15;

    /**
     * @param  string  $kind  tea, decoction, mucilage, gel, juice, milk, rice_water, hydrosol, puree
     * @param  string  $ingredient  what it is once made, catalogue key
     * @param  list<string>  $plants  catalogue keys it is usually made of; empty for what the catalogue has no plant of
     * @param  float|null  $ratio  grams of plant to a gram of water; null where no water goes in
     * @param  float  $yield  grams out for a gram of water, or of plant where no water goes in
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $ingredient,
        public array $plants,
        public ?float $ratio,
        public float $minutesLow,
        public float $minutesHigh,
        public float $celsius,
        public float $yield,
        public float $counterHours,
        public float $fridgeDays,
        public float $freezerDays,
        public ?float $ph,
        public string $source,
        public ?Bioburden $bioburden = null,
    ) {
    }

    public function usualYield(): Band
    {
        return Band::around($this->yield, self::YIELD_ERROR);
    }

    /** What it becomes says nothing of its plant. */
    public function isNamedByItsPlant(): bool
    {
        return str_ends_with($this->ingredient, '-generic');
    }

    /** Hot enough to scald. */
    public function isHot(): bool
    {
        return $this->celsius >= 60.0;
    }
}
