<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Observation;
use App\Models\Photo;
use App\Models\StabilityTest;
use Ilvane\Core\ShelfLife\StabilityTest as CoreWatch;

/** Builds what ObservationPage shows. */
final readonly class ObservationPageFactory
{
    public function __construct(
        private Wording $wording,
    ) {
    }

    public function of(Batch $batch): ObservationPage
    {
        $wording = $this->wording;
        $watch = StabilityTest::query()->find($batch->id);
        $sightings = $watch === null ? [] : ObservationPage::standing($watch);
        $days = array_map(
            static fn (Observation $sighting): float => $watch === null
                ? 0.0
                : ObservationPage::dayOf($watch, $sighting),
            $sightings,
        );
        $photos = [];
        foreach (Photo::query()->whereIn(
            'sighting_id',
            array_map(static fn (Observation $sighting): int => $sighting->id, $sightings),
        )->get(['id', 'sighting_id']) as $photo) {
            $photos[$photo->sighting_id][] = $photo->id;
        }
        $core = $watch === null ? CoreWatch::of([]) : ObservationPage::summary($watch);
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

        return new ObservationPage(
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
            ObservationPage::said($core, $wording),
            $core->failed !== null,
            $watch?->look_at === null ? '' : say('observations.next', ['when' => $wording->whenever($watch->look_at)]),
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
