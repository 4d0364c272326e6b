<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Catalogue\Phase;

/** One thing to do, with the number that matters for it. */
final readonly class Step
{
    /**
     * @param  string  $key  unique in its plan and stable: records are filed under it
     * @param  int|null  $line  of the formula, counts from 1
     * @param  float|null  $grams  to weigh
     * @param  float|null  $celsius  to reach, or to fall to at a gate
     * @param  list<Phase>  $phases  it concerns
     */
    public function __construct(
        public string $key,
        public StepKind $kind,
        public array $phases = [],
        public ?int $line = null,
        public ?float $grams = null,
        public ?float $celsius = null,
        public ?float $ph = null,
    ) {
    }
}
