<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;

/** A lot past its own date spoils what it goes into. */
final class LotOverdue implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->lines as $line) {
            $date = $line->line->bestBefore;
            if ($date !== null && $assessment->madeOn !== null && $date < $assessment->madeOn->setTime(0, 0)) {
                yield new Finding('keeping.overdue', Severity::Stop, [$line->position], [
                    'lot' => Term::text($line->line->lot ?? $line->line->spokenOf()), 'date' => Term::text($date->format('Y-m-d')),
                ]);
            }
        }
    }
}
