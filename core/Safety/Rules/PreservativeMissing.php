<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Water inside and nothing that preserves it. A note where the product is meant fresh, kept cold and claimed short. */
final class PreservativeMissing implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $preservation = $assessment->preservation;
        if (
            $preservation->regime === Regime::Dry
            || $preservation->hasSystem()
            || $preservation->isLeftToTheBase()
        ) {
            return;
        }
        $days = Term::days($assessment->keepingIfFresh()->days ?? 1.0);
        if ($assessment->isFreshOnPurpose()) {
            yield new Finding('preservation.missing', Severity::Note, terms: ['days' => $days], variant: 'fresh');

            return;
        }
        yield new Finding(
            'preservation.missing',
            Severity::Stop,
            terms: ['days' => $days],
            // in an oil or a butter the water is to go, and the preservative would have nothing to preserve
            fixes: $assessment->formula->family->isFatOnly() && $assessment->emulsion->emulsifiers === []
                ? []
                : [$this->preserved($assessment)],
        );
    }

    private function preserved(Assessment $assessment): Fix
    {
        $preservative = $assessment->fullPreservative();
        $percent = $preservative->usualUse();

        return (new Remedy($assessment))->add($preservative->key, $percent, Phase::Cooldown, 'add_preservative', [
            'ingredient' => Term::ingredient($preservative->key),
            'percent' => Term::percent($percent),
        ]);
    }
}
