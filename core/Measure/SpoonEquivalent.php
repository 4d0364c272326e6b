<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** The nearest spoon or cup for so many grams, and how far off it is. For those without a scale. */
final readonly class SpoonEquivalent
{
    private const PARTS = [[0.25, '1/4'], [0.5, '1/2'], [0.75, '3/4'], [1.0, '1'], [1.5, '1 1/2'], [2.0, '2'], [2.5, '2 1/2'], [3.0, '3'], [4.0, '4']];

    /** @param  float  $error relative: the spoon's grams over the wanted ones, less one */
    private function __construct(
        public string $amount,
        public Unit $unit,
        public float $grams,
        public float $error,
    ) {
    }

    /** null where no spoon comes within half of it, or the material tells no density. */
    public static function of(float $grams, Bulk $bulk, Tools $tools): ?self
    {
        $best = null;
        foreach ([Unit::Cup, Unit::Tablespoon, Unit::Teaspoon] as $unit) {
            foreach (self::PARTS as [$part, $said]) {
                $weighs = $tools->grams(Band::exact($part), $unit, $bulk)?->likely;
                $error = $weighs === null || $grams <= 0 ? INF : $weighs / $grams - 1;
                if (abs($error) < 0.5 && ($best === null || abs($error) < abs($best->error) - 1e-9)) {
                    $best = new self($said, $unit, (float) $weighs, $error);
                }
            }
        }

        return $best;
    }
}
