<?php

declare(strict_types=1);

namespace Ilvane\Core\Person;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/**
 * What a formula would be to one person's hair. Personal remarks by rules of thumb among makers, no finding and no
 * medical
 * advice: hair differs more than the rules do. All limits are common practice, from memory.
 */
final class PersonalNotes
{
    /** More fat than this in a leave-in, and fine hair hangs. Percent. */
    private const RICH_FOR_FINE = 12.0;

    /** Less than this, and coarse hair notices nothing. */
    private const THIN_FOR_COARSE = 5.0;

    /** So much of butters and of the heaviest oils stays on top of hair that takes in little. */
    private const SITS_ON_TOP = 8.0;

    /** So much of what draws water swells hair that takes in much, in damp weather. */
    private const DRAWS_WATER = 5.0;

    /** @return list<array{word: string, percent: float|null, ingredients: list<string>}> */
    public static function of(HairProfile $hair, Formula $formula, Composition $composition): array
    {
        $notes = [];
        $fat = 100 * $composition->fatShare();
        $isLeftIn = $formula->use === Application::LeaveOn && ! $formula->family->isFatOnly();
        if ($isLeftIn && $hair->strand === 'fine' && $fat > self::RICH_FOR_FINE) {
            $notes[] = self::note('rich_for_fine', $fat);
        }
        if ($isLeftIn && $formula->family->isEmulsion() && $hair->strand === 'coarse' && $fat < self::THIN_FOR_COARSE) {
            $notes[] = self::note('thin_for_coarse', $fat);
        }
        $heavy = $composition->linesWith(
            static fn (Material $it): bool => $it->kind === Kind::Butter || $it->is(MaterialTrait::HeavyOnHair),
        );
        if ($isLeftIn && $hair->porosity === 'low' && self::percent($heavy) > self::SITS_ON_TOP) {
            $notes[] = self::note('sits_on_top', self::percent($heavy), $heavy);
        }
        $humectants = $composition->ofKind(Kind::Humectant);
        if ($isLeftIn && $hair->porosity === 'high' && self::percent($humectants) > self::DRAWS_WATER) {
            $notes[] = self::note('draws_water', self::percent($humectants), $humectants);
        }
        foreach ($hair->dislikes as $disliked) {
            $lines = $composition->linesWith(static fn (Material $it): bool => match ($disliked) {
                'protein' => $it->kind === Kind::Protein,
                'glycerine' => isset($it->contents['Glycerin']),
                'coconut' => $it->hasAllergen(Allergen::Coconut),
                'scent' => $it->kind->isScent(),
                'cationic' => $it->charge === Charge::Cationic,
                default => false,
            });
            if ($lines !== []) {
                $notes[] = self::note("dislikes_$disliked", null, $lines);
            }
        }
        $reacts = $composition->linesWith(static fn (Material $it): bool => array_filter(
            $hair->avoids,
            $it->hasAllergen(...),
        ) !== []);

        return $reacts === [] ? $notes : [self::note('reacts', null, $reacts), ...$notes];
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return array{word: string, percent: float|null, ingredients: list<string>}
     */
    private static function note(string $word, ?float $percent, array $lines = []): array
    {
        return [
            'word' => $word,
            'percent' => $percent,
            'ingredients' => array_values(array_unique(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            ))),
        ];
    }

    /** @param  list<WeighedLine>  $lines */
    private static function percent(array $lines): float
    {
        return 100 * Composition::shareOfLines($lines)->likely;
    }
}
