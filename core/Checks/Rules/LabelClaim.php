<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Label\Claims;

/** Words that promise what a cosmetic may not. */
final class LabelClaim implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $formula = $assessment->formula;
        $kinds = [];
        foreach (Claims::in("$formula->name. $formula->directions. $formula->notes") as $found) {
            $kinds[$found['kind']][] = $found['words'];
        }
        foreach ($kinds as $kind => $words) {
            yield new Finding('label.claim', Severity::Stop, terms: ['words' => Term::text(implode('”, “', array_values(array_unique($words))))], variant: $kind);
        }
    }
}
