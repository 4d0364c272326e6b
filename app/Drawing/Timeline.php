<?php

declare(strict_types=1);

namespace App\Drawing;

use Ilvane\Core\Simulation\Simulation;

/**
 * Temperature over the minutes of a making: a line for each potful, the steps as blocks along the foot, the events as
 * numbers
 * on the lines. Plain data for the view; a script moves the cursor along.
 */
final readonly class Timeline
{
    public const WIDTH = 1000;

    private const HEIGHT = 400;

    private const TOP_C = 100.0;

    /** A block narrower than this has no room for its word. */
    private const WORD_ROOM = 46.0;

    /** Numbers closer than this step aside. */
    private const NUMBER_ROOM = 19.0;

    private const EVERY_MIN = [5, 10, 15, 30, 60, 120];

    /**
     * @param  list<array{kind: string, line: string}>  $curves
     * @param  list<array{kind: string, line: string}>  $others  the same of the plan beside it
     * @param  list<array{x: float, wide: float, step: int, hasRoom: bool}>  $blocks
     * @param  list<array{x: float, y: float, dotY: float, number: int, at: float}>  $marks
     * @param  list<array{x: float, label: string}>  $ticks
     * @param  list<array{y: float, label: string}>  $levels
     */
    private function __construct(
        public Plot $plot,
        public array $curves,
        public array $others,
        public array $blocks,
        public array $marks,
        public array $ticks,
        public array $levels,
        public float $minutes,
        public ?float $gateY,
    ) {
    }

    public static function of(Simulation $rehearsal, ?Simulation $beside, ?float $gate): self
    {
        $minutes = max(1.0, $rehearsal->minutes, $beside->minutes ?? 0.0);
        $plot = new Plot(self::WIDTH, self::HEIGHT, 44, 12, 30, 64, 0.0, $minutes, self::TOP_C);
        $every = 240;
        foreach (array_reverse(self::EVERY_MIN) as $step) {
            $every = $minutes / $step <= 14 ? $step : $every;
        }

        return new self(
            $plot,
            self::curves($rehearsal, $plot),
            $beside === null ? [] : self::curves($beside, $plot),
            array_map(static function (array $stretch) use ($plot): array {
                $wide = $plot->x($stretch['to']) - $plot->x($stretch['from']);

                return [
                    'x' => $plot->x($stretch['from']),
                    'wide' => max(1.0, $wide - 1),
                    'step' => $stretch['step'],
                    'hasRoom' => $wide >= self::WORD_ROOM,
                ];
            }, $rehearsal->stretches),
            self::marks($rehearsal, $plot),
            array_map(
                static fn (int $i): array => ['x' => $plot->x((float) $i * $every), 'label' => (string) ($i * $every)],
                range(0, (int) floor($minutes / $every)),
            ),
            array_map(
                static fn (int $celsius): array => ['y' => $plot->y((float) $celsius), 'label' => (string) $celsius],
                [0, 20, 40, 60, 80, 100],
            ),
            $minutes,
            $gate === null ? null : $plot->y($gate),
        );
    }

    /** @return list<array{kind: string, line: string}> */
    private static function curves(Simulation $rehearsal, Plot $plot): array
    {
        $curves = [];
        foreach (['water' => 'water_c', 'oil' => 'oil_c', 'mix' => 'mix_c'] as $kind => $field) {
            $points = [];
            foreach ($rehearsal->samples as $sample) {
                if ($sample[$field] !== null) {
                    $points[] = [$sample['minute'], $sample[$field]];
                }
            }
            if ($points !== []) {
                $curves[] = ['kind' => $kind, 'line' => $plot->line($points)];
            }
        }

        return $curves;
    }

    /** @return list<array{x: float, y: float, dotY: float, number: int, at: float}> */
    private static function marks(Simulation $rehearsal, Plot $plot): array
    {
        $marks = [];
        $last = -INF;
        foreach (self::inOrder($rehearsal) as $i => $event) {
            $x = $plot->x($event['minute']);
            $place = $last = max($x, $last + self::NUMBER_ROOM);
            $marks[] = [
                'x' => $place,
                'y' => $plot->top - 14,
                'dotY' => $plot->y($event['celsius'] ?? 0.0),
                'number' => $i + 1,
                'at' => $x,
            ];
        }

        return $marks;
    }

    /** @return list<array{minute: float, step: int, what: string, ingredient: string|null, celsius: float|null}> */
    public static function inOrder(Simulation $rehearsal): array
    {
        $events = $rehearsal->events;
        usort($events, static fn (array $a, array $b): int => $a['minute'] <=> $b['minute']);

        return $events;
    }
}
