<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** The nearest spoon or cup for so many grams, and how far off it is. For those without a scale. */
final readonly class SpoonEquivalent
{
    private const PARTS = [
        [0.125, '1/8'],
        [0.25, '1/4'],
        [1 / 3, '1/3'],
        [0.5, '1/2'],
        [2 / 3, '2/3'],
        [0.75, '3/4'],
        [1.0, '1'],
        [1.5, '1 1/2'],
        [2.0, '2'], [2.5, '2 1/2'], [3.0, '3'], [4.0, '4'],
    ];

    /** Further off than this, a spoon is no help. */
    private const MOST_ERROR = 0.25;

    /**
     * @param  Band  $grams  with the spread of a spoon of it
     * @param  float  $error  relative: the spoon's grams over the wanted ones, less one
     */
    private function __construct(
        public string $amount,
        public Unit $unit,
        public Band $grams,
        public float $error,
    ) {
    }

    /** null where no spoon comes near it, or the material tells no density. */
    public static function of(float $grams, Bulk $bulk, Tools $tools): ?self
    {
        $best = null;
        foreach ([Unit::Cup, Unit::Tablespoon, Unit::Teaspoon] as $unit) {
            foreach (self::PARTS as [$part, $said]) {
                $weighs = $tools->grams(Band::exact($part), $unit, $bulk);
                $error = $weighs === null || $grams <= 0 ? INF : $weighs->likely / $grams - 1;
                if (
                    $weighs !== null
                    && abs($error) < self::MOST_ERROR
                    && ($best === null || abs($error) < abs($best->error) - 1e-9)
                ) {
                    $best = new self($said, $unit, $weighs, $error);
                }
            }
        }

        return $best;
    }
}
