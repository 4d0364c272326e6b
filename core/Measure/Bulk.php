<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * How a material fills a measure: density in g/mL of the liquid or molten material, spoon density in g/mL as scooped
 * or loosely filled, and the relative error of such a scoop (0.25 is plus or minus 25 %).
 */
final readonly class Bulk
{
    public function __construct(
        public ?float $density,
        public ?float $spoonDensity,
        public float $spoonError,
    ) {
    }
}
