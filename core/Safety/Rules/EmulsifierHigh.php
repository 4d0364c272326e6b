<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More emulsifier than its usual range: stiff, waxy, build-up. */
final class EmulsifierHigh implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->emulsion->emulsifiers as $line) {
            $percent = $line->percent();
            $isRinsedOff = $assessment->formula->use === Application::RinseOff;
            $usual = $line->ingredient?->use?->max;
            $most = $isRinsedOff ? $line->ingredient->rinseOffMax ?? $usual : $usual;
            $certainty = $most === null ? null : $percent?->above($most);
            if ($line->ingredient === null || $certainty === null) {
                continue;
            }
            yield new Finding('emulsion.load_high', Severity::Mind, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'percent' => Term::percent($percent),
                'max' => Term::percent($most),
                'source' => Term::note($line->ingredient->sourceOf('use')),
            ], (new Remedy($assessment))->dose(
                $line,
                $most,
                'dose_to',
                ['percent' => Term::percent($most)],
            ), certainty: $certainty, keys: $line->insideKeys());
        }
    }
}
