<?php

declare(strict_types=1);

namespace App\Ground;

use App\Make\LineState;
use App\Make\MakeState;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\ShelfLife\ShelfLife;

/** The whole judgement in one sentence. */
final readonly class Verdict
{
    public function __construct(private Wording $wording)
    {
    }

    public function of(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        if ($assessment->composition->known() === []) {
            return say('findings.verdict.empty');
        }
        $stops = $evaluation->stops();
        if ($stops !== []) {
            return trans_choice('findings.verdict.stops', count($stops), ['first' => $this->wording->message($stops[0])]);
        }
        $unknowns = $evaluation->unknowns();
        if ($unknowns !== []) {
            return say('findings.verdict.cannot_say', ['first' => $this->wording->message($unknowns[0])]);
        }
        $minds = $evaluation->count(Severity::Mind);

        return match ($assessment->preservation->regime) {
            Regime::Dry => $assessment->keeping->days === null ? say('findings.verdict.dry') : say('findings.verdict.dry_dated', ['days' => $this->wording->days($assessment->keeping->days)]),
            Regime::Fresh => $this->fresh($evaluation),
            Regime::Preserved => $this->preserved($evaluation),
        }.' '.($minds > 0 ? trans_choice('findings.verdict.minds', $minds) : say('findings.verdict.sound'));
    }

    /** What was made, in the past tense: how it was done, until when it is good, what to know before it is used. */
    public function made(Evaluation $evaluation, MakeState $state, ?Carbon $bestBefore): string
    {
        $stops = $evaluation->stops();
        if ($stops !== []) {
            return trans_choice('findings.verdict.made.stops', count($stops), ['first' => $this->wording->message($stops[0]), 'more' => (string) (count($stops) - 1)]);
        }
        $minds = $evaluation->count(Severity::Mind);
        $keeping = $evaluation->assessment->keeping;

        return implode(' ', array_filter([
            $this->done($state),
            match (true) {
                $bestBefore !== null => say('findings.verdict.made.best_before', ['date' => $this->wording->date($bestBefore)]),
                default => say('findings.verdict.made.no_date', ['why' => mb_strtolower($keeping->refused === null ? say('ui.shelf.no_date') : say("words.refused.$keeping->refused"))]),
            },
            $minds === 0 ? '' : trans_choice('findings.verdict.made.minds', $minds),
        ]));
    }

    /** As planned, or without what was left out. */
    private function done(MakeState $state): string
    {
        $missing = $off = [];
        foreach ($state->composition->lines as $line) {
            $is = $state->taken->state($line->position);
            if ($is === LineState::NotDone) {
                $missing[] = $line->ingredient === null ? $line->line->spokenOf() : $this->wording->ingredient($line->ingredient->key);
            } elseif ($is === LineState::Weighed && ! $state->isAsTold($line->position)) {
                $off[] = $line->position;
            }
        }

        return match (true) {
            $missing !== [] => say('findings.verdict.made.without', ['what' => $this->wording->together($missing)]),
            $off !== [] => say('findings.verdict.made.made'),
            default => say('findings.verdict.made.as_planned'),
        };
    }

    private function fresh(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        foreach ($assessment->preservation->doses as $dose) {
            if ($dose->dependsOnAcidity() && $dose->ph === null) {
                return say('findings.verdict.preserved_untested', [
                    'days' => $this->wording->days(180), 'low' => $this->wording->number($dose->ingredient->phMin ?? 0.0, 1),
                    'high' => $this->wording->number($dose->ingredient->phMax ?? 14.0, 1), 'fresh' => $this->wording->days($assessment->keepingIfFresh->days ?? 1.0),
                ]);
            }
        }

        $stored = match (ShelfLife::storage($assessment->formula, Regime::Fresh)) {
            Storage::Room => 'fresh_room',
            Storage::Freezer => 'fresh_frozen',
            Storage::Fridge => 'fresh',
        };

        return say("findings.verdict.$stored", ['days' => $this->wording->days($assessment->keeping->days ?? 1.0)]);
    }

    private function preserved(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        $dose = $assessment->preservation->doses[0];

        return say('findings.verdict.preserved', [
            'days' => $this->wording->days($assessment->keeping->days ?? 0.0),
            'system' => $this->wording->ingredient($dose->ingredient->key),
            'percent' => $dose->percent === null ? '' : $this->wording->percent($dose->percent->likely),
            'fresh' => $this->wording->days($assessment->keepingIfFresh->days ?? 1.0),
        ]);
    }
}
