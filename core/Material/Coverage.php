<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** How well a preservative holds each kind of microbe: 0 not, 1 partly, 2 well. */
final readonly class Coverage
{
    public function __construct(
        public int $bacteria,
        public int $yeast,
        public int $mould,
    ) {
    }

    /** Two systems together hold what either holds. */
    public function with(self $other): self
    {
        return new self(
            max($this->bacteria, $other->bacteria),
            max($this->yeast, $other->yeast),
            max($this->mould, $other->mould),
        );
    }

    public function holdsBacteria(): bool
    {
        return $this->bacteria > 0;
    }

    public function holdsFungi(): bool
    {
        return $this->yeast > 0 && $this->mould > 0;
    }

    public function isComplete(): bool
    {
        return $this->holdsBacteria() && $this->holdsFungi();
    }
}
