<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;

/** More emulsifier than its usual range: stiff, waxy, build-up. */
final class EmulsifierHigh implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->emulsion->emulsifiers as $line) {
            $percent = $line->percent();
            $most = $line->ingredient?->use?->max;
            $certainty = $most === null ? null : $percent?->above($most);
            if ($certainty === null) {
                continue;
            }
            yield new Finding('emulsion.load_high', Severity::Mind, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'percent' => Term::percent($percent),
                'max' => Term::percent($most),
                'source' => Term::note($line->ingredient->source),
            ], (new Remedy($assessment))->dose($line, $most, 'dose_to', ['percent' => Term::percent($most)]), certainty: $certainty);
        }
    }
}
