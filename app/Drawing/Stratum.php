<?php

declare(strict_types=1);

namespace App\Drawing;

/** One layer to draw: whose it is, of what material, how much of it, how deep its tint (0 to 1). */
final readonly class Stratum
{
    public function __construct(
        public string $key,
        public string $label,
        public string $figure,
        public string $material,
        public float $ml,
        public float $depth = 0.0,
    ) {
    }
}
