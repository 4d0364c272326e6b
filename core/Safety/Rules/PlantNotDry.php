<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Physics\Sorption;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Dryness;
use Ilvane\Core\Safety\Rule;

/** A plant that is called dry and goes into oil, with more water left in it than mould needs. */
final class PlantNotDry implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->plants() as [$line, $isInOil]) {
            $plant = $line->ingredient;
            if (! $isInOil || $plant === null || $line->line->isPrepared(Prepared::CookedOut)) {
                continue;
            }
            $water = $line->line->freshGrams === null && $plant->kind->isFreshPlant()
                ? null
                : Sorption::waterIn($plant, $line->line->freshGrams, $line->grams?->likely, true);
            yield from Dryness::found(
                $plant,
                $water,
                $line->line->freshGrams !== null,
                [$line->position],
                $line->insideKeys(),
            );
        }
    }
}
