<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** How far an instrument can be believed. */
enum ReadingTrust: string
{
    case Sound = 'sound';
    case Silent = 'silent';
    case Stuck = 'stuck';
    case Jumped = 'jumped';
    case OutOfRange = 'out_of_range';

    /** Nothing for so long, seconds. */
    private const SILENT_S = 5.0;

    /** A probe in something that warms or cools is never the same for so long, seconds and readings. */
    private const STUCK_S = 90.0;

    private const STUCK_READINGS = 12;

    /** Faster than a potful can change, °C a second; pH a second. */
    private const FASTEST = ['thermometer' => 3.0, 'ph' => 3.0];

    /** What each can show at all. */
    private const RANGE = ['thermometer' => [-25.0, 160.0], 'ph' => [0.0, 14.0], 'scale' => [-50.0, 20_000.0]];

    /**
     * @param  string  $instrument  thermometer, scale, ph
     * @param  list<array{float, float}>  $readings  seconds and value, oldest first
     * @param  float  $now  seconds, on the same clock
     * @param  bool  $isMoving  what it stands in is warming or cooling
     */
    public static function of(string $instrument, array $readings, float $now, bool $isMoving = false): self
    {
        $last = $readings[count($readings) - 1] ?? null;
        if ($last === null || $now - $last[0] > self::SILENT_S) {
            return self::Silent;
        }
        [$least, $most] = self::RANGE[$instrument] ?? [-INF, INF];
        if (! is_finite($last[1]) || $last[1] < $least || $last[1] > $most) {
            return self::OutOfRange;
        }
        $before = $readings[count($readings) - 2] ?? null;
        $fastest = self::FASTEST[$instrument] ?? INF;
        if ($before !== null && abs($last[1] - $before[1]) > $fastest * max(1.0, $last[0] - $before[0])) {
            return self::Jumped;
        }

        return $isMoving && self::isStuck($readings) ? self::Stuck : self::Sound;
    }

    /** @param  list<array{float, float}>  $readings */
    private static function isStuck(array $readings): bool
    {
        $last = $readings[count($readings) - 1];
        $same = 0;
        foreach (array_reverse($readings) as [$at, $value]) {
            if ($value !== $last[1]) {
                return false;
            }
            $same++;
            if ($last[0] - $at >= self::STUCK_S && $same >= self::STUCK_READINGS) {
                return true;
            }
        }

        return false;
    }
}
