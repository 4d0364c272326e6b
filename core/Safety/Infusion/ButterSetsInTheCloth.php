<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Process\Conditions;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A fat that is solid in the room has to be strained while it is warm. */
final class ButterSetsInTheCloth implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->contents->oils as $i => $oil) {
            $melts = $oil->ingredient->meltHigh;
            if ($melts !== null && $melts > Conditions::ROOM_C && $infusion->plan->celsius >= $melts) {
                yield new Finding('plant.strained_late', Severity::Note, [
                    count($infusion->contents->plants) + $i + 1,
                ], [
                    'ingredient' => Term::ingredient($oil->ingredient->key), 'melts' => Term::celsius($melts),
                ], variant: 'butter');
            }
        }
    }
}
