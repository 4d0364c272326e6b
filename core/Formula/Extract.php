<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Band;

/** A plant that was strained out again: only what it gave is left. */
final readonly class Extract
{
    /**
     * @param  WeighedLine  $line  the plant's own, under the position of the formula's line it came in by
     * @param  Band|null  $perGram  grams of plant it was drawn from, for a gram of what holds it; null where its weight
     *   isn't known
     * @param  bool  $isInOil  drawn into oil, not into water
     */
    public function __construct(
        public Material $plant,
        public WeighedLine $line,
        public ?Band $perGram,
        public bool $isInOil,
    ) {
    }

    /** The same in a line that holds so much of it. */
    public function within(WeighedLine $outer): self
    {
        $isFormula = $outer->line->formula !== null;

        return new self(
            $this->plant,
            $this->line->at(
                $outer->position,
                $isFormula ? $outer->key().'/'.$this->line->key() : $this->line->key(),
                $isFormula ? $outer->path().'/formula'.$this->line->path() : $this->line->path(),
            ),
            $outer->share === null ? null : $this->perGram?->times($outer->share),
            $this->isInOil,
        );
    }

    /** The same in something it makes up such a share of. */
    public function thinned(?Band $share): self
    {
        return new self(
            $this->plant,
            $this->line,
            $share === null ? null : $this->perGram?->times($share),
            $this->isInOil,
        );
    }
}
