<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Observation;
use App\Models\StabilityTest;
use Ilvane\Core\ShelfLife\StabilityTest as CoreWatch;

/** The samples of a batch as a table of places and days, and what they say so far. */
final readonly class ObservationPage
{
    /**
     * @param  list<array{place: string, name: string, cells: list<array{day: int, means: string, look: string,
     *   seen: bool}>}>  $rows
     * @param  list<array{id: int, day: string, place: string, look: string, note: string, ph: string,
     *   photos: list<int>}>  $seen  the newest first
     */
    public function __construct(
        public array $rows,
        public array $seen,
        public string $said,
        public bool $hasFailed,
        public string $next,
    ) {
    }

    /** What the samples say, in a sentence; nothing where nobody looked. */
    public static function said(CoreWatch $core, Wording $wording): string
    {
        return match (true) {
            $core->failed !== null => say('observations.failed', [
                'look' => say("observations.looks.{$core->failed['look']}"),
                'place' => say("observations.places.{$core->failed['place']}"),
                'day' => (string) floor($core->failed['day']),
                'room' => $wording->days(max(1.0, CoreWatch::inRoom($core->failed['place'], $core->failed['day']))),
            ]),
            $core->held >= 1.0 => say('observations.held', ['days' => $wording->days($core->held)]),
            default => '',
        };
    }

    public static function summary(StabilityTest $watch): CoreWatch
    {
        return CoreWatch::of(array_map(
            static fn (Observation $observation): array => [
                'place' => $observation->place->value,
                'day' => self::dayOf($watch, $observation),
                'look' => $observation->look->value,
            ],
            self::standing($watch),
        ));
    }

    /**
     * What was seen and not taken back.
     *
     * @return list<Observation>
     */
    public static function standing(StabilityTest $watch): array
    {
        $all = array_values($watch->observations->all());
        $undone = array_filter(array_map(static fn (Observation $observation): ?int => $observation->undoes, $all));

        return array_values(array_filter(
            $all,
            static fn (Observation $observation): bool => $observation->undoes === null
                && ! in_array($observation->id, $undone, true),
        ));
    }

    public static function dayOf(StabilityTest $watch, Observation $observation): float
    {
        return max(
            0.0,
            $watch->begun_at->copy()->startOfDay()->diffInDays($observation->happened_at->copy()->startOfDay()),
        );
    }
}
