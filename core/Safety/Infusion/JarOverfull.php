<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** It doesn't go in. */
final class JarOverfull implements InfusionRule
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
