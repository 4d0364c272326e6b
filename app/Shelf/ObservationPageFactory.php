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
        $observations = $watch === null ? [] : ObservationPage::standing($watch);
        $days = array_map(
            static fn (Observation $observation): float => $watch === null
                ? 0.0
                : ObservationPage::dayOf($watch, $observation),
            $observations,
        );
        $photos = [];
        foreach (Photo::query()->whereIn(
            'observation_id',
            array_map(static fn (Observation $observation): int => $observation->id, $observations),
        )->get(['id', 'observation_id']) as $photo) {
            $photos[$photo->observation_id][] = $photo->id;
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
                    ...self::cell($observations, $days, $place, $day),
                ], CoreWatch::LOOK_ON),
            ];
        }

        return new ObservationPage(
            $rows,
            array_reverse(array_map(static fn (Observation $observation, float $day): array => [
                'id' => $observation->id,
                'day' => say('observations.day', ['day' => (string) floor($day)]),
                'place' => say("observations.places.{$observation->place->value}"),
                'look' => say("observations.looks.{$observation->look->value}"),
                'note' => $observation->note,
                'ph' => $observation->ph === null
                    ? ''
                    : $wording->number($observation->ph, 1, 1), 'photos' => $photos[$observation->id] ?? [],
            ], $observations, $days)),
            ObservationPage::said($core, $wording),
            $core->failed !== null,
            $watch?->look_at === null ? '' : say('observations.next', ['when' => $wording->whenever($watch->look_at)]),
        );
    }

    /**
     * The worst look from this day of the plan up to the next.
     *
     * @param  list<Observation>  $observations
     * @param  list<float>  $days
     * @return array{look: string, seen: bool}
     */
    private static function cell(array $observations, array $days, string $place, int $day): array
    {
        $until = INF;
        foreach (CoreWatch::LOOK_ON as $next) {
            if ($next > $day) {
                $until = (float) $next;
                break;
            }
        }
        $look = '';
        foreach ($observations as $i => $observation) {
            if (
                $observation->place->value === $place
                && $days[$i] >= $day
                && $days[$i] < $until
                && ($look === '' || $look === 'sound')
            ) {
                $look = $observation->look->value;
            }
        }

        return ['look' => $look, 'seen' => $look !== ''];
    }
}
