<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;

/** A line nobody could read: what it is, or how much of it, is unknown, and so is everything that depends on it. */
final class AmountUnread implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->lines as $line) {
            if ($line->unread === null || $line->line->isBlank()) {
                continue;
            }
            $text = trim(($line->line->amount === '' ? '' : $line->line->amount.' ').$line->line->spokenOf());
            yield new Finding('measure.unread', Severity::Stop, [$line->position], [
                'text' => Term::text($text),
                'line' => Term::number((float) $line->position),
            ], variant: $line->unread);
        }
    }
}
