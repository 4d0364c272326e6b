<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * Bars on an axis of the time still to go, so that three weeks and half an hour stand side by side: each as long as
 * what it shows takes, with the wait until it is used behind it. The axis is logarithmic; 0 is where the making begins.
 */
final readonly class Countdown
{
    public const WIDTH = 760;

    private const LEFT = 34;

    private const RIGHT = 34;

    private const ROW = 40;

    private const TOP = 22;

    /** Hours that may be named on the axis. */
    private const NAMED = [0.5, 1, 3, 6, 12, 24, 72, 168, 504, 1344, 4032];

    /** Names closer than this would run into each other. */
    private const NAME_ROOM = 62.0;

    /**
     * @param  list<array{x: float, wide: float, waits: float, y: float, label: string, material: string,
     *   isDone: bool}>  $bars
     * @param  list<array{x: float, hours: float}>  $ticks
     */
    private function __construct(public array $bars, public array $ticks, public ?float $now, public float $height)
    {
    }

    /**
     * @param  list<array{begin: float, ready: float, needed: float, label: string, material: string,
     *   isDone: bool}>  $rows  hours before the making begins
     * @param  float  $now  hours before it
     */
    public static function of(array $rows, float $now): self
    {
        $longest = max([1.0, $now, ...array_column($rows, 'begin')]);
        $span = self::WIDTH - self::LEFT - self::RIGHT;
        $x = static fn (float $hours): float => round(
            self::LEFT + $span * (1 - log(1 + 4 * max(0.0, min($hours, $longest))) / log(1 + 4 * $longest)),
            1,
        );
        $bars = [];
        foreach ($rows as $i => $row) {
            $bars[] = [
                'x' => $x($row['begin']),
                'wide' => max(3.0, $x($row['ready']) - $x($row['begin'])),
                'waits' => max(0.0, round($x($row['needed']) - $x($row['ready']), 1)),
                'y' => (float) (self::TOP + $i * self::ROW),
                'label' => $row['label'],
                'material' => $row['material'],
                'isDone' => $row['isDone'],
            ];
        }
        $ticks = [['x' => $x(0.0), 'hours' => 0.0]];
        foreach (self::NAMED as $hours) {
            if ($hours <= $longest && $ticks[count($ticks) - 1]['x'] - $x($hours) >= self::NAME_ROOM) {
                $ticks[] = ['x' => $x($hours), 'hours' => (float) $hours];
            }
        }

        return new self(
            $bars,
            $ticks,
            $now > 0 ? $x($now) : null,
            self::TOP + count($rows) * self::ROW + 26,
        );
    }
}
