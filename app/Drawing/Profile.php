<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * The inside of a vessel that is round from above, as half-widths over height, scaled so that it holds its volume.
 * Units: millimetres, measured from the inside bottom up. Levels come from the volume, never from the eye.
 */
final readonly class Profile
{
    private const MM3_PER_ML = 1000.0;

    /**
     * @param  non-empty-list<array{float, float}>  $points  height and half-width, bottom up
     * @param  string  $shape  beaker | jar | bottle | bowl | tub | tin | cube
     */
    private function __construct(
        public array $points,
        public string $shape,
        public float $volumeMl,
    ) {
    }

    /** Inner outlines by shape, in any unit; only their proportions matter. */
    private const SHAPES = [
        'beaker' => [[0, 30], [3, 34], [120, 34]],
        'jar' => [[0, 36], [6, 42], [82, 42], [92, 35], [100, 35]],
        'bottle' => [[0, 24], [4, 27], [86, 27], [100, 20], [108, 11], [122, 11]],
        'bowl' => [[0, 22], [4, 36], [14, 52], [30, 64], [48, 71], [62, 74]],
        'tub' => [[0, 44], [4, 47], [46, 47]],
        'tin' => [[0, 45], [2, 47], [30, 47]],
        'cube' => [[0, 15], [2, 17], [28, 22]],
    ];

    /** @param  float  $volumeMl brimful */
    public static function of(string $shape, float $volumeMl): self
    {
        $points = self::SHAPES[$shape] ?? self::SHAPES['beaker'];
        $scale = ($volumeMl * self::MM3_PER_ML / self::volume($points)) ** (1 / 3);

        return new self(
            array_map(static fn (array $point): array => [$point[0] * $scale, $point[1] * $scale], $points),
            isset(self::SHAPES[$shape]) ? $shape : 'beaker',
            $volumeMl,
        );
    }

    public function height(): float
    {
        return $this->points[count($this->points) - 1][0];
    }

    public function widest(): float
    {
        return max(array_column($this->points, 1));
    }

    /** Half-width at a height, mm. */
    public function halfWidthAt(float $height): float
    {
        $below = $this->points[0];
        foreach ($this->points as $point) {
            if ($height <= $point[0]) {
                $span = $point[0] - $below[0];

                return $span <= 0 ? $point[1] : $below[1] + ($point[1] - $below[1]) * ($height - $below[0]) / $span;
            }
            $below = $point;
        }

        return $below[1];
    }

    /** Height the liquid stands at, mm, for so many millilitres; the brim if there is more. */
    public function levelOf(float $ml): float
    {
        $left = min($ml, $this->volumeMl) * self::MM3_PER_ML;
        for ($i = 1; $i < count($this->points); $i++) {
            [$low, $narrow] = $this->points[$i - 1];
            [$high, $wide] = $this->points[$i];
            $volume = self::frustum($high - $low, $narrow, $wide);
            if ($left <= $volume) {
                return $low + self::heightInFrustum($left, $high - $low, $narrow, $wide);
            }
            $left -= $volume;
        }

        return $this->height();
    }

    /** Depth at which a frustum that narrows or widens evenly holds the volume. */
    private static function heightInFrustum(float $volume, float $height, float $from, float $to): float
    {
        $slope = $height > 0 ? ($to - $from) / $height : 0.0;
        if (abs($slope) < 1e-9) {
            return $from > 0 ? $volume / (M_PI * $from * $from) : 0.0;
        }

        // V = π/(3·slope)·((from + slope·h)³ − from³)
        return (($from ** 3 + 3 * $slope * $volume / M_PI) ** (1 / 3) - $from) / $slope;
    }

    /**
     * The right-hand outline between two heights.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function between(float $from, float $to): array
    {
        $inner = array_values(array_filter(
            $this->points,
            static fn (array $point): bool => $point[0] > $from && $point[0] < $to,
        ));

        return [[$from, $this->halfWidthAt($from)], ...$inner, [$to, $this->halfWidthAt($to)]];
    }

    /**
     * Volume of revolution by frustums, in cubed units of the points.
     *
     * @param  list<array{float|int, float|int}>  $points
     */
    private static function volume(array $points): float
    {
        $volume = 0.0;
        for ($i = 1; $i < count($points); $i++) {
            $volume += self::frustum($points[$i][0] - $points[$i - 1][0], $points[$i - 1][1], $points[$i][1]);
        }

        return $volume;
    }

    private static function frustum(float $height, float $from, float $to): float
    {
        return M_PI / 3 * $height * ($from * $from + $from * $to + $to * $to);
    }
}
