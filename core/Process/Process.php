<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

/** How a formula is to be made, as far as its maker has said. Temperatures °C. */
final readonly class Process
{
    /**
     * @param  float|null  $heatTo  hottest the phases are meant to get
     * @param  float|null  $coolDown  at or below which the cool-down phase goes in
     * @param  list<Step>  $steps  in the order of work; none: as it is usually done
     * @param  list<Step>  $noted  what a note says of the making; what it doesn't say is done as usual
     */
    public function __construct(
        public ?float $heatTo = null,
        public ?float $coolDown = null,
        public Conditions $conditions = new Conditions,
        public array $steps = [],
        public array $noted = [],
    ) {
    }

    /** As the pot was weighed, before the water of its plants left it and last, grams. */
    public function cookedOut(float $before, float $now): self
    {
        $steps = $this->steps;
        $kinds = array_column($steps, 'kind');
        $at = array_search(StepKind::CookOut, $kinds, true);
        $step = $at === false ? new Step(StepKind::CookOut) : $steps[$at];
        $steps[$at === false ? count($steps) : $at] = $step->weighed($before, $now);

        return new self($this->heatTo, $this->coolDown, $this->conditions, array_values($steps), $this->noted);
    }

    /** Its maker has said something of how it is made. */
    public function isTold(): bool
    {
        return $this->conditions->isTold() || $this != new self(conditions: $this->conditions);
    }
}
