<?php

declare(strict_types=1);

namespace Ilvane\Core\Cost;

use InvalidArgumentException;

/**
 * What one jar costs to make, and what it would have to sell for: material, container and label, hands, a share taken
 * by
 * whoever sells it, and something left over. Plain arithmetic; taxes, insurance, assessment, tools, power and what
 * spoils
 * are not in it.
 */
final readonly class Price
{
    private function __construct(
        public float $material,
        public float $packaging,
        public float $hands,
        public float $cost,
        public ?float $sell,
    ) {
    }

    /**
     * @param  float  $material  money for the whole batch
     * @param  int  $jars  it filled
     * @param  float  $packaging  money for one jar: container, closure, label
     * @param  float  $hours  of work for the whole batch
     * @param  float  $wage  money an hour
     * @param  float  $fee  fraction of the selling price that others keep
     * @param  float  $margin  fraction of the selling price that is to be left over
     */
    public static function of(
        float $material,
        int $jars,
        float $packaging,
        float $hours,
        float $wage,
        float $fee,
        float $margin,
    ): self {
        if ($jars < 1 || min($material, $packaging, $hours, $wage, $fee, $margin) < 0) {
            throw new InvalidArgumentException('At least one jar, and nothing less than nothing.');
        }
        $cost = $material / $jars + $packaging + $hours * $wage / $jars;
        $kept = 1 - $fee - $margin;

        return new self(
            $material / $jars,
            $packaging,
            $hours * $wage / $jars,
            $cost,
            $kept <= 0 ? null : $cost / $kept,
        );
    }
}
