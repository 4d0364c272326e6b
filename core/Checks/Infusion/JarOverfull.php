<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Infusion;

use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Infusion\Infusion;

/** It doesn't go in. */
final class JarOverfull implements InfusionCheck
{
    public function examine(Infusion $infusion): iterable
    {
        $room = $infusion->fullest;
        if ($room->fits() !== false) {
            return;
        }
        yield new Finding('infusion.overfull', Severity::Mind, terms: [
            'needs' => Term::number(ceil($room->levelMl())), 'holds' => Term::number((float) $room->jarMl),
        ], variant: $infusion->room->fits() === true ? 'later' : 'usual');
    }
}
