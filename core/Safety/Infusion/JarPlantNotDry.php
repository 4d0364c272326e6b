<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Dryness;

/** A plant that is called dry and has too much water left, under an oil that isn't hot enough to drive it out. */
final class JarPlantNotDry implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        foreach ($infusion->plan->drivesWaterOut() ? [] : $infusion->contents->plants as $i => $plant) {
            yield from Dryness::found(
                $plant->ingredient,
                $plant->waterLeft(),
                $plant->freshGrams !== null,
                [$i + 1],
            );
        }
    }
}
