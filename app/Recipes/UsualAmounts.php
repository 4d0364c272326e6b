<?php

declare(strict_types=1);

namespace App\Recipes;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reformulation\UsualShares;

/** What lines of a note that have no amount usually have: in the maker's own formulas, else by the catalogue. */
final readonly class UsualAmounts
{
    public function __construct(private OwnShares $own)
    {
    }

    /**
     * @param  list<WeighedLine>  $weighed  of the formula, in the order of the note
     * @param  callable(ReadLine): string  $keyOf
     * @return array<string, Band> percent of the batch, by key of the line
     */
    public function of(Recipe $recipe, array $weighed, callable $keyOf): array
    {
        $main = array_values(array_filter($recipe->lines, static fn (ReadLine $line): bool => $line->in === null));
        $open = [];
        $taken = 0.0;
        foreach ($weighed as $i => $line) {
            if ($line->amount?->kind === AmountKind::Percent) {
                $taken += $line->amount->number->likely ?? 0.0;
            } elseif ($line->amount !== null && $line->amount->kind !== AmountKind::Open) {
                return []; // weights and shares don't add up to anything that could be filled
            } elseif ($line->ingredient !== null && isset($main[$i])) {
                $open[$i] = $line->ingredient;
            } else {
                return [];
            }
        }
        $shares = [];
        $usual = $open === [] ? [] : UsualShares::of($open, $taken, $this->own->of($recipe->family));
        foreach ($usual as $i => $share) {
            $shares[$keyOf($main[$i])] = $share;
        }

        return $shares;
    }
}
