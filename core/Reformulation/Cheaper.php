<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Cost\Cost;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Term;

/** As close to the maker's own as possible for less money, by moving its fats among those with a price. */
final class Cheaper
{
    /**
     * @param  float  $by  part of the cost to be saved, 0.2 for a fifth
     * @param  list<Material>  $priced  fats that may come in, each with a price
     */
    public static function wish(Assessment $it, float $by, array $priced, Stock $cupboard): Proposal
    {
        $blending = Blending::of(
            $it->composition,
            $it->scaleResolutionG,
            $priced,
            static fn (Material $fat): ?float => null,
        );
        $total = $it->composition->total?->likely;
        if ($blending === null || $total === null) {
            return Proposal::none('no_fats');
        }
        $keys = array_map(static fn (array $part): string => $part['ingredient']->key, $blending->parts);
        $unpriced = array_values(array_unique(array_filter(
            $keys,
            static fn (string $key): bool => $cupboard->pricePerGram($key) === null,
        )));
        if ($unpriced !== []) {
            return Proposal::none('unpriced', ['ingredients' => Term::ingredients($unpriced)]);
        }
        $cost = Cost::of($it->composition, $cupboard->pricePerGram(...))->known;
        // money for one percent of the batch of each
        $prices = array_map(
            static fn (array $part): float => ($cupboard->pricePerGram($part['ingredient']->key) ?? 0.0) * $total / 100,
            $blending->parts,
        );
        $fats = array_sum(array_map(
            static fn (array $part, float $price): float => $part['was'] * $price,
            $blending->parts,
            $prices,
        ));
        [$least] = $blending->reach($prices);
        $goal = $fats - $by * $cost;
        $percents = $blending->nearest([[$prices, 0.0, $goal]], self::alike($blending));
        $fix = $percents === null ? null : $blending->fix($percents, 'bend.cheaper');
        if ($percents === null || $fix === null) {
            return Proposal::none(
                'cheaper_out_of_reach',
                ['percent' => Term::percent($cost <= 0 ? 0.0 : max(0.0, 100 * ($fats - $least) / $cost))],
            );
        }
        $after = array_sum(array_map(
            static fn (float $percent, float $price): float => $percent * $price,
            $percents,
            $prices,
        ));

        return Proposal::change($fix, 'cheaper', ['percent' => Term::percent(100 * ($fats - $after) / $cost)]);
    }

    /** @return list<list<float>> what the blend is to stay alike in; a figure some fat has none of can't be held */
    private static function alike(Blending $blending): array
    {
        $figures = array_map(
            static fn (array $part): array => Similarity::figures($part['ingredient']),
            $blending->parts,
        );
        $alike = [];
        foreach (array_keys($figures[0]) as $name) {
            $column = array_column($figures, $name);
            if (array_filter($column, is_null(...)) === []) {
                $alike[] = array_map(floatval(...), $column);
            }
        }

        return $alike;
    }
}
