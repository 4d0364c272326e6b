<?php

declare(strict_types=1);

namespace Ilvane\Core\Yield;

/** What came out against what went in, grams. Nothing is lost silently: the difference is kept as missing. */
final readonly class BatchYield
{
    /** As much more than went in as scales may differ by; beyond it the numbers are asked about. */
    private const SCALES_MAY_DIFFER = 0.02;

    public function __construct(
        public float $in,
        public float $filled,
    ) {
    }

    public function missing(): float
    {
        return $this->in - $this->filled;
    }

    /** Filled in percent of what went in; null when nothing went in. */
    public function percent(): ?float
    {
        return $this->in > 0 ? 100 * $this->filled / $this->in : null;
    }

    public function isMoreThanWentIn(): bool
    {
        return $this->filled > $this->in * (1 + self::SCALES_MAY_DIFFER);
    }
}
