<?php

declare(strict_types=1);

namespace App\Drawing;

/** What a step's temperatures should do, with room for what they do. */
final readonly class Trace
{
    private const SIZE = [420, 170];

    private const TOP_C = 100.0;

    /** The live line may take so much longer than rehearsed before it runs off. */
    private const LONGER = 1.3;

    /** @param  list<array{kind: string, line: string}>  $curves */
    private function __construct(public Plot $plot, public array $curves, public float $minutes, public ?float $goalY)
    {
    }

    /** @param  array<string, list<array{float, float}>>  $rehearsed  minutes and °C */
    public static function of(array $rehearsed, ?float $goal): ?self
    {
        if ($rehearsed === []) {
            return null;
        }
        $minutes = max(
            2.0,
            self::LONGER * max(array_map(
                static fn (array $points): float => $points[count($points) - 1][0],
                $rehearsed,
            )),
        );
        $plot = new Plot(self::SIZE[0], self::SIZE[1], 34, 8, 10, 24, 0.0, $minutes, self::TOP_C);

        return new self(
            $plot,
            array_map(
                static fn (string $kind, array $points): array => ['kind' => $kind, 'line' => $plot->line($points)],
                array_keys($rehearsed),
                $rehearsed,
            ),
            $minutes,
            $goal === null ? null : $plot->y($goal),
        );
    }
}
