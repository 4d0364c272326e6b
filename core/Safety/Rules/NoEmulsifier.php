<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Water and oil meant to stay together, and nothing that holds them. */
final class NoEmulsifier implements Rule
{
    /** Less water or fat than this and there is no second phase to hold; percent of the batch. */
    public const SECOND_PHASE_PERCENT = 1.0;

    public function examine(Assessment $assessment): iterable
    {
        $emulsion = $assessment->emulsion;
        $family = $assessment->formula->family;
        if ($emulsion->emulsifiers !== [] || $family->isFatOnly() || $family->isUsuallyFresh()
            || 100 * $emulsion->waterShare < self::SECOND_PHASE_PERCENT
                || 100 * $emulsion->fatShare->likely < self::SECOND_PHASE_PERCENT) {
            return;
        }
        $offered = $assessment->catalogue->choice(ChoiceRole::Emulsifier);
        $range = $offered->use;
        $percent = round(max($range->min ?? 0.0, $emulsion->percentNeeded($offered) * Emulsion::COMFORT), 1);
        $holds = $percent <= ($range->max ?? 0.0);
        yield new Finding('emulsion.no_emulsifier', $family->isEmulsion() ? Severity::Stop : Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $emulsion->fats),
            ['fat' => Term::percent(100 * $emulsion->fatShare->likely)],
            $holds
                ? [(new Remedy($assessment))->add(
                    $offered->key,
                    $percent,
                    Phase::Oil,
                    'add_emulsifier',
                    ['ingredient' => Term::ingredient($offered->key), 'percent' => Term::percent($percent)],
                )]
                : [],
            variant: $family->isEmulsion() ? 'usual' : 'shake',
        );
    }
}
