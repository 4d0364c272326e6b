<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\WeighedLine;

/** Water slipped into a product of fat alone: it weeps, parts and moulds. */
final class WaterInButter implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        if (! $assessment->formula->family->isFatOnly() || $assessment->emulsion->emulsifiers !== []) {
            return;
        }
        $wet = $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->bringsFreeWater());
        if ($wet === []) {
            return;
        }
        yield new Finding('emulsion.water_in_butter', Severity::Stop,
            array_map(static fn (WeighedLine $line): int => $line->position, $wet),
            ['ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $wet))],
            [Fix::removeLine($wet[0]->position, 'remove_line')],
        );
    }
}
