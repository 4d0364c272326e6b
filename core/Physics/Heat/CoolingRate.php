<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

/**
 * How fast something comes to the warmth around it: k in T = T_around + (T₀ − T_around) e^(−kt), fitted to readings by
 * least squares on ln |T − T_around|.
 */
final class CoolingRate
{
    /** Fewer readings, or over less time, tell nothing. */
    private const LEAST_READINGS = 3;

    private const LEAST_SECONDS = 20.0;

    /** Closer than this to what is around, noise is all there is. */
    private const TOO_CLOSE_C = 1.5;

    /**
     * @param  list<array{float, float}>  $readings  seconds and °C
     * @return float|null a second; null where the readings do not tell
     */
    public static function fit(array $readings, float $around): ?float
    {
        $usable = array_values(array_filter(
            $readings,
            static fn (array $reading): bool => abs($reading[1] - $around) > self::TOO_CLOSE_C,
        ));
        $side = $usable === [] ? 0 : $usable[0][1] <=> $around;
        $usable = array_values(array_filter(
            $usable,
            static fn (array $reading): bool => ($reading[1] <=> $around) === $side,
        ));
        $count = count($usable);
        if ($count < self::LEAST_READINGS || $usable[$count - 1][0] - $usable[0][0] < self::LEAST_SECONDS) {
            return null;
        }
        $t = array_sum(array_column($usable, 0)) / $count;
        $logs = array_map(static fn (array $reading): float => log(abs($reading[1] - $around)), $usable);
        $y = array_sum($logs) / $count;
        $over = $under = 0.0;
        foreach ($usable as $i => [$at]) {
            $over += ($at - $t) * ($logs[$i] - $y);
            $under += ($at - $t) ** 2;
        }
        $rate = $under > 0 ? -$over / $under : 0.0;

        return $rate > 0 ? $rate : null;
    }

    /** Seconds until it is so warm; 0 when it is, null when it never will be. */
    public static function secondsTo(float $rate, float $now, float $to, float $around): ?float
    {
        $left = $to - $around;
        $has = $now - $around;
        if ($has == 0.0 || abs($has) <= abs($left) && $has * $left > 0) {
            return $has * $left > 0 ? 0.0 : null;
        }

        return $has * $left <= 0 ? null : log($has / $left) / $rate;
    }
}
