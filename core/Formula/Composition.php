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

    /** @var list<WeighedLine> */
    private array $opened;

    /** @var list<WeighedLine> */
    private array $known;

    private float $waterShare;

    private float $fatShare;

    /**
     * @param  list<WeighedLine>  $lines
     * @param  Band|null  $total  grams of the finished batch
     * @param  list<WeighedLine>  $inner  what is inside lines that are formulas or parts; each stands under its line's
     *   position
     * @param  list<WeighedPart>  $parts  of the formula, those nothing is taken of too
     * @param  list<Extract>  $extracts  plants that were strained out of something in it
     * @param  Band  $accounted  fraction of the batch the lines make up, without a "to 100" line; 1 when all is well
     */
    public function __construct(
        public array $lines,
        public ?Band $total,
        public Basis $basis,
        public Band $accounted,
        public bool $hasRest,
        public array $inner = [],
        public array $parts = [],
        public array $extracts = [],
    ) {
        $this->opened = [...$lines, ...$inner];
        $this->known = array_values(array_filter(
            $this->opened,
            static fn (WeighedLine $line): bool => $line->isInBatch()
                && $line->share !== null
                && $line->ingredient !== null,
        ));
        $this->waterShare = $this->weightedShare(
            static fn (Material $ingredient): float => $ingredient->waterFraction ?? 0.0,
        );
        $this->fatShare = $this->weightedShare(
            static fn (Material $ingredient): float => $ingredient->kind->isLipid() ? 1.0 : 0.0,
        );
    }

    /** @return list<WeighedLine> lines of the finished batch whose ingredient and share are known */
    public function known(): array
    {
        return $this->known;
    }

    /** @return list<WeighedLine> every line, and what is inside those that are formulas or parts */
    public function opened(): array
    {
        return $this->opened;
    }

    /**
     * g/mL of the mix, by volumes adding up. A spoon density is of a heap, not of the thing, so it doesn't serve; parts
     * without a density count as water while they are few.
     *
     * @return float|null null where too much of it has no known density
     */
    public function density(): ?float
    {
        return self::densityOf($this->known());
    }

    /** @param  list<WeighedLine>  $lines  with their shares */
    public static function densityOf(array $lines): ?float
    {
        $volume = $share = $unknown = 0.0;
        foreach ($lines as $line) {
            $part = $line->part();
            $density = $line->ingredient?->bulk->density;
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

    /**
     * The same, and the plants that were only drawn from.
     *
     * @param  callable(Material): bool  $wanted
     * @return list<WeighedLine>
     */
    public function linesOrExtractsWith(callable $wanted): array
    {
        $drawn = array_filter($this->extracts, static fn (Extract $extract): bool => $wanted($extract->plant));

        return [
            ...$this->linesWith($wanted),
            ...array_values(array_map(static fn (Extract $extract): WeighedLine => $extract->line, $drawn)),
        ];
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

    /** @return list<WeighedLine> what is in a phase, with formulas and parts opened to what is in them */
    public function openedInPhase(Phase $phase): array
    {
        return array_values(array_filter(
            $this->opened(),
            static fn (WeighedLine $line): bool => $line->phase === $phase
                && ! ($line->line->isMade() && $line->ingredient === null && $line->unread === null),
        ));
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
        return $this->waterShare;
    }

    /** Oils, butters, waxes and fatty alcohols, as a fraction. */
    public function fatShare(): float
    {
        return $this->fatShare;
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

    /**
     * Every plant that goes in by any way, with whether it meets oil: those of the lines, and those of the parts.
     *
     * @return list<array{WeighedLine, bool}>
     */
    public function plants(): array
    {
        $plants = [];
        foreach ($this->extracts as $extract) {
            $plants[] = [$extract->line, $extract->isInOil];
        }
        foreach ($this->opened() as $line) {
            if ($line->isInBatch() && ($line->ingredient?->kind->isPlant() ?? false)) {
                $plants[] = [$line, $line->phase === Phase::Oil];
            }
        }

        return $plants;
    }

    public function part(string $key): ?WeighedPart
    {
        foreach ($this->parts as $part) {
            if ($part->part->key === $key) {
                return $part;
            }
        }

        return null;
    }

    /** @return list<WeighedLine> the lines that take of a part, of the formula and of its other parts */
    public function takersOf(string $part): array
    {
        return array_values(array_filter(
            $this->written(),
            static fn (WeighedLine $line): bool => $line->line->part === $part,
        ));
    }

    /**
     * Every line as written: of the formula, and of the parts under the position of the line that takes of them, 0
     * where
     * none does.
     *
     * @return list<WeighedLine>
     */
    public function written(): array
    {
        $written = $this->lines;
        foreach ($this->parts as $part) {
            if ($part->isOfOldLines()) {
                continue; // they are lines of the formula
            }
            $position = $this->positionOfPart($part->part->key);
            foreach ($part->lines as $line) {
                $written[] = $line->at($position, $line->key(), $line->path());
            }
        }

        return $written;
    }

    /** @param  list<string>  $above  parts already gone through */
    private function positionOfPart(string $key, array $above = []): int
    {
        foreach ($this->lines as $line) {
            if ($line->line->part === $key) {
                return $line->position;
            }
        }
        foreach ($this->parts as $part) {
            $other = $part->part->key;
            if (in_array($key, $part->part->uses(), true) && ! in_array($other, $above, true)) {
                return $this->positionOfPart($other, [...$above, $key]);
            }
        }

        return 0;
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return list<int> each once
     */
    public function positionsOf(array $lines): array
    {
        $positions = array_map(static fn (WeighedLine $line): int => $line->position, $lines);

        return array_values(array_unique(array_filter($positions)));
    }
}
