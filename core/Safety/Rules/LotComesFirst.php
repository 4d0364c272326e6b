<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** The product is good no longer than the lot that turns first. */
final class LotComesFirst implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $decides = $assessment->keeping->decidedBy();
        if ($assessment->keeping->days !== null && $decides?->what !== 'lot') {
            return;
        }
        $first = null;
        foreach ($assessment->composition->lines as $line) {
            if (
                $line->line->bestBefore !== null
                && $line->isInBatch()
                && ($first === null || $line->line->bestBefore < $first->line->bestBefore)
            ) {
                $first = $line;
            }
        }
        if (
            $first instanceof WeighedLine
            && $first->line->bestBefore !== null
            && ($assessment->madeOn === null || $first->line->bestBefore >= $assessment->madeOn->setTime(0, 0))
        ) {
            yield new Finding('keeping.ingredient_first', Severity::Note, [$first->position], [
                'lot' => Term::text($first->line->lot ?? $first->line->spokenOf()),
                'date' => Term::text($first->line->bestBefore->format('Y-m-d')),
            ], keys: $first->insideKeys());
        }
    }
}
