<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A dose that is right of the oil, of the water or of a guessed yield, and wrong of the whole. */
final class PreservativeWrongBase implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->preservation->regime === Regime::Dry) {
            return;
        }
        $total = $assessment->composition->total?->likely;
        $bases = [
            'base_stated_yield' => $assessment->formula->statedYieldG === null || $total === null
                ? 0.0
                : $assessment->formula->statedYieldG / $total,
            'base_oil_phase' => $assessment->composition->shareOf(Phase::Oil)->likely,
            'base_water_phase' => $assessment->composition->shareOf(Phase::Water)->likely,
        ];
        foreach ($assessment->preservation->doses as $dose) {
            $range = $dose->range();
            if (
                $range === null
                || $dose->percent === null
                || ($dose->percent->below($range->min) === null && $dose->percent->above($range->max) === null)
            ) {
                continue;
            }
            foreach ($bases as $base => $share) {
                $percent = $share > 0 ? $dose->percent->likely / $share : 0.0;
                if ($percent >= $range->min && $percent <= $range->max && abs($share - 1) > 0.02) {
                    yield new Finding('preservation.wrong_base', Severity::Stop, [$dose->line->position], [
                        'ingredient' => Term::ingredient($dose->ingredient->key),
                        'percent' => Term::percent($dose->percent),
                        'base' => Term::word($base),
                        'of_base' => Term::percent($percent),
                    ], (new Remedy($assessment))->dose(
                        $dose->line,
                        $range->typical,
                        'dose_to',
                        ['percent' => Term::percent($range->typical)],
                    ), keys: $dose->line->insideKeys());
                    break;
                }
            }
        }
    }
}
