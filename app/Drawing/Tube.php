<?php

declare(strict_types=1);

namespace App\Drawing;

/** A thermometer tube with its gate marked: 0 to 100 °C from the bulb to the top. Drawing units. */
final readonly class Tube
{
    private const TOP = 10.0;

    private const BULB = 172.0;

    private const FOOT = 156.0;

    private const X = 22.0;

    private function __construct(
        public string $glass,
        public string $mercury,
        public string $ticks,
        public string $markPath,
        public float $markY,
    ) {
    }

    public static function draw(?float $reading, ?float $mark): self
    {
        $markY = self::y($mark ?? 0.0);
        $ticks = '';
        for ($celsius = 0; $celsius <= 100; $celsius += 10) {
            $ticks .= sprintf('M%s %sh%s', self::X + 7, Hatch::short(self::y($celsius)), $celsius % 50 === 0 ? 8 : 4);
        }

        return new self(
            sprintf('M%1$s %3$sV%2$sa4.5 4.5 0 0 1 9 0V%3$sa9 9 0 1 1-9 0Z', self::X - 4.5, self::TOP, self::BULB - 8),
            sprintf(
                'M%1$s %2$sV%3$sa6.5 6.5 0 1 1-4 0V%2$sz',
                self::X + 2,
                Hatch::short(self::y($reading ?? 0.0)),
                self::BULB - 6,
            ),
            $ticks,
            sprintf('M%s %sh%s', self::X - 10, Hatch::short($markY), 28),
            $markY,
        );
    }

    private static function y(float $celsius): float
    {
        return self::FOOT - (self::FOOT - self::TOP - 4) * max(-5.0, min(102.0, $celsius)) / 100;
    }
}
