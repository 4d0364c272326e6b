<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;

/** One scent oil above its own ceiling. */
final class ScentSingleHigh implements Check
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
                'source' => Term::note($line->ingredient->source),
            ], (new Remedy($assessment))->dose($line, $ceiling, 'dose_to', ['percent' => Term::percent($ceiling)]), certainty: $certainty, variant: $certainty->value);
        }
    }
}
