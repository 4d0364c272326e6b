<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;

/**
 * The lines of the infusion phase of a formula: together they are one part, "strained-out". A liquid among them is what
 * carries, and counts; where none is, all oil lines carry (water lines, where the formula isn't of fats alone). The
 * plants are strained out again: they have grams and no share.
 */
final class StrainedOut
{
    /** What is not strained out with the plants: a liquid of the infusion phase is in the batch, with its kind. */
    public static function phaseOf(Phase $phase, ?Material $material): Phase
    {
        return match (true) {
            $phase !== Phase::Infusion || $material === null || ! self::carries($material) => $phase,
            $material->kind->isLipid() => Phase::Oil,
            default => Phase::Water,
        };
    }

    private static function carries(Material $material): bool
    {
        return ! $material->kind->isPlant()
            && ($material->kind->isLipid() || $material->kind->isWatery() || $material->isLiquid());
    }

    /**
     * @param  list<WeighedLine>  $lines  of the formula, settled
     * @return WeighedPart|null null where nothing is strained out
     */
    public static function of(array $lines, Family $family, ?Band $total): ?WeighedPart
    {
        $strained = array_values(array_filter($lines, static fn (WeighedLine $line): bool => ! $line->isInBatch()));
        if ($strained === []) {
            return null;
        }
        $asked = static fn (WeighedLine $line): ?Phase => $line->line->phase;
        $liquids = array_values(array_filter(
            $lines,
            static fn (WeighedLine $line): bool => $line->isInBatch() && $asked($line) === Phase::Infusion,
        ));
        $phase = $family->isFatOnly() ? Phase::Oil : Phase::Water;
        $carriers = $liquids !== [] ? $liquids : array_values(array_filter(
            $lines,
            static fn (WeighedLine $line): bool => $line->phase === $phase,
        ));
        $put = Composition::shareOfLines($carriers);
        $grams = Band::sum(array_map(static fn (WeighedLine $line): Band => $line->grams ?? Band::zero(), $carriers));
        $isOily = ($carriers[0] ?? null)?->phase === Phase::Oil;
        $makes = $isOily || ($carriers === [] && $family->isFatOnly()) ? PartKind::InfusedOil : PartKind::Tea;
        $extracts = [];
        foreach ($strained as $line) {
            if ($line->ingredient?->kind->isPlant() ?? false) {
                $extracts[] = new Extract(
                    $line->ingredient,
                    $line,
                    self::perGram($line, $strained, $grams, $total),
                    $makes === PartKind::InfusedOil,
                );
            }
        }
        $all = [...$strained, ...$carriers];

        return new WeighedPart(
            new Part(Part::STRAINED_OUT, '', $makes, array_column($all, 'line')),
            new Composition($all, $grams, Basis::Lines, Band::exact(1.0), false),
            $grams,
            true,
            array_map(static fn (WeighedLine $line): WeighedLine => $line->weighing(
                $line->grams,
                $line->share === null || $put->likely <= 0 ? null : $line->share->times(1 / $put->likely),
            ), $carriers),
            $extracts,
            $all,
        );
    }

    /**
     * At rest what a plant gives is shared between the plants and what they stand in.
     *
     * @param  list<WeighedLine>  $strained
     */
    private static function perGram(WeighedLine $line, array $strained, Band $carriers, ?Band $total): ?Band
    {
        $grams = self::gramsOf($line, $total);
        $all = Band::sum(array_map(
            static fn (WeighedLine $one): Band => self::gramsOf($one, $total) ?? Band::zero(),
            $strained,
        ));

        return $grams === null ? null : Band::share($grams, $carriers->plus($all->minus($grams)->notBelowZero()));
    }

    private static function gramsOf(WeighedLine $line, ?Band $total): ?Band
    {
        return $line->amount?->kind === AmountKind::Percent && $line->amount->number !== null
            ? $total?->times($line->amount->number->times(0.01))
            : $line->grams;
    }

    /** @return list<Extract> in the whole batch */
    public static function extracts(?WeighedPart $strained, ?Band $total): array
    {
        $share = $strained?->gives === null || $total === null || $total->likely <= 0
            ? null
            : $strained->gives->times(1 / $total->likely);

        return array_map(
            static fn (Extract $extract): Extract => $extract->thinned($share),
            $strained->extracts ?? [],
        );
    }
}
