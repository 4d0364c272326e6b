<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Measure\WithChanges;
use Ilvane\Core\Process\Process;

/**
 * A formula as written: lines and intentions, nothing computed. The open form is ilvane.formula/1 (docs/formats.md).
 */
final readonly class Formula
{
    use WithChanges;

    public const FORMAT = 'ilvane.formula/1';

    /**
     * @param  list<Line>  $lines
     * @param  list<Part>  $parts  made first; none contains itself
     * @param  list<Claim>  $claims  what a note says of it
     */
    public function __construct(
        public string $name,
        public Family $family,
        public array $lines,
        public Application $use = Application::LeaveOn,
        public Audience $audience = Audience::Adult,
        public Region $region = Region::EuropeanUnion,
        public ?float $scaleResolutionG = null,
        public ?float $batchGrams = null,
        public Process $process = new Process,
        public ?string $container = null,
        public int $containerCount = 1,
        public KeepingClaim $keeping = new KeepingClaim,
        public ?float $ph = null,
        public ?float $statedYieldG = null,
        public string $directions = '',
        public string $notes = '',
        public array $parts = [],
        public array $claims = [],
    ) {
    }

    /** @param  list<Line>  $lines */
    public function withLines(array $lines): self
    {
        return $this->with(lines: $lines);
    }

    /** @param  list<Part>  $parts */
    public function withParts(array $parts): self
    {
        return $this->with(parts: $parts);
    }

    public function keptAs(KeepingClaim $keeping): self
    {
        return $this->with(keeping: $keeping);
    }

    /**
     * As it was really made: the weighed lines are the batch, and the pH is the measured one or none.
     *
     * @param  list<Line>  $lines
     * @param  float|null  $scaleG  step of the scale to lay around each weight, grams; null for the formula's own
     */
    public function asMade(array $lines, ?float $measuredPh, ?float $scaleG = null): self
    {
        return $this->with(
            lines: $lines,
            scaleResolutionG: $scaleG ?? $this->scaleResolutionG,
            batchGrams: null,
            ph: $measuredPh,
        );
    }

    /**
     * As the pot was weighed, before the water of its plants left it and last, grams.
     *
     * @param  string  $part  key of the part that was cooked out; "" for the formula's own lines
     */
    public function cookedOut(string $part, float $before, float $now): self
    {
        return $part === ''
            ? $this->with(process: $this->process->cookedOut($before, $now))
            : $this->withParts(array_map(
                static fn (Part $one): Part => $one->key === $part ? $one->weighed($before, $now) : $one,
                $this->parts,
            ));
    }

    public function part(string $key): ?Part
    {
        foreach ($this->parts as $part) {
            if ($part->key === $key) {
                return $part;
            }
        }

        return null;
    }
}
