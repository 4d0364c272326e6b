<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\WithChanges;

/**
 * One thing to do: as it is planned in a process, and as it is done at the hob, where every weighing is a step of its
 * own.
 */
final readonly class Step
{
    use WithChanges;

    /**
     * @param  string  $key  unique in its plan and stable: records are filed under it; in a process as its maker named
     *   it,
     *   "" for none
     * @param  list<Phase>  $phases  it concerns; none named: all there are
     * @param  int|null  $line  of the formula, counts from 1
     * @param  float|null  $grams  to weigh
     * @param  float|null  $celsius  to reach, or to fall to; null where the formula tells
     * @param  float|null  $seconds  it takes by the clock; null where nobody has said
     */
    public function __construct(
        public StepKind $kind,
        public string $key = '',
        public array $phases = [],
        public ?int $line = null,
        public ?float $grams = null,
        public ?float $celsius = null,
        public ?float $ph = null,
        public ?float $seconds = null,
        public ?Blending $blending = null,
        public ?Cooling $how = null,
        public string $note = '',
        public StepDetails $details = new StepDetails,
    ) {
    }

    /** The phase of a weighing or an addition; null where it concerns several. */
    public function phase(): ?Phase
    {
        return count($this->phases) === 1 ? $this->phases[0] : null;
    }

    public function concerns(Phase $phase): bool
    {
        return $this->phases === [] || in_array($phase, $this->phases, true);
    }

    /** Seconds it takes: as said, else as it usually does. */
    public function takes(): float
    {
        return $this->blending?->seconds() ?? $this->seconds ?? 60 * $this->kind->usualMinutes();
    }

    /** The same under another key, where a plan does it twice. */
    public function named(string $key): self
    {
        return $this->with(key: $key);
    }

    /** The same, with what a note says of it; what the note leaves open stays. */
    public function asNoted(self $noted): self
    {
        return $this->with(
            phases: $this->kind === StepKind::Heat && $noted->phases !== [] ? $noted->phases : $this->phases,
            celsius: $noted->celsius ?? $this->celsius,
            seconds: $noted->seconds ?? $this->seconds,
            blending: $noted->blending ?? $this->blending,
            how: $noted->how ?? $this->how,
            note: $noted->note,
            details: $noted->details->pour === null ? $this->details : $this->details->poured($noted->details->pour),
        );
    }

    /** The same, with what its maker wrote of it. */
    public function saying(string $note, StepDetails $details): self
    {
        return $this->with(note: $note, details: $details);
    }

    /**
     * The same, for these phases.
     *
     * @param  list<Phase>  $phases
     */
    public function inPhases(array $phases): self
    {
        return $this->with(phases: $phases);
    }

    /** The same, done to a part. */
    public function ofPart(string $part): self
    {
        return $this->with(details: $this->details->ofPart($part));
    }

    /** As the pot was weighed at it, before and last, grams. */
    public function weighed(float $before, float $now): self
    {
        return $this->with(details: $this->details->weighed($before, $now));
    }

    /** The same for so many times as much of everything. */
    public function scaled(float $factor): self
    {
        return $this->with(grams: $this->grams === null ? null : $this->grams * $factor);
    }
}
