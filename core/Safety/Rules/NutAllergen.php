<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** From nuts, or from kernels that people with a nut allergy may react to: say so to whoever uses it. */
final class NutAllergen implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->linesOrExtractsWith(static fn (Material $ingredient): bool => $ingredient
            ->hasAllergen(Allergen::TreeNut) || $ingredient
            ->hasAllergen(Allergen::Peanut));
        if ($lines === []) {
            return;
        }
        yield new Finding('safety.nut', Severity::Note,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            ))]);
    }
}
