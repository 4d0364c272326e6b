<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Citrus peel gives furocoumarins to oil: on a scalp in the sun they burn. */
final class SunlitSkin implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->contents->plants as $i => $plant) {
            if ($plant->ingredient->hasCaution(Caution::Phototoxic) && $infusion->plan->use === Application::LeaveOn) {
                yield new Finding(
                    'scent.phototoxic',
                    Severity::Stop,
                    [$i + 1],
                    ['ingredient' => Term::ingredient($plant->ingredient->key)],
                    variant: 'infusion',
                );
            }
        }
    }
}
