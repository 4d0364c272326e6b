<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Regime;

/** No water inside: nothing for a preservative to hold. */
final class PreservativeNotNeeded implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->preservation->regime !== Regime::Dry) {
            return;
        }
        foreach ($assessment->preservation->doses as $dose) {
            yield new Finding('preservation.not_needed', Severity::Note, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
            ], [Fix::removeLine($dose->line->position, 'remove_line')]);
        }
    }
}
