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

/** What comes from foods that some people must not meet, nuts aside. */
final class FoodAllergens implements Rule
{
    private const SAID_ELSEWHERE = [Allergen::TreeNut, Allergen::Peanut, Allergen::Legume];

    /** Known to matter mostly when eaten, or rare. */
    private const MINOR = [Allergen::Coconut, Allergen::LatexPlant, Allergen::StoneFruit, Allergen::Asteraceae];

    public function examine(Assessment $assessment): iterable
    {
        $found = $assessment->composition->linesOrExtractsWith(
            static fn (Material $ingredient): bool => array_filter(
                $ingredient->allergens,
                static fn (Allergen $allergen): bool => ! in_array(
                    $allergen,
                    [...self::SAID_ELSEWHERE, ...self::MINOR],
                    true,
                ),
            ) !== [],
        );
        $lines = array_map(static fn (WeighedLine $line): int => $line->position, $found);
        $keys = array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $found);
        if ($lines !== []) {
            yield new Finding(
                'label.allergen',
                Severity::Note,
                array_values(array_unique($lines)),
                ['ingredients' => Term::ingredients($keys)],
            );
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
        $lines = $assessment->composition->linesOrExtractsWith(
            static fn (Material $ingredient): bool => $ingredient->hasAllergen(Allergen::Legume),
        );
        if ($lines !== []) {
            yield new Finding('label.allergen', Severity::Note,
                array_values(array_unique(array_map(static fn (WeighedLine $line): int => $line->position, $lines))),
                ['ingredients' => Term::ingredients(array_map(
                    static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                    $lines,
                ))],
                variant: 'legume');
        }
    }
}
