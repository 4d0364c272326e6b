<?php

declare(strict_types=1);

namespace App\Drawing;

/** A field to draw curves in: values to drawing units, straight or by the logarithm along x. */
final readonly class Plot
{
    public function __construct(
        public float $width,
        public float $height,
        public float $left,
        public float $right,
        public float $top,
        public float $bottom,
        private float $xFrom,
        private float $xTo,
        private float $yTo,
        private bool $logarithmic = false,
    ) {
    }

    public function x(float $value): float
    {
        $share = $this->logarithmic
            ? log(max($value, $this->xFrom) / $this->xFrom) / log($this->xTo / $this->xFrom)
            : ($value - $this->xFrom) / ($this->xTo - $this->xFrom);

        return round($this->left + max(0.0, min(1.0, $share)) * ($this->width - $this->left - $this->right), 1);
    }

    public function y(float $value): float
    {
        return round($this->floor() - max(0.0, min(1.0, $value / $this->yTo)) * ($this->floor() - $this->top), 1);
    }

    public function floor(): float
    {
        return $this->height - $this->bottom;
    }

    public function end(): float
    {
        return $this->width - $this->right;
    }

    /** @param  list<array{float, float}>  $points */
    public function line(array $points): string
    {
        return $points === []
            ? ''
            : 'M'.implode(
                'L',
                array_map(fn (array $point): string => $this->x($point[0]).' '.$this->y($point[1]), $points),
            );
    }

    /**
     * Between two curves over the same x.
     *
     * @param  list<array{float, float, float}>  $points  x, upper, lower
     */
    public function between(array $points): string
    {
        $upper = array_map(fn (array $point): string => $this->x($point[0]).' '.$this->y($point[1]), $points);
        $lower = array_map(
            fn (array $point): string => $this->x($point[0]).' '.$this->y($point[2]),
            array_reverse($points),
        );

        return $points === [] ? '' : 'M'.implode('L', [...$upper, ...$lower]).'Z';
    }

    /** A number to end an axis with: 1, 2 or 5 times a power of ten, not less than the value. */
    public static function roundUp(float $value): float
    {
        if ($value <= 0) {
            return 1.0;
        }
        $power = 10 ** floor(log10($value));
        foreach ([1, 1.5, 2, 3, 4, 5, 6, 8, 10] as $step) {
            if ($value <= $step * $power * 1.0000001) {
                return $step * $power;
            }
        }

        return 10 * $power;
    }
}
