<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Band;

/**
 * What is in the finished batch and in what share. Lines of the infusion phase are strained out: they have grams but
 * no share. Shares are fractions of the whole batch.
 */
final readonly class Composition
{
    /** Part of a mix that may be of unknown density: it moves the mix's by a few percent at most. */
    private const UNKNOWN_AT_MOST = 0.10;

    /**
     * @param  list<WeighedLine>  $lines
     * @param  Band|null  $total  grams of the finished batch
     * @param  list<WeighedLine>  $inner  what is inside lines that are formulas of their own; each stands under its
     *   line's position
     * @param  Band  $accounted  fraction of the batch the lines make up, without a "to 100" line; 1 when all is well
     */
    public function __construct(
        public array $lines,
        public ?Band $total,
        public Basis $basis,
        public Band $accounted,
        public bool $hasRest,
        public array $inner = [],
    ) {
    }

    /** @return list<WeighedLine> lines of the finished batch whose ingredient and share are known */
    public function known(): array
    {
        return array_values(array_filter(
            $this->opened(),
            static fn (WeighedLine $line): bool => $line->isInBatch()
                && $line->share !== null
                && $line->ingredient !== null,
        ));
    }

    /** @return list<WeighedLine> every line, and what is inside those that are formulas of their own */
    public function opened(): array
    {
        return [...$this->lines, ...$this->inner];
    }

    /**
     * g/mL of the mix, by volumes adding up. A spoon density is of a heap, not of the thing, so it doesn't serve; parts
     * without a density count as water while they are few.
     *
     * @return float|null null where too much of it has no known density
     */
    public function density(): ?float
    {
        $volume = $share = $unknown = 0.0;
        foreach ($this->known() as $line) {
            $part = $line->share->likely ?? 0.0;
            $density = $line->ingredient->bulk->density ?? null;
            $unknown += $density === null ? $part : 0.0;
            $share += $part;
            $volume += $part / ($density ?? 1.0);
        }

        return $volume > 0 && $unknown <= self::UNKNOWN_AT_MOST * $share ? $share / $volume : null;
    }

    /**
     * @param  callable(Material): bool  $wanted
     * @return list<WeighedLine>
     */
    public function linesWith(callable $wanted): array
    {
        return array_values(array_filter(
            $this->known(),
            static fn (WeighedLine $line): bool => $line->ingredient !== null && $wanted($line->ingredient),
        ));
    }

    /** @return list<WeighedLine> */
    public function ofKind(Kind ...$kinds): array
    {
        return $this->linesWith(static fn (Material $ingredient): bool => in_array($ingredient->kind, $kinds, true));
    }

    /**
     * Share of the batch, as a fraction, of the given lines together.
     *
     * @param  list<WeighedLine>  $lines
     */
    public static function shareOfLines(array $lines): Band
    {
        return Band::sum(array_map(static fn (WeighedLine $line): Band => $line->share ?? Band::zero(), $lines));
    }

    /** @return list<WeighedLine> */
    public function inPhase(Phase $phase): array
    {
        return array_values(array_filter($this->lines, static fn (WeighedLine $line): bool => $line->phase === $phase));
    }

    public function gramsOf(Phase $phase): Band
    {
        return Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->grams ?? Band::zero(),
            $this->inPhase($phase),
        ));
    }

    public function shareOf(Phase $phase): Band
    {
        return self::shareOfLines($this->inPhase($phase));
    }

    /**
     * True water in the batch, as a fraction: water inside juices, teas and solutions counts, bound water of dry things
     * too.
     */
    public function waterShare(): float
    {
        return $this->weightedShare(static fn (Material $ingredient): float => $ingredient->waterFraction ?? 0.0);
    }

    /** Oils, butters, waxes and fatty alcohols, as a fraction. */
    public function fatShare(): float
    {
        return $this->weightedShare(
            static fn (Material $ingredient): float => $ingredient->kind->isLipid() ? 1.0 : 0.0,
        );
    }

    /** @param  callable(Material): float  $weight */
    private function weightedShare(callable $weight): float
    {
        $share = 0.0;
        foreach ($this->known() as $line) {
            if ($line->ingredient !== null && $line->share !== null) {
                $share += $line->share->likely * $weight($line->ingredient);
            }
        }

        return $share;
    }

    public function isEmpty(): bool
    {
        return $this->lines === [];
    }
}
