<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Process\Process;

/**
 * A formula as written: lines and intentions, nothing computed. The open form is ilvane.formula/1 (docs/formats.md).
 */
final readonly class Formula
{
    public const FORMAT = 'ilvane.formula/1';

    /**
     * @param  list<Line>  $lines
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
    ) {
    }

    /** @param  list<Line>  $lines */
    public function withLines(array $lines): self
    {
        return new self(
            $this->name,
            $this->family,
            $lines,
            $this->use,
            $this->audience,
            $this->region,
            $this->scaleResolutionG,
            $this->batchGrams,
            $this->process,
            $this->container,
            $this->containerCount,
            $this->keeping,
            $this->ph,
            $this->statedYieldG,
            $this->directions,
            $this->notes,
        );
    }

    /**
     * As it was really made: the weighed lines are the batch, and the pH is the measured one or none.
     *
     * @param  list<Line>  $lines
     * @param  float|null  $scaleG  step of the scale to lay around each weight, grams; null for the formula's own
     */
    public function asMade(array $lines, ?float $measuredPh, ?float $scaleG = null): self
    {
        return new self(
            $this->name,
            $this->family,
            $lines,
            $this->use,
            $this->audience,
            $this->region,
            $scaleG ?? $this->scaleResolutionG,
            null,
            $this->process,
            $this->container,
            $this->containerCount,
            $this->keeping,
            $measuredPh,
            $this->statedYieldG,
            $this->directions,
            $this->notes,
        );
    }
}
