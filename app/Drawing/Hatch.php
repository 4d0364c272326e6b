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
            $pen = false;
            $reach = $halfWidth($y) - 2;
            for ($x = -$reach; $x <= $reach; $x += 2.5) {
                $wy = $y + 1.3 * sin(($x + $row * 7) / 4.2);
                $inside = abs($x) < $halfWidth($wy) - 1.5 && $wy > $top + 0.8 && $wy < $bottom - 0.8;
                // every row rests now and then, like a pen lifted
                $inside = $inside && fmod(abs($x + 500 + $row * 23), 46) > 7;
                $path .= $inside ? self::point($pen ? 'L' : 'M', $centre + $x, $wy) : '';
                $pen = $inside;
            }
        }

        return $path;
    }

    /** @param  callable(float): float  $halfWidth */
    private static function grain(callable $halfWidth, float $centre, float $top, float $bottom): string
    {
        $path = '';
        foreach (self::rows($top, $bottom, self::GRAIN_ROW) as $row => $y) {
            $reach = $halfWidth($y);
            for ($x = -$reach + 3 + ($row % 3) * 3; $x < $reach; $x += 9) {
                [$x1, $y1, $x2, $y2] = [$x, $y + 1.6, $x + 4.2, $y - 1.6];
                if (abs($x1) < $halfWidth($y1) - 1.5 && abs($x2) < $halfWidth($y2) - 1.5 && $y2 > $top + 0.6 && $y1 < $bottom - 0.6) {
                    $path .= self::point('M', $centre + $x1, $y1).self::point('L', $centre + $x2, $y2);
                }
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
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.') ?: '0';
    }
}
