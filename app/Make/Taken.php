<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Unit;

/** What went into a make, line by line, as the newest telling has it. Lines count from 1. */
final readonly class Taken
{
    private const KINDS = [
        'weighed' => LineState::Weighed, 'weight' => LineState::UnknownBefore, 'as_planned' => LineState::AsPlanned,
        'not_done' => LineState::NotDone, 'drops' => LineState::Counted,
    ];

    /**
     * @param  array<int, BatchEntry>  $told  newest telling by line
     * @param  array<int, float>  $drops  newest count by line
     * @param  float  $factor  by which everything has grown after over-pours
     */
    private function __construct(
        private Composition $composition,
        private array $told,
        private array $drops,
        private float $factor,
    ) {
    }

    /** @param  iterable<BatchEntry>  $entries  in the order they were told */
    public static function of(Composition $composition, iterable $entries, float $factor): self
    {
        $told = $drops = [];
        foreach ($entries as $entry) {
            $line = (int) $entry->subject;
            if (! isset(self::KINDS[$entry->kind->value]) || $entry->step !== "weigh.$line") {
                continue;
            }
            $drops[$line] = $entry->kind === BatchEntryKind::Drops ? (float) $entry->value : $drops[$line] ?? 0.0;
            $isBesideWeight = $entry->kind === BatchEntryKind::Drops
                && isset($told[$line])
                && self::page($told[$line]) === self::page($entry);
            if (! $isBesideWeight) {
                $told[$line] = $entry;
            }
        }

        return new self($composition, $told, array_filter($drops), $factor);
    }

    /** Which page told it: what was told together shares its key. */
    public static function page(BatchEntry $entry): string
    {
        return substr($entry->client_key, 0, (int) strrpos($entry->client_key, '-'));
    }

    public function state(int $line): LineState
    {
        return self::KINDS[($this->told[$line] ?? null)?->kind->value] ?? LineState::Open;
    }

    /**
     * Grams that were read off a scale, or recorded as such before the difference was kept; null for everything else.
     */
    public function reading(int $line): ?float
    {
        return in_array($this->state($line), [LineState::Weighed, LineState::UnknownBefore], true)
            ? $this->told[$line]->value
            : null;
    }

    /** Drops that were counted, whether weighed too or not. */
    public function drops(int $line): ?float
    {
        return $this->drops[$line] ?? null;
    }

    /** Grams that went in; null while nothing was told, or where nobody can say. */
    public function grams(int $line): ?Band
    {
        return match ($this->state($line)) {
            LineState::Weighed, LineState::UnknownBefore => Band::exact((float) $this->told[$line]->value),
            LineState::Counted => $this->ofDrops($line, (float) $this->told[$line]->value),
            LineState::AsPlanned => $this->planned($line, $this->told[$line]->value),
            LineState::NotDone => Band::zero(),
            LineState::Open => null,
        };
    }

    /** Likely grams that went in or, while nothing was told, that are to go in; nothing where nobody can say. */
    public function likely(int $line): float
    {
        return ($this->grams($line) ?? $this->planned($line, null))->likely ?? 0.0;
    }

    /** Every line of the batch was read off a scale, what is in drops aside. */
    public function isAllWeighed(): bool
    {
        foreach ($this->composition->lines as $line) {
            $isDrops = $line->amount?->unit === Unit::Drop;
            if (
                $line->isInBatch()
                && $this->state($line->position) !== LineState::Weighed
                && ! ($isDrops && $this->state($line->position) === LineState::Counted)
            ) {
                return false;
            }
        }

        return true;
    }

    /** The plan's grams, or what the plan said when it was passed on. */
    private function planned(int $line, ?float $target): ?Band
    {
        $grams = $this->line($line)?->grams;
        if ($grams === null) {
            return null;
        }
        $factor = $target === null || $grams->likely <= 0 ? $this->factor : $target / $grams->likely;

        return $grams->times($factor);
    }

    private function ofDrops(int $line, float $count): ?Band
    {
        $it = $this->line($line);
        $number = $it?->amount?->number?->likely;

        return $it?->grams === null || $number === null || $number <= 0 || $it->amount->unit !== Unit::Drop
            ? null
            : $it->grams->times($count / $number);
    }

    private function line(int $position): ?WeighedLine
    {
        return $this->composition->lines[$position - 1] ?? null;
    }
}
