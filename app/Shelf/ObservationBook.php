<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Picture;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Observation;
use App\Models\Photo;
use App\Models\StabilityTest;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\ShelfLife\StabilityTest as CoreWatch;

/** Writes down how the samples of a batch look, and when the next look is due. */
final class ObservationBook
{
    public const LOOKS = ['sound', 'parted', 'grainy', 'smell', 'colour', 'mould'];

    private const MOST_TOLD = 3;

    public function __construct(private readonly Wording $wording)
    {
    }

    /** Told twice under one key, it is written once. */
    public function saw(
        Batch $batch,
        string $place,
        string $look,
        string $note,
        Carbon $at,
        string $clientKey,
        ?float $ph = null,
        ?Picture $picture = null,
    ): void {
        if (! isset(CoreWatch::PLACES[$place])) {
            throw Refused::noPlace('place');
        }
        if (! in_array($look, self::LOOKS, true)) {
            throw Refused::noLook('look');
        }
        if ($ph !== null && ($ph < 0 || $ph > 14)) {
            throw Refused::noPh('ph');
        }
        DB::transaction(function () use ($batch, $place, $look, $note, $at, $clientKey, $ph, $picture): void {
            $this->add(
                $batch,
                [
                    'place' => $place,
                    'look' => $look,
                    'note' => $note,
                    'ph' => $ph,
                    'client_key' => $clientKey,
                    'happened_at' => $at,
                ],
            );
            $observation = Observation::query()->where('client_key', $clientKey)->firstOrFail();
            if ($picture !== null && ! Photo::query()->where('observation_id', $observation->id)->exists()) {
                DB::statement(
                    'INSERT INTO photos (observation_id, type, bytes) VALUES (?, ?, CAST(? AS BLOB))',
                    [$observation->id, $picture->type, $picture->bytes],
                );
            }
        });
    }

    public function undo(Batch $batch, Observation $observation, string $clientKey): void
    {
        if (! Observation::query()->where('undoes', $observation->id)->exists()) {
            $this->add(
                $batch,
                [
                    'place' => $observation->place,
                    'look' => 'undo',
                    'undoes' => $observation->id,
                    'client_key' => $clientKey,
                    'happened_at' => Carbon::now(),
                ],
            );
        }
    }

    /** @return list<string> what the samples of a formula's last batches say, the newest first */
    public function ofFormula(Formula $formula): array
    {
        $watches = StabilityTest::query()->whereHas(
            'batch.version',
            static fn (Builder $version) => $version->where('formula_id', $formula->id),
        )
            ->with('batch', 'observations')->orderByDesc('begun_at')->limit(self::MOST_TOLD)->get();
        $said = [];
        foreach ($watches as $watch) {
            $words = ObservationPage::said(ObservationPage::summary($watch), $this->wording);
            if ($words !== '') {
                $said[] = say('observations.of_batch', ['code' => $watch->batch->code]).$words;
            }
        }

        return $said;
    }

    /** @param  array<string, mixed>  $seen */
    private function add(Batch $batch, array $seen): void
    {
        DB::transaction(static function () use ($batch, $seen): void {
            if (Observation::isTold(array_diff_key($seen, ['happened_at' => true]))) {
                return;
            }
            $watch = StabilityTest::query()->firstOrCreate(
                ['batch_id' => $batch->id],
                ['begun_at' => $batch->finished_at],
            );
            (new Observation)->forceFill(['batch_id' => $batch->id, 'recorded_at' => Carbon::now(), ...$seen])->save();
            $days = [];
            foreach (ObservationPage::standing($watch) as $observation) {
                $days[$observation->place->value][] = ObservationPage::dayOf($watch, $observation);
            }
            $next = CoreWatch::nextLook($days);
            $watch
                ->forceFill(['look_at' => $next === null ? null : $watch->begun_at
                    ->copy()
                    ->addDays($next)
                    ->startOfDay()])
                ->save();
        });
    }
}
