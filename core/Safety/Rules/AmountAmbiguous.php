<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Measure\UnreadableAmount;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** "1,000 g": a thousand in one country, one in another. */
final class AmountAmbiguous implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->lines as $line) {
            if ($line->unread !== 'amount_'.UnreadableAmount::COMMA) {
                continue;
            }
            $entered = $line->line->amount;
            $terms = ['entered' => Term::text($entered)];
            yield new Finding('measure.ambiguous', Severity::Mind, [$line->position], $terms, [
                Fix::amount(
                    $line->position,
                    str_replace(',', '', $entered),
                    'read_as',
                    ['as' => Term::text(str_replace(',', '', $entered))],
                ),
                Fix::amount(
                    $line->position,
                    str_replace(',', '.', $entered),
                    'read_as',
                    ['as' => Term::text(str_replace(',', '.', $entered))],
                ),
            ], keys: $line->insideKeys());
        }
    }
}
