<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Label\Claims;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Words that promise what a cosmetic may not. */
final class LabelClaim implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $formula = $assessment->formula;
        $kinds = [];
        foreach (Claims::in("$formula->name. $formula->directions. $formula->notes") as $found) {
            $kinds[$found['kind']][] = $found['words'];
        }
        foreach ($kinds as $kind => $words) {
            yield new Finding(
                'label.claim',
                Severity::Stop,
                terms: ['words' => Term::text(implode('”, “', array_values(array_unique($words))))],
                variant: $kind,
            );
        }
    }
}
