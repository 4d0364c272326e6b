<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A line nobody could read: what it is, or how much of it, is unknown, and so is everything that depends on it. */
final class AmountUnread implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->written() as $line) {
            if ($line->unread === null || $line->line->isBlank()) {
                continue;
            }
            $text = trim(($line->line->amount === '' ? '' : $line->line->amount.' ').$line->line->spokenOf());
            yield new Finding('measure.unread', Severity::Stop, $assessment->composition->positionsOf([$line]), [
                'text' => Term::text($text),
                'line' => Term::number((float) $line->position),
            ], variant: $line->unread, keys: $line->insideKey === null ? [] : [$line->insideKey]);
        }
    }
}
