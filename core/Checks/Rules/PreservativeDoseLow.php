<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Regime;

/** A preservative under its working dose on the whole batch. */
final class PreservativeDoseLow implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->preservation->regime === Regime::Dry) {
            return;
        }
        foreach ($assessment->preservation->doses as $dose) {
            $certainty = $dose->tooLow();
            $range = $dose->range();
            if ($certainty === null || $range === null || $dose->percent === null) {
                continue;
            }
            yield new Finding('preservation.low', Severity::Stop, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
                'percent' => Term::percent($dose->percent),
                'min' => Term::percent($range->min),
                'max' => Term::percent($range->max),
                'source' => Term::note($dose->ingredient->source),
            ], (new Remedy($assessment))->dose($dose->line, $range->typical, 'dose_to', ['percent' => Term::percent($range->typical)]), certainty: $certainty, variant: $certainty->value);
        }
    }
}
