<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Water slipped into a product of fat alone: it weeps, parts and moulds. */
final class WaterInButter implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        if (! $assessment->formula->family->isFatOnly() || $assessment->emulsion->emulsifiers !== []) {
            return;
        }
        $wet = $assessment->composition->linesWith(
            static fn (Material $ingredient): bool => $ingredient->bringsFreeWater(),
        );
        if ($wet === []) {
            return;
        }
        yield new Finding('emulsion.water_in_butter', Severity::Stop,
            array_map(static fn (WeighedLine $line): int => $line->position, $wet),
            ['ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $wet,
            ))],
            [(new Remedy($assessment))->remove($wet[0]->position)],
        );
    }
}
