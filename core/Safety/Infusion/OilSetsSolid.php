<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A fat that is solid at the jar's temperature draws nothing out of a plant. */
final class OilSetsSolid implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->contents->oils as $i => $oil) {
            $melts = $oil->ingredient->meltHigh;
            if (
                $melts !== null
                && $infusion->plan->celsius < $melts
                && $oil->grams->likely > $infusion->contents->oil() / 2
            ) {
                yield new Finding('heat.below_melting', Severity::Stop, [count($infusion->contents->plants) + $i + 1], [
                    'ingredient' => Term::ingredient($oil->ingredient->key),
                    'celsius' => Term::celsius($infusion->plan->celsius),
                    'melts' => Term::celsius($melts),
                ], variant: 'infusion');
            }
        }
    }
}
