<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Allergen;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;

/** What comes from foods that some people must not meet, nuts aside. */
final class FoodAllergens implements Check
{
    private const SAID_ELSEWHERE = [Allergen::TreeNut, Allergen::Peanut];

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
    }
}
