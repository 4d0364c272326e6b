<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More plant than the oil can draw from: it gets no stronger, and the plant keeps the oil. */
final class MuchPlant implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        $oil = $infusion->contents->oil();
        foreach ($infusion->contents->plants as $i => $plant) {
            $most = $plant->ingredient->infuseLimit();
            $is = 100 * $plant->dryGrams() / $oil;
            if ($most !== null && $is > $most + 1e-9) {
                yield new Finding('plant.much', Severity::Mind, [$i + 1], [
                    'ingredient' => Term::ingredient($plant->ingredient->key),
                    'is' => Term::number(round($is)),
                    'most' => Term::number($most),
                ], variant: $most > 0.0 ? 'usual' : 'never');
            }
        }
    }
}
