<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\NotUndone;
use App\Ground\Wording;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\Enums\SampleLook;
use App\Models\Enums\ShelfEntryKind;
use App\Models\Observation;
use App\Models\ShelfEntry;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Finding;

/** Builds what Release shows. */
final readonly class ReleaseFactory
{
    public function __construct(
        private Wording $wording,
        private Evaluator $evaluator,
    ) {
    }

    public function of(Batch $batch): Release
    {
        $wording = $this->wording;
        $batch->loadMissing('shelfEntries', 'observations');
        $entries = NotUndone::of($batch->shelfEntries);
        $decisions = array_values(array_filter(
            $entries,
            static fn (ShelfEntry $entry): bool => isset(Release::DECIDES[$entry->kind->value]),
        ));
        usort($decisions, static fn (ShelfEntry $one, ShelfEntry $other): int => $one->id <=> $other->id);
        $last = $decisions === [] ? null : $decisions[count($decisions) - 1];
        $open = array_values(array_filter(
            $this->signs($batch, $entries),
            static fn (array $sign): bool => $last === null || $sign['told']->greaterThan($last->recorded_at),
        ));
        $decided = Release::DECIDES[$last?->kind->value] ?? Release::FREE;
        $asks = array_map(static fn (array $sign): string => Release::ASKS[$sign['sign']], $open);
        $seen = array_map(
            static fn (array $sign): string => say(
                "shelf.release.seen.{$sign['sign']}",
                [
                    'when' => $wording->date($sign['at']),
                    'place' => $sign['place'] === '' ? '' : say("observations.places.{$sign['place']}"),
                    'ph' => $sign['ph'] === null ? '' : $wording->number($sign['ph'], 1, 1),
                ],
            ),
            $open,
        );
        if ($open !== [] && $decided === Release::FREE) {
            return new Release(
                Release::HELD,
                $open[0]['at'],
                '',
                '',
                in_array(Release::WITHDRAWN, $asks, true) ? Release::WITHDRAWN : Release::HELD,
                $seen, wording: $this->wording,
            );
        }
        $isMore = $decided === Release::HELD && in_array(Release::WITHDRAWN, $asks, true);

        return new Release(
            $decided,
            $last?->happened_at,
            $last->subject ?? '',
            $last->note ?? '',
            $isMore ? Release::WITHDRAWN : '',
            $isMore ? $seen : [], wording: $this->wording,
        );
    }

    /**
     * What was seen on the batch that speaks against using it, taken back or not yet answered aside.
     *
     * @param  list<ShelfEntry>  $entries  that stand
     * @return list<array{sign: string, at: Carbon, told: Carbon, place: string, ph: float|null}> the oldest first
     */
    private function signs(Batch $batch, array $entries): array
    {
        $sign = static fn (string $sign, Carbon $at, Carbon $told, string $place = '', ?float $ph = null): array => [
            'sign' => $sign,
            'at' => $at,
            'told' => $told,
            'place' => $place,
            'ph' => $ph,
        ];
        $signs = [];
        $madeAt = $batch->finished_at ?? $batch->started_at;
        if (in_array(Release::PH_UNSUITED, array_column(Outcome::of($batch)['evaluation']['findings'], 'code'), true)) {
            $signs[] = $sign('ph', $madeAt, $madeAt, ph: Outcome::of($batch)['ph']);
        }
        $undone = array_filter($batch->observations->map(static fn (Observation $seen): ?int => $seen->undoes)->all());
        foreach ($batch->observations as $seen) {
            if ($seen->look === SampleLook::Undo || in_array($seen->id, $undone, true)) {
                continue;
            }
            if (isset(Release::ASKS[$seen->look->value])) {
                $signs[] = $sign(
                    $seen->look->value,
                    $seen->happened_at,
                    $seen->recorded_at,
                    $seen->place->value,
                );
            }
            if ($seen->ph !== null && $this->isUnsuited($batch, $seen->ph)) {
                $signs[] = $sign('ph', $seen->happened_at, $seen->recorded_at, $seen->place->value, $seen->ph);
            }
        }
        foreach ($entries as $entry) {
            if ($entry->kind === ShelfEntryKind::Hair && $entry->subject === 'rash') {
                $signs[] = $sign('rash', $entry->happened_at, $entry->recorded_at);
            }
        }
        usort($signs, static fn (array $one, array $other): int => $one['told'] <=> $other['told']);

        return $signs;
    }

    /** At this pH a preservative in it doesn't hold. */
    private function isUnsuited(Batch $batch, float $ph): bool
    {
        $evaluation = $this->evaluator->evaluate(
            FormulaDocument::read([...$batch->document, 'ph' => $ph]),
            onBatch: true,
        );

        return array_filter(
            $evaluation->findings,
            static fn (Finding $finding): bool => $finding->code === Release::PH_UNSUITED,
        ) !== [];
    }
}
