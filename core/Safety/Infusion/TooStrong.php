<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Stronger at the end than its plants may be used: a concentrate, to be thinned before use. */
final class TooStrong implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        if (! $infusion->isTooStrongAtEnd()) {
            return;
        }
        $limits = $infusion->contents->useLimits($infusion->plan->use);
        $over = [];
        $irritates = false;
        foreach ($infusion->contents->plants as $i => $plant) {
            if ($limits[$i] !== null && $infusion->end->strength($i) > $limits[$i] + 1e-9) {
                $over[$i + 1] = $plant->ingredient->key;
                $irritates = $irritates || $plant->ingredient->hasCaution(Caution::Irritant);
            }
        }
        $add = $infusion->plainOilToAdd();
        $isConcentrate = $infusion->plan->wishedStrength !== null && $add !== null;
        yield new Finding(
            $irritates ? 'irritant.strong' : 'dose.high',
            $isConcentrate ? Severity::Note : ($irritates ? Severity::Stop : Severity::Mind),
            array_keys($over),
            [
                'ingredients' => Term::ingredients(array_values($over)),
                'index' => Term::number($infusion->end->strength()),
                'limit' => Term::number($infusion->aim() ?? 0.0), 'grams' => Term::grams($add ?? 0.0),
            ],
            variant: $add === null ? 'infusion_never' : 'infusion',
        );
    }
}
