<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Material\Phase;

/** One thing to do, with the number that matters for it. */
final readonly class Step
{
    /**
     * @param  string  $key  unique in its plan and stable: records are filed under it
     * @param  int|null  $line  of the formula, counts from 1
     * @param  float|null  $grams  to weigh
     * @param  float|null  $celsius  to reach, or to fall to at a gate
     * @param  list<Phase>  $phases  it concerns
     * @param  float|null  $seconds  it takes by the clock; null where the work itself tells when it is done
     */
    public function __construct(
        public string $key,
        public StepKind $kind,
        public array $phases = [],
        public ?int $line = null,
        public ?float $grams = null,
        public ?float $celsius = null,
        public ?float $ph = null,
        public ?float $seconds = null,
        public ?Blending $blending = null,
    ) {
    }

    /** The same under another key, where a plan does it twice. */
    public function named(string $key): self
    {
        return new self($key, $this->kind, $this->phases, $this->line, $this->grams, $this->celsius, $this->ph, $this->seconds, $this->blending);
    }

    /** The same for so many times as much. */
    public function scaled(float $factor): self
    {
        return new self($this->key, $this->kind, $this->phases, $this->line, $this->grams === null ? null : $this->grams * $factor, $this->celsius, $this->ph, $this->seconds, $this->blending);
    }
}
