<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * Hatching computed as lines clipped to a shape, so that screen, print and paper look the same: water as waves, fat as
 * grain, cool-down as dots, plant as leaf strokes. Deterministic.
 */
final class Hatch
{
    private const WAVE_ROW = 6.5;

    private const HALF_WAVE = 6.6;

    private const WAVE_LENGTH = 4 * self::HALF_WAVE;

    private const REST = 6.6;

    private const GRAIN_ROW = 5.0;

    private const DOT_ROW = 6.0;

    private const LEAF_ROW = 9.0;

    /**
     * Path data for one stratum.
     *
     * @param  string  $material  water | oil | cooldown | infusion
     * @param  callable(float): float  $halfWidth  at a y of the drawing
     * @param  float  $top  y, smaller is higher
     */
    public static function path(string $material, callable $halfWidth, float $centre, float $top, float $bottom): string
    {
        return match ($material) {
            'water' => self::waves($halfWidth, $centre, $top, $bottom),
            'oil' => self::grain($halfWidth, $centre, $top, $bottom),
            'cooldown' => self::dots($halfWidth, $centre, $top, $bottom),
            default => self::leaves($halfWidth, $centre, $top, $bottom),
        };
    }

    /** @param  callable(float): float  $halfWidth */
    private static function waves(callable $halfWidth, float $centre, float $top, float $bottom): string
    {
        $path = '';
        foreach (self::rows($top, $bottom, self::WAVE_ROW) as $row => $y) {
            $reach = min($halfWidth($y - 1.5), $halfWidth($y + 1.5)) - 2;
            if ($y - 1.5 < $top || $y + 1.5 > $bottom) {
                $path .= self::point('M', $centre - $reach, $y).'h'.self::short(2 * $reach);

                continue;
            }
            // every row begins elsewhere and rests after two waves, like a pen lifted
            $begin = fmod($row * 9.0, self::WAVE_LENGTH + self::REST);
            $path .= self::wave($centre - $reach, $y, ($begin - self::REST) / self::HALF_WAVE);
            for ($x = $begin - $reach; $x < $reach; $x += self::WAVE_LENGTH + self::REST) {
                $path .= self::wave($centre + $x, $y, min(4, ($reach - $x) / self::HALF_WAVE));
            }
        }

        return $path;
    }

    /** So many half waves from a place; nothing where there is no room for one. */
    private static function wave(float $x, float $y, float $halves): string
    {
        return $halves < 1
            ? ''
            : self::point('M', $x, $y).'q3.3-2.6 6.6 0'.str_repeat('t6.6 0', (int) floor($halves) - 1);
    }

    /** @param  callable(float): float  $halfWidth */
    private static function grain(callable $halfWidth, float $centre, float $top, float $bottom): string
    {
        $path = '';
        foreach (self::rows($top, $bottom, self::GRAIN_ROW) as $row => $y) {
            if ($y - 1.6 < $top || $y + 1.6 > $bottom) {
                continue;
            }
            $reach = min($halfWidth($y - 1.6), $halfWidth($y + 1.6)) - 1.5;
            for ($x = -$reach + ($row % 3) * 3; $x + 4.2 <= $reach; $x += 9) {
                $path .= self::point('M', $centre + $x, $y + 1.6).'l4.2-3.2';
            }
        }

        return $path;
    }

    /** @param  callable(float): float  $halfWidth */
    private static function dots(callable $halfWidth, float $centre, float $top, float $bottom): string
    {
        $path = '';
        foreach (self::rows($top, $bottom, self::DOT_ROW) as $row => $y) {
            $reach = $halfWidth($y) - 3;
            for ($x = -$reach + ($row % 2) * 3.5; $x < $reach; $x += 7) {
                $path .= self::point('M', $centre + $x, $y).'h.1';
            }
        }

        return $path;
    }

    /** @param  callable(float): float  $halfWidth */
    private static function leaves(callable $halfWidth, float $centre, float $top, float $bottom): string
    {
        $path = '';
        foreach (self::rows($top, $bottom, self::LEAF_ROW) as $row => $y) {
            $reach = $halfWidth($y) - 7;
            for ($x = -$reach + ($row % 2) * 6; $x < $reach; $x += 13) {
                $up = ($row + (int) floor($x / 13)) % 2 === 0 ? -3.2 : 3.2;
                if ($y - 4 < $top || $y + 4 > $bottom) {
                    continue;
                }
                $path .= self::point('M', $centre + $x, $y)
                    .sprintf('q3.5 %s 7 0q-3.5 %s -7 0', self::short($up), self::short(-$up));
            }
        }

        return $path;
    }

    /** @return array<int, float> y of each row, the rows centred in what room there is */
    private static function rows(float $top, float $bottom, float $step): array
    {
        $room = $bottom - $top;
        if ($room < 2.2) {
            return [];
        }
        $count = max(1, (int) floor($room / $step));
        $first = $top + ($room - ($count - 1) * $step) / 2;
        $rows = [];
        for ($i = 0; $i < $count; $i++) {
            $rows[] = $first + $i * $step;
        }

        return $rows;
    }

    private static function point(string $pen, float $x, float $y): string
    {
        return $pen.self::short($x).' '.self::short($y);
    }

    public static function short(float $value): string
    {
        return (string) (round($value, 1) + 0.0);
    }
}
