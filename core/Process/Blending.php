<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

/** How it is blended: so many seconds at a go, a rest after each, so many times. */
final readonly class Blending
{
    /** One go where nobody has said. Blenders heat up and draw in air; common practice: 60 to 90 s. */
    private const BURST_S = 75.0;

    public function __construct(public float $burst, public float $rest = 0.0, public int $times = 1)
    {
    }

    public static function usual(float $rest = 0.0, int $times = 1): self
    {
        return new self(self::BURST_S, $rest, $times);
    }

    public function seconds(): float
    {
        return $this->times * $this->burst + ($this->times - 1) * $this->rest;
    }
}
