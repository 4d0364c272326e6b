<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Powder clouds the oil and clogs the cloth; what passes stays in the hair as grit. */
final class PowderClouds implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        $powders = array_filter(
            $infusion->contents->plants,
            static fn (InPart $plant): bool => $plant->form === PlantForm::Powder,
        );
        if ($powders !== []) {
            yield new Finding('plant.powder', Severity::Note, array_map(
                static fn (int $i): int => $i + 1,
                array_keys($powders),
            ), [
                'ingredients' => Term::ingredients(array_values(array_map(
                    static fn (InPart $plant): string => $plant->ingredient->key,
                    $powders,
                ))),
            ]);
        }
    }
}
