<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Measure\UnreadableAmount;

/** "1,000 g": a thousand in one country, one in another. */
final class AmountAmbiguous implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->lines as $line) {
            if ($line->unread !== 'amount_'.UnreadableAmount::COMMA) {
                continue;
            }
            $entered = $line->line->amount;
            yield new Finding('measure.ambiguous', Severity::Mind, [$line->position], ['entered' => Term::text($entered)], [
                Fix::amount($line->position, str_replace(',', '', $entered), 'read_as', ['as' => Term::text(str_replace(',', '', $entered))]),
                Fix::amount($line->position, str_replace(',', '.', $entered), 'read_as', ['as' => Term::text(str_replace(',', '.', $entered))]),
            ]);
        }
    }
}
