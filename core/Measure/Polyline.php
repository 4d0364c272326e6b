<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** Straight lines between figures somebody has: the value at any place, the ends going on level. */
final class Polyline
{
    /** @param  non-empty-list<array{float, float}>  $points  place and value, the places rising */
    public static function at(array $points, float $place): float
    {
        [$from, $value] = $points[0];
        foreach ($points as [$to, $next]) {
            if ($place <= $to) {
                return $to > $from ? $value + max(0.0, $place - $from) / ($to - $from) * ($next - $value) : $next;
            }
            [$from, $value] = [$to, $next];
        }

        return $value;
    }
}
