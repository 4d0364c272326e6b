<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use Illuminate\Support\Carbon;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Severity;

/** The judgement of what was made, in one sentence. */
final readonly class MadeVerdict
{
    public function __construct(private Wording $wording)
    {
    }

    /** What was made, in the past tense: how it was done, until when it is good, what to know before it is used. */
    public function of(Evaluation $evaluation, MakeState $state, ?Carbon $bestBefore): string
    {
        $stops = $evaluation->stops();
        if ($stops !== []) {
            return trans_choice(
                'findings.verdict.made.stops',
                count($stops),
                ['first' => $this->wording->message($stops[0]), 'more' => (string) (count($stops) - 1)],
            );
        }
        $minds = $evaluation->count(Severity::Mind);
        $keeping = $evaluation->assessment->keeping;

        return implode(' ', array_filter([
            $this->done($state),
            match (true) {
                $bestBefore !== null => say(
                    'findings.verdict.made.best_before',
                    ['date' => $this->wording->date($bestBefore)],
                ),
                default => say(
                    'findings.verdict.made.no_date',
                    [
                        'why' => mb_strtolower(
                            $keeping->refused === null
                                ? say('ui.shelf.no_date')
                                : say("words.refused.$keeping->refused"),
                        ),
                    ],
                ),
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
                $missing[] = $line->ingredient === null
                    ? $line->line->spokenOf()
                    : $this->wording->ingredient($line->ingredient->key);
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
}
