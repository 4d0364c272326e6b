<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Infusion;

use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Infusion\Infusion;

/** A fat that is solid at the jar's temperature draws nothing out of a plant. */
final class OilSetsSolid implements InfusionCheck
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->contents->oils as $i => $oil) {
            $melts = $oil->ingredient->meltHigh;
            if ($melts !== null && $infusion->plan->celsius < $melts && $oil->grams->likely > $infusion->contents->oil() / 2) {
                yield new Finding('heat.below_melting', Severity::Stop, [count($infusion->contents->plants) + $i + 1], [
                    'ingredient' => Term::ingredient($oil->ingredient->key), 'celsius' => Term::celsius($infusion->plan->celsius), 'melts' => Term::celsius($melts),
                ], variant: 'infusion');
            }
        }
    }
}
