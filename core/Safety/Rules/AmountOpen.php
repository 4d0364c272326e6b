<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Something without a measure, or measured in a way that tells no weight: what depends on it can't be said. */
final class AmountOpen implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->written() as $line) {
            if (
                ! $line->isOpen()
                || $line->amount === null
                || ($line->ingredient === null && ! $line->line->isMade())
            ) {
                continue;
            }
            yield new Finding('measure.open', Severity::Stop, $assessment->composition->positionsOf([$line]), [
                'ingredient' => $line->ingredient === null
                    ? Term::text($line->line->spokenOf())
                    : Term::ingredient($line->ingredient->key),
                'entered' => Term::text($line->amount->entered),
            ], variant: match (true) {
                $line->amount->number !== null && $line->amount->unit !== null => 'must_be_weighed',
                $line->amount->number !== null
                    || $assessment->composition->total === null
                    && $line->amount->kind->value === 'rest' => 'needs_batch',
                default => 'usual',
            }, keys: $line->insideKeys());
        }
    }
}
