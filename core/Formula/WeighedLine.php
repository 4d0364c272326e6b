<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Dimension;
use Ilvane\Core\Measure\WithChanges;

/** A line understood as far as it can be: its ingredient, its grams and its share of the finished batch. */
final readonly class WeighedLine
{
    use WithChanges;

    /**
     * @param  int  $position  counts from 1
     * @param  Material|null  $ingredient  null when nothing in the catalogue answers to the line
     * @param  Amount|null  $amount  null when it could not be read
     * @param  Band|null  $grams  null when open, unread, or without a density to tell by
     * @param  Band|null  $share  fraction of the finished batch; null without grams and for what is strained out
     * @param  string|null  $unread  why the line could not be read (word key), null when it could
     * @param  string|null  $insideKey  of a line of a part, "PART/l1"; null for a line of the formula itself
     * @param  string|null  $insidePath  where that line stands in the document, "/parts/0/lines/0"
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
        public ?string $insideKey = null,
        public ?string $insidePath = null,
    ) {
    }

    public function isInBatch(): bool
    {
        return $this->phase !== Phase::Infusion;
    }

    /** What is inside it is mended where it is made, not in the formula's own line. */
    public function isInside(): bool
    {
        return $this->insidePath !== null || $this->line->isMade();
    }

    /** Its key in the document: its own, or made of where it stands. */
    public function key(): string
    {
        return $this->insideKey ?? $this->line->key ?? "l$this->position";
    }

    /** @return list<string> its key where it is inside a part, as findings name it; none for a line of the formula */
    public function insideKeys(): array
    {
        return $this->insideKey === null ? [] : [$this->insideKey];
    }

    /** Where it stands in the document, as patches name it. */
    public function path(): string
    {
        return $this->insidePath ?? '/lines/'.($this->position - 1);
    }

    /** Fraction of the batch, as it most likely is; 0 where nobody knows. */
    public function part(): float
    {
        return $this->share->likely ?? 0.0;
    }

    /** Grams, as it most likely weighs; 0 where nobody knows. */
    public function weighs(): float
    {
        return $this->grams->likely ?? 0.0;
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

    public function at(int $position, string $key, string $path): self
    {
        return $this->with(
            position: $position,
            insideKey: $key,
            insidePath: $path,
        );
    }

    /** So great a share of what it is in, as this material. */
    public function of(?Material $material, Band $share): self
    {
        return $this->with(ingredient: $material, share: $share);
    }

    public function weighing(?Band $grams, ?Band $share): self
    {
        return $this->with(grams: $grams, share: $share);
    }

    /** The same as a part of something that weighs so much and has such a share. */
    public function within(self $outer): self
    {
        $part = $this->share ?? Band::zero();

        return $this->with(
            position: $outer->position,
            phase: $outer->phase,
            grams: $outer->grams?->times($part),
            share: $outer->share?->times($part),
            unread: null,
        );
    }
}
