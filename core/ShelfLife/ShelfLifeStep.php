<?php

declare(strict_types=1);

namespace Ilvane\Core\ShelfLife;

/** One reason the product may not be kept longer than so many days. */
final readonly class ShelfLifeStep
{
    /**
     * @param  string  $what  word key of the reason
     * @param  float  $days  from the day it is made
     * @param  string|null  $ingredient  catalogue key it speaks of
     * @param  string|null  $lot  code of the lot it speaks of
     */
    public function __construct(
        public string $what,
        public float $days,
        public ?string $ingredient = null,
        public ?string $lot = null,
    ) {
    }
}
