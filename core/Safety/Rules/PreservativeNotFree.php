<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Microbiology\PreservativeDose;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/**
 * A dose that stands in its range, and of which too little is free in the water: the rest sits in oil, in micelles or
 * on solids, or is dissociated. What the range and the pH already say is not said again.
 */
final class PreservativeNotFree implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $preservation = $assessment->preservation;
        $effect = $preservation->effect;
        $doses = $preservation->doses;
        if (
            $effect === null
            || $effect->word === 'yes'
            || ($preservation->load?->tooMuch() ?? []) !== []
            || ! $preservation->nominalCoverage()->isComplete()
            || $preservation->tooWeakAlone() !== null
            || $preservation->isHeldByAlcohol()
            || array_filter($doses, static fn (PreservativeDose $dose): bool => $dose->works(false)) !== $doses
        ) {
            return;
        }
        $main = $effect->main;
        $isLike = $main !== null && $effect->worksLike !== null && $main->percent !== null
            && $effect->worksLike < $main->percent->likely;
        yield new Finding(
            'preservation.not_free',
            $effect->word === 'no' ? Severity::Stop : Severity::Mind,
            array_map(static fn (PreservativeDose $dose): int => $dose->line->position, $doses),
            [
                'ingredient' => Term::ingredient(($main ?? $doses[0])->ingredient->key),
                'percent' => Term::percent(($main ?? $doses[0])->percent ?? 0.0),
                'like' => Term::percent(round($effect->worksLike ?? 0.0, 2)),
                'group' => Term::word('organism_'.$effect->free->worst()->value),
            ],
            certainty: Certainty::Possible,
            variant: $effect->word.($isLike ? '_like' : ''),
        );
    }
}
