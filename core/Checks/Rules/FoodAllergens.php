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

/** What comes from foods that some people must not meet, nuts aside. */
final class FoodAllergens implements Check
{
    private const SAID_ELSEWHERE = [Allergen::TreeNut, Allergen::Peanut, Allergen::Legume];

    /** Known to matter mostly when eaten, or rare. */
    private const MINOR = [Allergen::Coconut, Allergen::LatexPlant, Allergen::StoneFruit, Allergen::Asteraceae];

    public function examine(Assessment $assessment): iterable
    {
        $lines = $keys = [];
        foreach ($assessment->composition->known() as $line) {
            $allergens = array_filter($line->ingredient->allergens ?? [], static fn (Allergen $allergen): bool => ! in_array($allergen, [...self::SAID_ELSEWHERE, ...self::MINOR], true));
            if ($allergens !== []) {
                $lines[] = $line->position;
                $keys[] = $line->ingredient->key ?? '';
            }
        }
        if ($lines !== []) {
            yield new Finding('label.allergen', Severity::Note, array_values(array_unique($lines)), ['ingredients' => Term::ingredients($keys)]);
        }
        yield from $this->legumes($assessment);
    }

    /**
     * Legumes are no nuts and are made of none, but people allergic to one may react to another.
     *
     * @return iterable<Finding>
     */
    private function legumes(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->hasAllergen(Allergen::Legume));
        if ($lines !== []) {
            yield new Finding('label.allergen', Severity::Note,
                array_values(array_unique(array_map(static fn (WeighedLine $line): int => $line->position, $lines))),
                ['ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $lines))],
                variant: 'legume');
        }
    }
}
