<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Microbiology\AudienceRestriction;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A preservative component barred for the people the product is for. */
final class PreservativeAudience implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->preservation->components() as $component) {
            $entry = AudienceRestriction::entry($component->component->inci, $assessment->formula->audience);
            if ($entry === null) {
                continue;
            }
            yield new Finding('preservation.audience', Severity::Stop, $component->lines, [
                'component' => Term::text($component->component->inci),
                'entry' => Term::text($entry),
            ], [(new Remedy($assessment))->remove($component->lines[0])]);
        }
    }
}
