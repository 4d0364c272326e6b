<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\NotUndone;
use App\Models\Batch;
use App\Models\Enums\ShelfEntryKind;
use App\Models\ShelfEntry;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\ShelfLife\Places;

/**
 * What a finished batch is in now: worked out from what was written down, entry by entry. What is in no container is
 * the rest.
 *
 * A split is written down as {"stood": storage, "days": {storage: days|null}, "fresh": bool, "whole": date|null,
 * "filled": [{"letter", "what", "count", "grams", "storage", "stands"}]}; thawing as {"filled": [one of them]}.
 */
final readonly class Containers
{
    /** Filled within so many hours of the end of the making, it never stood anywhere else. */
    private const FILLING_H = 12.0;

    /** @param  array<string, Container>  $all  by letter, the empty ones too */
    private function __construct(
        public array $all,
        public float $rest,
        private ?Places $places,
        private ?Carbon $whole,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $made = $batch->finished_at ?? $batch->started_at;
        $all = [];
        $rest = Outcome::filled($batch);
        $places = null;
        $whole = $batch->best_before;
        foreach ($batch->shelfEntries as $entry) {
            $whole = self::wholeUntil($entry, $whole);
        }
        $entries = NotUndone::of($batch->shelfEntries);
        usort($entries, static fn (ShelfEntry $one, ShelfEntry $other): int => $one->id <=> $other->id);
        foreach ($entries as $entry) {
            $one = $all[$entry->container] ?? null;
            $hour = max($one?->since() ?? 0.0, $made->diffInMinutes($entry->happened_at) / 60);
            if ($entry->kind === ShelfEntryKind::Split) {
                $told = self::told($entry);
                $places = new Places(self::days($told['days'] ?? null), ($told['fresh'] ?? true) !== false);
                foreach (self::filled($told) as $row) {
                    $new = self::container($row, self::stays($told, $hour, $row['storage']));
                    $all[$new->letter] = $new;
                    $rest -= $new->left;
                }
            } elseif ($entry->kind === ShelfEntryKind::Thawed && $one !== null) {
                foreach (self::filled(self::told($entry)) as $row) {
                    $new = self::container($row, [...$one->stays, ['hour' => $hour, 'storage' => $row['storage']]]);
                    $all[$new->letter] = $new;
                }
                $all[$one->letter] = $one->less($entry->grams ?? 0.0);
            } elseif ($one !== null) {
                $all[$one->letter] = $entry->kind === ShelfEntryKind::Moved
                    ? $one->moved($hour, $entry->storage ?? $one->storage(), $entry->subject)
                    : $one->less($entry->grams ?? 0.0);
            } else {
                $rest -= $entry->grams ?? 0.0;
            }
        }
        $dated = array_map(static fn (Container $one): Container => $one->until(
            ($days = $places?->lasts($one->stays)) === null
                ? null
                : $made->copy()->startOfDay()->addDays((int) floor($days + 1e-9)),
        ), $all);

        return new self($dated, max(0.0, round($rest, 4)), $places, $whole);
    }

    public function isSplit(): bool
    {
        return $this->all !== [];
    }

    /** Is something left that is in no container? */
    public function hasRest(): bool
    {
        return $this->rest > Container::CRUMBS_G;
    }

    /** @return list<Container> not empty */
    public function standing(): array
    {
        return array_values(array_filter($this->all, static fn (Container $one): bool => ! $one->isGone()));
    }

    public function grams(): float
    {
        return $this->rest + array_sum(array_map(static fn (Container $one): float => $one->left, $this->all));
    }

    /** The first day something of it is to be gone; null where nothing of it has a date. */
    public function until(): ?Carbon
    {
        $days = array_map(static fn (Container $one): ?Carbon => $one->until, $this->standing());
        if ($this->hasRest() || $days === []) {
            $days[] = $this->whole;
        }
        $days = array_filter($days);

        return $days === [] ? null : min($days);
    }

    /** The date it would have if it were never split. */
    public function whole(): ?Carbon
    {
        return $this->whole;
    }

    /** Nothing but the cold keeps it: thawed, it is used up within a day. */
    public function isFresh(): bool
    {
        return $this->places->isFresh ?? false;
    }

    /** @return list<string> letters of what an entry filled */
    public static function letters(ShelfEntry $entry): array
    {
        return array_column(self::filled(self::told($entry)), 'letter');
    }

    /** The next letter nobody has had, taken back or not; null after Z. */
    public static function nextLetter(Batch $batch): ?string
    {
        $last = $batch->shelfEntries->flatMap(self::letters(...))->max();

        return is_string($last) ? self::letterAfter($last) : 'A';
    }

    /** null after Z */
    public static function letterAfter(string $letter): ?string
    {
        return $letter === 'Z' ? null : chr(ord($letter) + 1);
    }

    private static function wholeUntil(ShelfEntry $entry, ?Carbon $else): ?Carbon
    {
        $told = $entry->kind === ShelfEntryKind::Split ? self::told($entry) : [];
        $day = $told['whole'] ?? null;

        return match (true) {
            ! array_key_exists('whole', $told) => $else,
            is_string($day) && preg_match('/^\d{4}-\d\d-\d\d$/', $day) === 1 => Carbon::parse($day),
            default => null,
        };
    }

    /** @return array<mixed> */
    private static function told(ShelfEntry $entry): array
    {
        $told = json_decode($entry->containers ?? '', true);

        return is_array($told) ? $told : [];
    }

    /** @return array<string, float|null> */
    private static function days(mixed $days): array
    {
        $all = [];
        foreach (Storage::cases() as $place) {
            $in = is_array($days) ? $days[$place->value] ?? null : null;
            $all[$place->value] = is_numeric($in) ? max(0.0, (float) $in) : null;
        }

        return $all;
    }

    /**
     * What is written badly is left out.
     *
     * @param  array<mixed>  $told
     * @return list<array{letter: string, what: string, count: int, grams: float, storage: Storage, stands: string,
     *   from: string}>
     */
    private static function filled(array $told): array
    {
        $filled = [];
        foreach (is_array($told['filled'] ?? null) ? $told['filled'] : [] as $row) {
            $text = static fn (string $key): string => is_array($row) && is_string($row[$key] ?? null)
                ? $row[$key]
                : '';
            $number = static fn (string $key): float => is_array($row) && is_numeric($row[$key] ?? null)
                ? (float) $row[$key]
                : 0.0;
            $storage = Storage::tryFrom($text('storage'));
            if (
                preg_match('/^[A-Z]$/', $text('letter')) === 1
                && in_array($text('what'), Container::KINDS, true)
                && $storage !== null
                && $number('count') >= 1
                && $number('grams') > 0
            ) {
                $filled[] = [
                    'letter' => $text('letter'),
                    'what' => $text('what'),
                    'count' => (int) $number('count'),
                    'grams' => $number('grams'),
                    'storage' => $storage,
                    'stands' => $text('stands'),
                    'from' => $text('from'),
                ];
            }
        }

        return $filled;
    }

    /**
     * @param  array{letter: string, what: string, count: int, grams: float, stands: string, from: string}  $row
     * @param  non-empty-list<array{hour: float, storage: Storage}>  $stays
     */
    private static function container(array $row, array $stays): Container
    {
        return new Container(
            $row['letter'],
            $row['what'],
            $row['count'],
            $row['grams'],
            round($row['count'] * $row['grams'], 4),
            $stays,
            $row['stands'],
            $row['from'],
        );
    }

    /**
     * @param  array<mixed>  $told
     * @return non-empty-list<array{hour: float, storage: Storage}>
     */
    private static function stays(array $told, float $hour, Storage $to): array
    {
        $stood = is_string($told['stood'] ?? null) ? Storage::tryFrom($told['stood']) : null;

        return $hour <= self::FILLING_H || $stood === null || $stood === $to
            ? [['hour' => 0.0, 'storage' => $to]]
            : [['hour' => 0.0, 'storage' => $stood], ['hour' => $hour, 'storage' => $to]];
    }
}
