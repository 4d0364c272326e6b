<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** Where something that only rises reaches a value, closed in on by halves. */
final class Bisection
{
    /** Halvings after which nothing is left of a stretch that a float could tell. */
    private const ROUNDS = 60;

    /**
     * @param  callable(float): float  $rising
     * @param  float  $low  below the value there
     * @param  float  $high  not below it
     * @param  float  $close  the stretch that is close enough
     * @return float the upper end: the value is reached there
     */
    public static function reaches(
        callable $rising,
        float $value,
        float $low,
        float $high,
        float $close = 1e-9,
    ): float {
        for ($i = 0; $i < self::ROUNDS && $high - $low > $close; $i++) {
            $middle = ($low + $high) / 2;
            $rising($middle) >= $value ? $high = $middle : $low = $middle;
        }

        return $high;
    }
}
