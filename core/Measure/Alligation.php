<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * Mixing and diluting by strength. Any unit of strength, the same throughout; amounts by weight (or by volume where
 * volumes add up). Rules: Ansel/Stoklosa, Pharmaceutical Calculations, "alligation" (from memory).
 */
final class Alligation
{
    /**
     * Parts of the stronger and of the weaker that make the wanted strength (alligation alternate).
     *
     * @return array{strong: float, weak: float}
     *
     * @throws ImpossibleMixture when the wanted strength lies outside the two, or they are the same
     */
    public static function parts(float $weak, float $strong, float $wanted): array
    {
        if ($strong <= $weak || $wanted < $weak || $wanted > $strong) {
            throw new ImpossibleMixture($weak, $strong, $wanted);
        }

        return ['strong' => $wanted - $weak, 'weak' => $strong - $wanted];
    }

    /**
     * How much of the weaker brings an amount of the stronger down to the wanted strength.
     *
     * @param  float  $weak  0 for something plain
     *
     * @throws ImpossibleMixture when no amount does
     */
    public static function toAdd(float $amount, float $strength, float $wanted, float $weak = 0.0): float
    {
        if ($wanted <= $weak || $wanted > $strength) {
            throw new ImpossibleMixture($weak, $strength, $wanted);
        }

        return $amount * ($strength - $wanted) / ($wanted - $weak);
    }

    /**
     * Strength of a mix (alligation medial).
     *
     * @param  non-empty-list<array{float, float}>  $parts  amount and strength of each
     */
    public static function mixed(array $parts): float
    {
        $amount = array_sum(array_column($parts, 0));

        return $amount > 0
            ? array_sum(array_map(static fn (array $part): float => $part[0] * $part[1], $parts)) / $amount
            : 0.0;
    }
}
