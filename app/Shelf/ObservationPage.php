<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Observation;
use App\Models\Photo;
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
    private function __construct(
        public array $rows,
        public array $seen,
        public string $said,
        public bool $hasFailed,
        public string $next,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $wording = app(Wording::class);
        $watch = StabilityTest::query()->find($batch->id);
        $sightings = $watch === null ? [] : self::standing($watch);
        $days = array_map(
            static fn (Observation $sighting): float => $watch === null ? 0.0 : self::dayOf($watch, $sighting),
            $sightings,
        );
        $photos = [];
        foreach (Photo::query()->whereIn(
            'sighting_id',
            array_map(static fn (Observation $sighting): int => $sighting->id, $sightings),
        )->get(['id', 'sighting_id']) as $photo) {
            $photos[$photo->sighting_id][] = $photo->id;
        }
        $core = $watch === null ? CoreWatch::of([]) : self::summary($watch);
        $rows = [];
        foreach (array_keys(CoreWatch::PLACES) as $place) {
            $rows[] = [
                'place' => $place,
                'name' => say("observations.places.$place"),
                'cells' => array_map(static fn (int $day): array => [
                    'day' => $day,
                    'means' => $wording->days(CoreWatch::inRoom($place, $day)),
                    ...self::cell($sightings, $days, $place, $day),
                ], CoreWatch::LOOK_ON),
            ];
        }

        return new self(
            $rows,
            array_reverse(array_map(static fn (Observation $sighting, float $day): array => [
                'id' => $sighting->id,
                'day' => say('observations.day', ['day' => (string) floor($day)]),
                'place' => say("observations.places.$sighting->place"),
                'look' => say("observations.looks.$sighting->look"),
                'note' => $sighting->note,
                'ph' => $sighting->ph === null
                    ? ''
                    : $wording->number($sighting->ph, 1, 1), 'photos' => $photos[$sighting->id] ?? [],
            ], $sightings, $days)),
            self::said($core, $wording),
            $core->failed !== null,
            $watch?->look_at === null ? '' : say('observations.next', ['when' => $wording->whenever($watch->look_at)]),
        );
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
            static fn (Observation $sighting): array => [
                'place' => $sighting->place,
                'day' => self::dayOf($watch, $sighting),
                'look' => $sighting->look,
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
        $all = array_values($watch->sightings->all());
        $undone = array_filter(array_map(static fn (Observation $sighting): ?int => $sighting->undoes, $all));

        return array_values(array_filter(
            $all,
            static fn (Observation $sighting): bool => $sighting->undoes === null
                && ! in_array($sighting->id, $undone, true),
        ));
    }

    public static function dayOf(StabilityTest $watch, Observation $sighting): float
    {
        return max(
            0.0,
            $watch->begun_at->copy()->startOfDay()->diffInDays($sighting->happened_at->copy()->startOfDay()),
        );
    }

    /**
     * The worst look from this day of the plan up to the next.
     *
     * @param  list<Observation>  $sightings
     * @param  list<float>  $days
     * @return array{look: string, seen: bool}
     */
    private static function cell(array $sightings, array $days, string $place, int $day): array
    {
        $until = INF;
        foreach (CoreWatch::LOOK_ON as $next) {
            if ($next > $day) {
                $until = (float) $next;
                break;
            }
        }
        $look = '';
        foreach ($sightings as $i => $sighting) {
            if (
                $sighting->place === $place
                && $days[$i] >= $day
                && $days[$i] < $until
                && ($look === '' || $look === 'sound')
            ) {
                $look = $sighting->look;
            }
        }

        return ['look' => $look, 'seen' => $look !== ''];
    }
}
