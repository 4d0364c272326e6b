<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\Phase;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A vessel its maker named that can't hold what goes into it. */
final class VesselTooSmall implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->isOnBatch) {
            return; // it held, or it did not
        }
        $said = $assessment->formula->process->conditions;
        $composition = $assessment->composition;
        $density = $composition->density() ?? 1.0;
        $water = $composition->gramsOf(Phase::Water)->likely / $density;
        $oil = $composition->gramsOf(Phase::Oil)->likely / $density;
        $all = $water + $oil + $composition->gramsOf(Phase::Cooldown)->likely / $density;
        $intoWater = $said->mixVessel === null && $said->pour() === PourOrder::OilIntoWater && $water > 0;
        $intoOil = $said->mixVessel === null && ! $intoWater;
        $wanted = [
            [$said->waterVessel, $intoWater ? $all : $water],
            [$said->oilVessel, $intoOil ? $all : $oil],
            [$said->mixVessel, $all],
        ];
        foreach ($wanted as [$key, $ml]) {
            $vessel = $key === null ? null : $assessment->catalogue->vessels()[$key] ?? null;
            if ($vessel !== null && $ml > $vessel->volumeMl * Packing::SLACK) {
                yield new Finding('yield.exceeds_vessel', Severity::Mind, terms: [
                    'vessel' => Term::vessel($vessel->key),
                    'volume' => Term::number(round($ml)),
                    'holds' => Term::number(round($vessel->volumeMl)),
                ]);
            }
        }
    }
}
