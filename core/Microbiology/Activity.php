<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

/**
 * What a preserving substance does and where it goes: data/preservative_activity.csv. Working figures, fitted so that
 * known systems come out as the trade has them; they rank formulas and are no challenge test.
 */
final readonly class Activity
{
    /**
     * @param  float|null  $pKa  of what works undissociated only; null where all of it does
     * @param  float  $oil  partition between triglyceride and water
     * @param  float  $micelle  mL bound by a gram of micelle-forming surfactant
     * @param  float|null  $mostFree  ppm that dissolve in water at all; null where no limit matters
     * @param  array<string, float>  $needs  ppm free that alone just meet the need, by organism
     * @param  bool  $isBoosted  a booster helps it
     * @param  float  $boost  how much it adds to what is boosted, from $boostFullAt ppm free
     * @param  float  $chelation  how much it adds against gram-negatives, from $chelationFullAt percent of the product
     */
    public function __construct(
        public string $inci,
        public ?float $pKa,
        public float $oil,
        public float $micelle,
        public ?float $mostFree,
        public array $needs,
        public bool $isBoosted,
        public float $boost,
        public float $boostFullAt,
        public float $chelation,
        public float $chelationFullAt,
    ) {
    }

    /** Fraction that isn't dissociated; 1 for what is no acid. */
    public function undissociated(float $ph): float
    {
        return $this->pKa === null ? 1.0 : 1 / (1 + 10 ** ($ph - $this->pKa));
    }
}
