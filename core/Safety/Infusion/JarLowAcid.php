<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Garlic, roots and fresh herbs under oil, wet: what grows there makes botulinum toxin. */
final class JarLowAcid implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->plan->drivesWaterOut() ? [] : $infusion->contents->plants as $i => $plant) {
            if (
                $plant->ingredient->is(MaterialTrait::LowAcid)
                && in_array($plant->form, [PlantForm::FreshWet, PlantForm::FreshWilted], true)
            ) {
                yield new Finding('plant.low_acid_in_oil', Severity::Stop, [$i + 1], [
                    'ingredient' => Term::ingredient($plant->ingredient->key),
                ]);
            }
        }
    }
}
