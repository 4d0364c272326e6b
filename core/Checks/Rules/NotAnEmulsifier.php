<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\MaterialTrait;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\WeighedLine;

/** A gum, a gel or honey is trusted to hold oil and water together. */
final class NotAnEmulsifier implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $emulsion = $assessment->emulsion;
        if ($emulsion->emulsifiers !== [] || ! $assessment->formula->family->isEmulsion() || $emulsion->waterShare < 0.01 || $emulsion->fatShare->likely < 0.01) {
            return;
        }
        $trusted = $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->kind === Kind::ThickenerGum || $ingredient->is(MaterialTrait::MistakenForEmulsifier));
        if ($trusted !== []) {
            yield new Finding('emulsion.not_an_emulsifier', Severity::Stop,
                array_map(static fn (WeighedLine $line): int => $line->position, $trusted),
                ['ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $trusted))]);
        }
    }
}
