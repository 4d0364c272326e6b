<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Container;

/** How much to make. Grams in, grams out. */
final class Scaling
{
    /** What bowl, blender and spoons keep where nothing is known of this maker's own. Common practice, a guess. */
    public const USUAL_LOSS = 0.05;

    /**
     * Grams to make so that the containers come out full: n · V · (1 − headspace) · ρ / (1 + overrun) / (1 − loss).
     *
     * @param  float  $density  g/mL of the mix before any air is beaten in
     * @param  float  $overrun  fraction of air whipped in, 0.8 for 80 %
     * @param  float  $loss  fraction that stays behind
     */
    public static function forContainers(
        Container $container,
        int $count,
        float $density,
        float $overrun = 0.0,
        float $loss = self::USUAL_LOSS,
    ): float {
        return $count * $container->fillMl() * $density / (1 + $overrun) / (1 - $loss);
    }

    /**
     * The factor by which a batch can be made with what there is of one ingredient; null when the formula has none of
     * it.
     */
    public static function bySupply(Composition $composition, string $ingredient, float $gramsAtHand): ?float
    {
        $needed = 0.0;
        foreach ($composition->opened() as $line) {
            $needed += $line->ingredient?->key === $ingredient ? $line->weighs() : 0.0;
        }

        return $needed > 0 ? $gramsAtHand / $needed : null;
    }

    /**
     * Grams as a scale shows them, the sum kept: every amount down to a step, then the largest remainders up.
     *
     * @param  list<float>  $grams
     * @param  float  $step  grams, e.g. 0.1
     * @return list<float>
     */
    public static function onScale(array $grams, float $step): array
    {
        $steps = array_map(static fn (float $amount): float => floor($amount / $step + 1e-9), $grams);
        $missing = (int) round(array_sum($grams) / $step - array_sum($steps));
        $remainders = [];
        foreach ($grams as $i => $amount) {
            $remainders[$i] = $amount / $step - $steps[$i];
        }
        arsort($remainders);
        foreach (array_slice(array_keys($remainders), 0, max(0, $missing)) as $i) {
            $steps[$i]++;
        }

        return array_values(array_map(static fn (float $count): float => round($count * $step, 10), $steps));
    }
}
