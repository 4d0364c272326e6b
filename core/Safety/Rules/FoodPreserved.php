<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Food and a preservative: there is more in food to grow on than a home dose holds back. */
final class FoodPreserved implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $preservation = $assessment->preservation;
        if (! $preservation->hasSystem() || ! $preservation->isTooMuchFood) {
            return;
        }
        $foods = $assessment->composition->linesWith(
            static fn (Material $ingredient): bool => Preservation::isFood($ingredient),
        );
        yield new Finding('preservation.food', Severity::Mind, array_values(array_unique(array_map(
            static fn (WeighedLine $line): int => $line->position,
            $foods,
        ))), [
            'ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $foods,
            )),
            'limit' => Term::percent(100 * Preservation::FOOD_SHARE),
        ]);
    }
}
