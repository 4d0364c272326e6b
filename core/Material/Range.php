<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** The usual dose of an ingredient, percent of the finished batch. */
final readonly class Range
{
    public function __construct(
        public float $min,
        public float $typical,
        public float $max,
    ) {
    }
}
