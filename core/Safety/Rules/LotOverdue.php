<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A lot past its own date spoils what it goes into. */
final class LotOverdue implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->lines as $line) {
            $date = $line->line->bestBefore;
            if ($date !== null && $assessment->madeOn !== null && $date < $assessment->madeOn->setTime(0, 0)) {
                yield new Finding('keeping.overdue', Severity::Stop, [$line->position], [
                    'lot' => Term::text($line->line->lot ?? $line->line->spokenOf()),
                    'date' => Term::text($date->format('Y-m-d')),
                ], keys: $line->insideKeys());
            }
        }
    }
}
