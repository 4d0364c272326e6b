<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Infusion;

use Ilvane\Core\Catalogue\Caution;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Infusion\Infusion;

/** Citrus peel gives furocoumarins to oil: on a scalp in the sun they burn. */
final class SunlitSkin implements InfusionCheck
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->contents->plants as $i => $plant) {
            if ($plant->ingredient->hasCaution(Caution::Phototoxic) && $infusion->plan->use === Application::LeaveOn) {
                yield new Finding('scent.phototoxic', Severity::Stop, [$i + 1], ['ingredient' => Term::ingredient($plant->ingredient->key)], variant: 'infusion');
            }
        }
    }
}
