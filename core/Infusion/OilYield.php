<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Learned;

/**
 * Oil that comes out: what was in, less what the plant holds back drained, plus what pressing wins back of that.
 * Uptake by plant from the catalogue (from memory, plus or minus 40 %), 1 to 3 g a gram where it has none (common
 * practice); the maker's own strainings override both by and by. Pressing: from nothing to half, a quarter likely (a
 * guess).
 */
final class OilYield
{
    /**
     * @param  list<InPart>  $plants
     * @param  array<string, list<float>>  $ownUptake  grams of oil kept by a gram of dry plant after pressing, by plant
     *   key, oldest first
     */
    public static function of(float $oil, array $plants, array $ownUptake = []): Band
    {
        $held = Band::sum(array_map(
            static fn (InPart $plant): Band => self::keptBy($plant, $ownUptake)->times($plant->dryGrams()),
            $plants,
        ));

        return Band::of(max(0.0, $oil - $held->high), max(0.0, $oil - $held->likely), max(0.0, $oil - $held->low));
    }

    /**
     * Grams of oil one gram of the dry plant keeps, pressed.
     *
     * @param  array<string, list<float>>  $ownUptake
     */
    public static function keptBy(InPart $plant, array $ownUptake = []): Band
    {
        return self::learned($plant, $ownUptake[$plant->ingredient->key] ?? [])->value;
    }

    /**
     * What nobody's plant does (a jar strained with its water, a spilt bowl) teaches nothing.
     *
     * @param  list<float>  $own
     */
    public static function learned(InPart $plant, array $own): Learned
    {
        $usual = $plant->ingredient->oilKept();
        $believed = array_values(array_filter(
            $own,
            static fn (float $kept): bool => $kept >= $usual->low / self::BEYOND_BELIEF
                && $kept <= $usual->high * self::BEYOND_BELIEF,
        ));

        return Learned::from($usual, $believed);
    }

    /** So many times less or more than any plant usually keeps, and something else was weighed. A guess. */
    private const BEYOND_BELIEF = 3.0;
}
