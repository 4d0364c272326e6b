<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** One scent oil above its own ceiling. */
final class ScentSingleHigh implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->scent->lines as $line) {
            $percent = $line->percent();
            $ceiling = $line->ingredient === null ? null : $assessment->scent->ceilingOf($line->ingredient);
            $certainty = $ceiling === null ? null : $percent?->above($ceiling);
            if ($certainty === null) {
                continue;
            }
            yield new Finding('scent.single_high', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'percent' => Term::percent($percent),
                'limit' => Term::percent($ceiling),
                'caution' => Term::note($line->ingredient->cautionNote),
                'source' => Term::note($line->ingredient->sourceOf('use')),
            ], (new Remedy($assessment))->dose(
                $line,
                $ceiling,
                'dose_to',
                ['percent' => Term::percent($ceiling)],
            ), certainty: $certainty, variant: $certainty->value, keys: $line->insideKeys());
        }
    }
}
