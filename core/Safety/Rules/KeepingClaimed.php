<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A life claimed that it does not have; a jar without a date. */
final class KeepingClaimed implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $claimed = $assessment->formula->keeping->claimedDays;
        $days = $assessment->keeping->days;
        if ($claimed !== null && $days !== null && $claimed > $days + 1e-9) {
            $isHopeful = $assessment->isHopeful($claimed);
            yield new Finding('keeping.claim_too_long', $isHopeful ? Severity::Mind : Severity::Stop, terms: [
                'claimed' => Term::days($claimed),
                'days' => Term::days($days),
            ], fixes: [
                new Fix(
                    'claim_to',
                    [['op' => 'replace', 'path' => '/keeping/claimed_days', 'value' => $days]],
                    ['days' => Term::days($days)],
                ),
            ], variant: $isHopeful ? 'hopeful' : 'usual');
        }
        if (
            $assessment->container !== null
            && $days === null
            && $claimed === null
            && $assessment->composition->known() !== []
        ) {
            yield new Finding('label.undated', Severity::Mind);
        }
    }
}
