<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Measure\WithChanges;
use Ilvane\Core\Process\Process;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** Something that is made first and used in the lines: a tea, a gel, an infused oil, a melted base. */
final readonly class Part
{
    use WithChanges;

    /** The part that the lines of the infusion phase of an old document make together. */
    public const STRAINED_OUT = 'strained-out';

    /** The pattern of a key of a part or a line. */
    public const KEY = '/^[a-z0-9][a-z0-9-]{0,39}$/';

    /**
     * @param  string  $key  unique among the parts of its formula
     * @param  list<Line>  $lines  what goes in
     * @param  string  $gives  how much comes out, as written; "" where that is left to be worked out
     * @param  bool  $isWeighed  what it gives was weighed, not planned
     * @param  float  $readyBeforeMinutes  finished at least so long before its formula is begun
     * @param  float|null  $goodForHours  null: as its kind usually is
     */
    public function __construct(
        public string $key,
        public string $name,
        public PartKind $makes,
        public array $lines,
        public Process $process = new Process,
        public string $gives = '',
        public bool $isWeighed = false,
        public float $readyBeforeMinutes = 0.0,
        public ?float $goodForHours = null,
    ) {
    }

    /** What is written of its making says that it is strained or pressed. */
    public function saysItIsStrained(): bool
    {
        return array_filter(
            $this->process->steps,
            static fn (Step $step): bool => in_array($step->kind, [StepKind::Strain, StepKind::Press], true),
        ) !== [];
    }

    /** The water of its plants is cooked out of it. */
    public function isCookedOut(): bool
    {
        return $this->makes === PartKind::CookedOutOil || in_array(
            StepKind::CookOut,
            array_column($this->process->steps, 'kind'),
            true,
        );
    }

    /** As the pot was weighed, before the water of its plants left it and last, grams. */
    public function weighed(float $before, float $now): self
    {
        return $this->with(process: $this->process->cookedOut($before, $now));
    }

    /** As it came out, by weight. */
    public function gave(string $amount): self
    {
        return $this->with(gives: $amount, isWeighed: true);
    }

    /** @return list<string> keys of the parts it is made of */
    public function uses(): array
    {
        return array_values(array_unique(array_filter(
            array_map(static fn (Line $line): ?string => $line->part, $this->lines),
        )));
    }
}
