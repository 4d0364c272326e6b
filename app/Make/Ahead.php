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

    /**
     * @param  callable(Step): array{verb: string, what: string, number: string, unit: string}  $worded
     * @return list<array{action: string, page: string, weighs: bool, lot: string|null, most: float|null, verb: string,
     *   what: string, number: string, unit: string}>
     */
    public function of(MakeState $state, Step $from, callable $worded): array
    {
        if (in_array($from->kind, self::JUDGED, true)) {
            return [];
        }
        $ahead = [];
        foreach (array_slice($state->plan->steps, $state->plan->indexOf($from->key) + 1) as $step) {
            $lot = $step->kind === StepKind::Weigh ? $this->lot($state, $step) : null;
            $isAsked = $lot !== null
                && FromLot::divide(
                    [$lot],
                    $step->grams ?? 0.0,
                    $state->scale,
                    $state->takenFromLots((int) $step->line),
                )['open'] > 0.0;
            if (
                $isAsked
                || in_array($step->kind, self::JUDGED, true)
                || ($step->kind === StepKind::Weigh && $step->grams === null)
            ) {
                break;
            }
            $ahead[] = [
                'action' => route('make.record', [$state->batch, $step->key], false),
                'page' => route('make.step', [$state->batch, $step->key], false),
                'weighs' => $step->kind === StepKind::Weigh,
                'lot' => $lot,
                'most' => self::most($state, $step),
                ...$worded($step),
            ];
        }

        return $ahead;
    }

    /** The lot it would be taken from; null where the pantry has none. */
    private function lot(MakeState $state, Step $step): ?string
    {
        $choices = FromLot::choices($state, $step, $this->wording);

        return $choices === [] ? null : FromLot::chosen($state, $step)[0];
    }

    /** The most that may be on the scale without a word about it, grams; null where nothing is weighed. */
    public static function most(MakeState $state, Step $step): ?float
    {
        return $step->kind !== StepKind::Weigh || $step->grams === null
            ? null
            : $step->grams + OverPour::tolerance($step->grams, $state->scale);
    }
}
