<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Making\OverPour;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Reformulation\Comparison;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;

/** Builds what Overpoured shows. */
final readonly class OverpouredFactory
{
    public function __construct(
        private Wording $wording,
        private Evaluator $evaluator,
    ) {
    }

    public function of(MakeState $state, Step $step, OverPour $over): Overpoured
    {
        $wording = $this->wording;
        $line = (int) $step->line;
        $evaluator = $this->evaluator;
        $ph = $state->ph() ?? $state->formula->ph;
        $planned = $evaluator->evaluate($state->formulaWith([$line => $over->target] + $state->weights(), $ph));
        $accepted = $evaluator->evaluate($state->formulaWith([$line => $over->weighed] + $state->weights(), $ph));
        $factor = $over->factor();

        return new Overpoured(
            $over->weighed,
            say(
                'make.over.said',
                [
                    'weighed' => $wording->weighed($over->weighed, min($state->scale, 0.1)),
                    'target' => $wording->weighed($over->target, min($state->scale, 0.1)),
                    'percent' => $wording->percent(round($over->percent(), 1)),
                ],
            ),
            $wording->grams(round($over->over(), 2)),
            self::new(Comparison::of($planned, $accepted), $wording),
            self::share($accepted, $line, $wording),
            self::canRescale($state),
            $wording->grams(round($state->gramsPlanned() * $factor, 1)),
            self::topUps($state, $step, $factor, $wording),
        );
    }

    /** Once the phases have met, nothing can be added to one of them. */
    private static function canRescale(MakeState $state): bool
    {
        foreach ($state->plan->steps as $step) {
            if (in_array($step->kind, [StepKind::Combine, StepKind::Add], true) && $state->isDone($step)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{severity: string, message: string}> */
    private static function new(Comparison $comparison, Wording $wording): array
    {
        return array_map(
            static fn (Finding $finding): array => [
                'severity' => $finding->severity->value,
                'message' => $wording->message($finding),
            ],
            array_values(array_filter(
                $comparison->new,
                static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
            )),
        );
    }

    private static function share(Evaluation $evaluation, int $line, Wording $wording): string
    {
        $percent = $evaluation->assessment->composition->lines[$line - 1]->percent()?->likely;

        return $percent === null ? '' : $wording->percent(round($percent, 2));
    }

    /** @return list<string> */
    private static function topUps(MakeState $state, Step $step, float $factor, Wording $wording): array
    {
        $topUps = [];
        foreach ($state->plan->steps as $other) {
            $weight = $other->kind === StepKind::Weigh && $other->key !== $step->key
                ? $state->taken->grams((int) $other->line)?->likely
                : null;
            if (
                $weight !== null
                && $other->grams !== null
                && $other->grams * $factor - $weight > OverPour::tolerance($other->grams, $state->scale)
            ) {
                $ingredient = $state->composition->lines[(int) $other->line - 1]->ingredient;
                $topUps[] = say(
                    'make.over.top_up',
                    [
                        'ingredient' => $ingredient === null ? '?' : $wording->ingredient($ingredient->key),
                        'grams' => $wording->weighed($other->grams * $factor - $weight, min($state->scale, 0.1)),
                    ],
                );
            }
        }

        return $topUps;
    }
}
