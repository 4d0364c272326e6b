<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Band;

/**
 * Shares for ingredients that a note names without an amount: the maker's own from before, else what is usual of each;
 * what there is most of fills up to 100 %.
 */
final class UsualShares
{
    /** From this usual share on an ingredient carries the rest. Percent. Common practice. */
    private const CARRIES = 20.0;

    /** One formula alone says little of how it varies. */
    private const OF_ONE = 0.2;

    /**
     * @param  array<int, Material>  $open  those without an amount, by line
     * @param  float  $taken  percent the other lines take
     * @param  array<string, list<float>>  $own  percent in the maker's own formulas, by catalogue key
     * @return array<int, Band> percent of the batch, by line; empty where there is no room, or nothing usual is known
     */
    public static function of(array $open, float $taken, array $own): array
    {
        $usual = [];
        foreach ($open as $line => $material) {
            $band = self::usual($material, $own[$material->key] ?? []);
            if ($band === null) {
                return [];
            }
            $usual[$line] = $band;
        }
        $carriers = array_filter($usual, static fn (Band $band): bool => $band->likely >= self::CARRIES);
        $others = array_diff_key($usual, $carriers);
        $room = 100.0 - $taken;
        $fixed = Band::sum(array_values($others));
        if ($usual === [] || $room <= 0 || $fixed->likely >= $room) {
            return [];
        }
        if ($carriers === []) {
            // nothing among them carries: they are shared out only where they have to fill it up themselves
            return self::within($room, $taken > 0 ? $others : array_map(
                static fn (Band $band): Band => $band->times(100.0 / max($fixed->likely, 1e-9)),
                $others,
            ));
        }
        $sum = array_sum(array_map(static fn (Band $band): float => $band->likely, $carriers));
        $shares = $others;
        foreach ($carriers as $line => $band) {
            $part = $band->likely / $sum;
            $shares[$line] = Band::of(
                max(0.0, $room - $fixed->high) * $part,
                ($room - $fixed->likely) * $part,
                max($room - $fixed->low, $room - $fixed->likely) * $part,
            );
        }
        ksort($shares);

        return self::within($room, $shares);
    }

    /**
     * No share is more than there is room for.
     *
     * @param  array<int, Band>  $shares
     * @return array<int, Band>
     */
    private static function within(float $room, array $shares): array
    {
        return array_map(
            static fn (Band $share): Band => Band::of($share->low, $share->likely, min($share->high, $room)),
            $shares,
        );
    }

    /** @param  list<float>  $own */
    private static function usual(Material $material, array $own): ?Band
    {
        if ($own !== []) {
            sort($own);
            $middle = $own[intdiv(count($own), 2)];

            return count($own) === 1
                ? Band::around($middle, self::OF_ONE)
                : Band::of($own[0], $middle, $own[count($own) - 1]);
        }
        $typical = $material->usualUse();

        return $typical <= 0.0 ? null : Band::of(
            min($material->leastUse(), $typical),
            $typical,
            max($material->mostUse(), $typical),
        );
    }
}
