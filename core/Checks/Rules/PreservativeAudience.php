<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Preservation\AudienceRestriction;

/** A preservative component barred for the people the product is for. */
final class PreservativeAudience implements Check
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
            ], [Fix::removeLine($component->lines[0], 'remove_line')]);
        }
    }
}
