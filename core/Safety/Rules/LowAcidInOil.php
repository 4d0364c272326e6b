<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Garlic, roots and fresh herbs under oil, wet: what grows there makes botulinum toxin. */
final class LowAcidInOil implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->plants() as [$line, $isInOil]) {
            if (
                $isInOil
                && $line->ingredient !== null
                && $line->ingredient->kind->isFreshPlant()
                && $line->ingredient->is(MaterialTrait::LowAcid)
                && ! $line->line->hasWaterDrivenOut()
            ) {
                yield new Finding('plant.low_acid_in_oil', Severity::Stop, [$line->position], [
                    'ingredient' => Term::ingredient($line->ingredient->key),
                ], keys: $line->insideKeys());
            }
        }
    }
}
