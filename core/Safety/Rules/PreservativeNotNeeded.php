<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** No water inside: nothing for a preservative to hold. */
final class PreservativeNotNeeded implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->preservation->regime !== Regime::Dry) {
            return;
        }
        foreach ($assessment->preservation->doses as $dose) {
            yield new Finding('preservation.not_needed', Severity::Note, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
            ], [(new Remedy($assessment))->remove($dose->line->position)], keys: $dose->line->insideKeys());
        }
    }
}
