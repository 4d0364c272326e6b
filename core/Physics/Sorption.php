<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Bisection;

/**
 * How dry a plant is: its water by what it lost while drying, and the water activity over it by the sorption isotherm
 * of Guggenheim, Anderson and de Boer. Constants in the middle of what is published for herbs (M0 0.055 to 0.085,
 * C 10 to 20, K 0.82 to 0.90; recalled). Shares are grams of water in a gram of plant.
 */
final class Sorption
{
    private const M0 = 0.070;

    private const C = 15.0;

    private const K = 0.85;

    /** Up to here it is dry: water activity about 0.6. */
    public const DRY = 0.12;

    /** Up to here only just; above, things grow in it. */
    public const BARELY = 0.15;

    /** Of a fresh leaf whose own figure nobody knows. Common practice. */
    private const FRESH_LEAF = 0.75;

    /** What part of an oily seed is fat stands in data/contents.csv under this name. */
    private const FAT = 'Fat';

    /** Grams of water to a gram of dry matter at a water activity. */
    public static function moisture(float $activity): float
    {
        $k = self::K * $activity;

        return self::M0 * self::C * $k / ((1 - $k) * (1 - $k + self::C * $k));
    }

    /** Water activity over a plant of so much water, by weight; fat takes up none. */
    public static function waterActivity(float $water, float $fat = 0.0): float
    {
        $dry = 1 - $water - $fat;
        if ($dry <= 0.0 || $water >= 1.0) {
            return 1.0;
        }
        $wanted = $water / $dry;

        return Bisection::reaches(self::moisture(...), $wanted, 0.0, 1.0);
    }

    /** dry, barely or wet, by the water in what is not fat. */
    public static function word(float $water, float $fat = 0.0): string
    {
        $share = $water / max(1e-9, 1 - $fat);

        return match (true) {
            $share <= self::DRY + 1e-9 => 'dry',
            $share <= self::BARELY + 1e-9 => 'barely',
            default => 'wet',
        };
    }

    /**
     * Water left in what is dried, by its weight fresh and now: only water goes.
     *
     * @param  float  $fresh  grams when it was picked
     * @param  float  $now  grams of the same
     */
    public static function left(float $fresh, float $now, float $waterFresh): float
    {
        return $now <= 0.0 ? 0.0 : max(0.0, min(1.0, 1 - $fresh * (1 - $waterFresh) / $now));
    }

    /**
     * Water in a plant as it goes in; null where nobody can tell.
     *
     * @param  float|null  $fresh  grams it weighed when it was picked, where the maker weighed it
     * @param  float|null  $now  grams as it goes in
     * @param  bool  $isDried  said to be dried
     */
    public static function waterIn(Material $plant, ?float $fresh, ?float $now, bool $isDried): ?float
    {
        $isFresh = $plant->kind === Kind::FreshBotanical;
        if ($fresh !== null && $now !== null && $now > 0.0) {
            return self::left($fresh, $now, $isFresh ? $plant->waterFraction ?? self::FRESH_LEAF : self::FRESH_LEAF);
        }

        return $isFresh && $isDried ? null : $plant->waterFraction;
    }

    public static function fatIn(Material $plant): float
    {
        return $plant->contents[self::FAT] ?? 0.0;
    }
}
