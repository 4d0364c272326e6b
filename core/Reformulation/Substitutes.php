<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Safety\Fix;

/** What could stand in for a line: of the same kind and phase, the most alike first, in a dose that suits it. */
final readonly class Substitutes
{
    /** A pair has to be so much more alike than the best single one to be worth a second bottle. */
    private const PAIR_WORTH = 0.6;

    private const SPLITS = 20;

    private ScentLikeness $scents;

    public function __construct(private Catalogue $catalogue)
    {
        $this->scents = new ScentLikeness($catalogue);
    }

    /** 0 for the same, growing with what is noticed: of a scent its character, of anything else its figures. */
    public function distance(Material $a, Material $b): float
    {
        return $a->kind === Kind::EssentialOil && $b->kind === Kind::EssentialOil
            ? $this->scents->distance($a, $b) ?? ScentLikeness::NOTHING_IN_COMMON
            : Similarity::distance($a, $b);
    }

    /**
     * @param  (callable(Material): bool)|null  $allowed
     * @return list<array{ingredient: Material, distance: float}> most alike first
     */
    public function for(WeighedLine $line, Composition $composition, ?callable $allowed = null): array
    {
        $found = [];
        $own = $line->ingredient;
        if ($own === null) {
            return [];
        }
        foreach ($this->catalogue->all() as $other) {
            if (self::fits($other, $line, $composition) && ($allowed === null || $allowed($other))) {
                $found[] = ['ingredient' => $other, 'distance' => $this->distance($own, $other)];
            }
        }
        usort(
            $found,
            static fn (array $a, array $b): int => [
                $a['distance'],
                $a['ingredient']->key,
            ] <=> [$b['distance'], $b['ingredient']->key],
        );

        return $found;
    }

    /** May stand in for the line's own: does the same work in such a dose, and is not in the formula yet. */
    public static function fits(Material $other, WeighedLine $line, Composition $composition): bool
    {
        return $line->ingredient !== null
            && Similarity::mayStandIn($line->ingredient, $other)
            && self::takesDose($other, $line)
            && array_filter(
                $composition->lines,
                static fn (WeighedLine $present): bool => $present->ingredient?->key === $other->key,
            ) === [];
    }

    /** One ingredient for another in the same line, in the amount that does the same work. */
    public function swap(WeighedLine $line, Material $other): Fix
    {
        $at = '/lines/'.($line->position - 1);
        $amount = self::amount($line, self::percent($line, $other));

        return new Fix('bend.swap', [
            ['op' => 'replace', 'path' => "$at/ingredient", 'value' => $other->key],
            ...($amount === null ? [] : [['op' => 'replace', 'path' => "$at/amount", 'value' => $amount]]),
        ]);
    }

    /**
     * The one fat, or the two, most like a line's own among those allowed.
     *
     * @param  callable(Material): bool  $allowed
     * @return list<array{Material, float}> each with its part of the line's share; none where nothing fits
     */
    public function nearestTo(WeighedLine $line, Composition $composition, callable $allowed): array
    {
        $found = $this->for($line, $composition, $allowed);
        if ($found === [] || $line->ingredient === null) {
            return [];
        }
        $best = [[$found[0]['ingredient'], 1.0]];
        if (! $line->ingredient->kind->isLipid()) {
            return $best;
        }
        $own = Similarity::figures($line->ingredient);
        $least = self::PAIR_WORTH * $found[0]['distance'];
        foreach ($found as $i => ['ingredient' => $a]) {
            foreach (array_slice($found, $i + 1) as ['ingredient' => $b]) {
                for ($part = 2; $part <= self::SPLITS - 2; $part++) {
                    $share = $part / self::SPLITS;
                    $distance = Similarity::apart(
                        $own,
                        self::mixed(Similarity::figures($a), Similarity::figures($b), $share),
                    );
                    if ($distance < $least - 1e-9) {
                        [$least, $best] = [$distance, [[$a, $share], [$b, 1 - $share]]];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * @param  array<string, float|null>  $a
     * @param  array<string, float|null>  $b
     * @return array<string, float|null>
     */
    public static function mixed(array $a, array $b, float $share): array
    {
        $mixed = [];
        foreach ($a as $name => $value) {
            $mixed[$name] = $value === null || $b[$name] === null ? null : $share * $value + (1 - $share) * $b[$name];
        }

        return $mixed;
    }

    /** Percent of the batch that does the same work, within its usual dose. */
    private static function percent(WeighedLine $line, Material $other): float
    {
        $percent = 100 * $line->part();
        $percent = match ($other->kind) {
            Kind::Preservative => $other->use->typical ?? $percent,
            Kind::Emulsifier => $percent * Emulsion::leastLoad($other) / Emulsion::leastLoad($line->ingredient),
            default => $percent,
        };

        return max($other->use->min ?? 0.0, min($other->use->max ?? 100.0, $percent));
    }

    /** In the line's own measure; null where its amount says the same for either. */
    private static function amount(WeighedLine $line, float $percent): ?string
    {
        $was = 100 * $line->part();
        $isSame = abs($percent - $was) < 1e-9 && $line->amount?->unit?->grams() !== null;
        if ($line->amount?->kind === AmountKind::Rest || $was <= 0 || $isSame) {
            return null;
        }
        if ($line->amount?->kind === AmountKind::Percent) {
            return abs($percent - $was) < 1e-9 ? null : Amount::plain(round($percent, 2)).' %';
        }

        return Amount::plain(round($line->weighs() * $percent / $was, 2)).' g';
    }

    /** A carrier for half of everything can't be replaced by what is used at a few percent. */
    private static function takesDose(Material $other, WeighedLine $line): bool
    {
        return ! $other->kind->isLipid()
            && ! $other->kind->isWatery()
            || 100 * $line->part() <= ($other->use->max ?? 0.0) + 1e-9;
    }
}
