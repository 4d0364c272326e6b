<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A plant whose mucilage, tannins or colour dissolve in water: oil takes little of what it is used for. */
final class GivesToWater implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->contents->plants as $i => $plant) {
            if ($plant->ingredient->is(MaterialTrait::GivesToWater)) {
                yield new Finding('plant.gives_to_water', Severity::Note, [$i + 1], [
                    'ingredient' => Term::ingredient($plant->ingredient->key),
                ]);
            }
        }
    }
}
