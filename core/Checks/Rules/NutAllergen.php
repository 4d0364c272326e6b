<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Allergen;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\WeighedLine;

/** Made from tree nuts or peanuts: say so to whoever uses it. */
final class NutAllergen implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->hasAllergen(Allergen::TreeNut) || $ingredient->hasAllergen(Allergen::Peanut));
        if ($lines === []) {
            return;
        }
        yield new Finding('safety.nut', Severity::Note,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $lines))]);
    }
}
