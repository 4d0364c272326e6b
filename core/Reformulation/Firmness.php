<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Term;

/** The blend of fats nearest to the maker's own that feels as wished in a room of a given warmth. */
final class Firmness
{
    /**
     * So far inside the band of the wished feel, as a part of its width, that the figures' own error does not take it
     * out at once.
     */
    private const INSIDE = 0.15;

    /** @param  list<Material>  $atHand  fats that may come in */
    public static function wish(Assessment $it, string $feel, float $celsius, array $atHand, Stock $cupboard): Proposal
    {
        $band = SolidFat::band($feel);
        $known = array_values(array_filter(
            $atHand,
            static fn (Material $fat): bool => SolidFat::ofOne($fat, $celsius) !== null,
        ));
        $blending = Blending::of(
            $it->composition,
            $it->scaleResolutionG,
            $known,
            static fn (Material $fat): ?float => $cupboard->has($fat->key) ? $cupboard->gramsOf($fat->key) : null,
        );
        if ($blending === null || $band === null) {
            return Proposal::none('no_fats');
        }
        if ($it->texture->unknown !== []) {
            return Proposal::none('firmness_unknown', ['ingredients' => Term::ingredients($it->texture->unknown)]);
        }
        $now = $it->texture->feel($celsius);
        $solid = array_map(
            static fn (array $part): float => SolidFat::ofOne($part['ingredient'], $celsius) ?? 0.0,
            $blending->parts,
        );
        [$inner, $all] = self::inside($it, $celsius);
        $inset = self::INSIDE * ($band[1] - $band[0]);
        $percents = $now === $feel
            ? null
            : self::nearest(
                $it,
                $blending,
                $solid,
                [($band[0] + $inset) * $all - $inner, ($band[1] - $inset) * $all - $inner],
                $celsius,
                $all,
                $inner,
            );
        $fix = $percents === null ? null : $blending->fix($percents, 'bend.firm');
        $terms = ['celsius' => Term::celsius($celsius), 'feel' => Term::word("feel.$feel")];
        if ($percents === null || $fix === null) {
            [$softest, $hardest] = array_map(
                static fn (float $value): float => max(0.0, min(100.0, ($value + $inner) / $all)),
                $blending->reach($solid),
            );

            return $now === $feel
                ? Proposal::none('firm_already', $terms)
                : Proposal::none(
                    'firm_out_of_reach',
                    [
                        ...$terms,
                        'softest' => Term::percent(round($softest)),
                        'hardest' => Term::percent(round($hardest)),
                    ],
                );
        }
        $after = self::firmness($it, $blending, $percents, $celsius);

        return Proposal::change(
            $fix,
            'firm',
            [
                ...$terms,
                'from' => Term::percent(round($it->texture->at($celsius) ?? 0.0)),
                'to' => Term::percent(round($after)),
            ],
        );
    }

    /**
     * The nearest blend of that firmness. A wax gel is no weighted mean: what the straight sum misses by is added to
     * what is asked for, until it is met.
     *
     * @param  list<float>  $solid  points of solid fat of each part
     * @param  array{float, float}  $wanted  percent times points, from and to
     * @return list<float>|null percent of each part
     */
    private static function nearest(
        Assessment $it,
        Blending $blending,
        array $solid,
        array $wanted,
        float $celsius,
        float $all,
        float $inner,
    ): ?array {
        $missed = 0.0;
        $percents = null;
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $percents = $blending->nearest([[$solid, $wanted[0] - $missed, $wanted[1] - $missed]]);
            if ($percents === null) {
                return null;
            }
            $sum = array_sum(array_map(
                static fn (float $part, float $value): float => $part * $value,
                $percents,
                $solid,
            ));
            $is = self::firmness($it, $blending, $percents, $celsius) * $all - $inner;
            if ($is >= $wanted[0] - self::CLOSE && $is <= $wanted[1] + self::CLOSE) {
                return $percents;
            }
            $missed = $is - $sum;
        }

        return null;
    }

    private const ROUNDS = 12;

    /** Percent times points: the rounding of the amounts, well inside what a feel spans. */
    private const CLOSE = 20.0;

    /** @param  list<float>  $percents  of each part */
    private static function firmness(Assessment $it, Blending $blending, array $percents, float $celsius): float
    {
        $fats = [];
        foreach ($blending->parts as $i => $part) {
            $fats[] = [$part['ingredient'], $percents[$i]];
        }
        foreach ($it->composition->inner as $line) {
            if ($line->ingredient?->kind->isLipid() ?? false) {
                $fats[] = [$line->ingredient, 100 * $line->part()];
            }
        }

        return SolidFat::blend($fats)->at($celsius) ?? 0.0;
    }

    /**
     * Fats inside formulas of one's own stay as they are but count: their part of the sum, and percent of all fats.
     *
     * @return array{float, float}
     */
    private static function inside(Assessment $it, float $celsius): array
    {
        $solid = 0.0;
        foreach ($it->composition->inner as $line) {
            $solid += $line->ingredient?->kind->isLipid() === true
                ? 100 * $line->part() * (SolidFat::ofOne($line->ingredient, $celsius) ?? 0.0)
                : 0.0;
        }
        $fats = $it->composition->linesWith(static fn (Material $ingredient): bool => $ingredient->kind->isLipid());

        return [
            $solid,
            max(
                1e-9,
                100 * array_sum(array_map(static fn (WeighedLine $line): float => $line->part(), $fats)),
            ),
        ];
    }
}
