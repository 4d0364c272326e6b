<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use Ilvane\Core\Making\OverPour;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/**
 * The steps that can be gone on with while the workroom doesn't answer: those that need no judgement of it, up to the
 * first that does (a heat, a gate, a pH, a finger test, a lot that runs out, the filling).
 */
final class Ahead
{
    private const JUDGED = [StepKind::Heat, StepKind::Gate, StepKind::TestPh, StepKind::Chill, StepKind::Fill];

    public function __construct(private readonly Wording $wording)
    {
    }

    /** @return list<Step> */
    public function of(MakeState $state, Step $from): array
    {
        if (in_array($from->kind, self::JUDGED, true)) {
            return [];
        }
        $ahead = [];
        foreach (array_slice($state->plan->steps, $state->plan->indexOf($from->key) + 1) as $step) {
            if (in_array($step->kind, self::JUDGED, true) || $this->isAsked($state, $step)) {
                break;
            }
            $ahead[] = $step;
        }

        return $ahead;
    }

    /** A weighing without an amount, or from a lot that holds less. */
    private function isAsked(MakeState $state, Step $step): bool
    {
        if ($step->kind !== StepKind::Weigh) {
            return false;
        }
        $hasLots = FromLot::choices($state, $step, $this->wording) !== [];

        return $step->grams === null || ($hasLots && FromLot::divide(
            [FromLot::chosen($state, $step)[0]],
            $step->grams,
            $state->scale,
            $state->takenFromLots((int) $step->line),
        )['open'] > 0.0);
    }

    /** The most that may be on the scale without a word about it, grams; null where nothing is weighed. */
    public static function most(MakeState $state, Step $step): ?float
    {
        return $step->kind !== StepKind::Weigh || $step->grams === null
            ? null
            : $step->grams + OverPour::tolerance($step->grams, $state->scale);
    }
}
