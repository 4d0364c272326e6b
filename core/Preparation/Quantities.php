<?php

declare(strict_types=1);

namespace Ilvane\Core\Preparation;

use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Learned;
use InvalidArgumentException;

/** How much plant and water make so much of a preparation. Grams. */
final readonly class Quantities
{
    /** @param  Learned  $yield  grams out for a gram of water, or of plant where no water goes in */
    private function __construct(
        public float $plant,
        public float $water,
        public Band $expected,
        public Learned $yield,
    ) {
    }

    /**
     * Enough for the wanted grams on a likely day.
     *
     * @param  list<float>  $ownYields  of the maker's own makings, oldest first
     */
    public static function toGet(float $wanted, PreparationMethod $method, array $ownYields = []): self
    {
        if ($wanted <= 0) {
            throw new InvalidArgumentException('Nothing is wanted.');
        }
        $yield = Learned::from($method->usualYield(), $ownYields);
        $base = $wanted / $yield->value->likely;

        return new self(
            $method->ratio === null ? $base : $base * $method->ratio,
            $method->ratio === null ? 0.0 : $base,
            $yield->value->times($base),
            $yield,
        );
    }

    /** What a making gave, as the yield it teaches. */
    public static function yieldOf(float $made, float $plant, float $water): float
    {
        $base = $water > 0 ? $water : $plant;

        return $base > 0 ? $made / $base : 0.0;
    }
}
