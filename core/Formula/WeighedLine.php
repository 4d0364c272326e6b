<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Dimension;

/** A line understood as far as it can be: its ingredient, its grams and its share of the finished batch. */
final readonly class WeighedLine
{
    /**
     * @param  int  $position  counts from 1
     * @param  Material|null  $ingredient  null when nothing in the catalogue answers to the line
     * @param  Amount|null  $amount  null when it could not be read
     * @param  Band|null  $grams  null when open, unread, or without a density to tell by
     * @param  Band|null  $share  fraction of the finished batch; null without grams and for what is strained out
     * @param  string|null  $unread  why the line could not be read (word key), null when it could
     */
    public function __construct(
        public int $position,
        public Line $line,
        public ?Material $ingredient,
        public Phase $phase,
        public ?Amount $amount,
        public ?Band $grams,
        public ?Band $share,
        public ?string $unread,
    ) {
    }

    public function isInBatch(): bool
    {
        return $this->phase !== Phase::Infusion;
    }

    /** Percent of the finished batch. */
    public function percent(): ?Band
    {
        return $this->share?->times(100.0);
    }

    /** Nothing measured, or measured in a way that gives no weight. */
    public function isOpen(): bool
    {
        return $this->unread === null && $this->grams === null;
    }

    /** The maker means to put it on a scale: grams or a percentage, not spoons or drops. */
    public function isToBeWeighed(): bool
    {
        return $this->amount !== null && ($this->amount->kind !== AmountKind::Measured
            || $this->amount->unit?->dimension() === Dimension::Mass);
    }
}
