<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

/** Where a preservative's dose is: percent of the batch, counted as the acting form. */
final readonly class WhereItWent
{
    /**
     * @param  float  $free  free in the water, in the form that works
     * @param  float  $inOil  in oils, butters and waxes
     * @param  float  $bound  in micelles and on powder
     * @param  float  $dissociated  in the water, as a salt that doesn't work
     * @param  float|null  $undissociated  share of the acids in the water that is whole; null where it holds none
     */
    public function __construct(
        public float $total,
        public float $free,
        public float $inOil,
        public float $bound,
        public float $dissociated,
        public ?float $undissociated,
    ) {
    }
}
