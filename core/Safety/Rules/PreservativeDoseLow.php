<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A preservative under its working dose on the whole batch. */
final class PreservativeDoseLow implements Rule
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
                'source' => Term::note($dose->ingredient->sourceOf('use')),
            ], (new Remedy($assessment))->dose(
                $dose->line,
                $range->typical,
                'dose_to',
                ['percent' => Term::percent($range->typical)],
            ), certainty: $certainty, variant: $certainty->value, keys: $dose->line->insideKeys());
        }
    }
}
