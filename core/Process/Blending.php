<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

/** How it is blended: so many seconds at a go, a rest after each, so many times. */
final readonly class Blending
{
    public function __construct(public float $burst, public float $rest, public int $times)
    {
    }

    public function seconds(): float
    {
        return $this->times * $this->burst + ($this->times - 1) * $this->rest;
    }
}
