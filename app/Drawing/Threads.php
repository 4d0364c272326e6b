<?php

declare(strict_types=1);

namespace App\Drawing;

/** Things in columns, from what was bought on the left to what was made on the right, and the threads between them. */
final readonly class Threads
{
    public const BOX_WIDE = 232.0;

    public const BOX_HIGH = 44.0;

    /** Room for the vessel, left of the words. */
    public const VESSEL_WIDE = 46.0;

    private const ACROSS = 330.0;

    private const DOWN = 54.0;

    private const MARGIN = 8.0;

    /**
     * @param  array<string, array{x: float, y: float}>  $places  upper left corner of each box
     * @param  list<array{path: string, wide: float, from: string, to: string}>  $lines
     */
    private function __construct(public float $width, public float $height, public array $places, public array $lines)
    {
    }

    /**
     * @param  list<string>  $boxes
     * @param  list<array{from: string, to: string, grams: float|null}>  $edges  without circles
     */
    public static function of(array $boxes, array $edges): self
    {
        $columns = self::columns($boxes, $edges);
        $rows = $places = [];
        foreach ($boxes as $box) {
            $row = $rows[$columns[$box]] ?? 0;
            $rows[$columns[$box]] = $row + 1;
            $places[$box] = ['x' => self::MARGIN + self::ACROSS * $columns[$box], 'y' => (float) $row];
        }
        $most = $rows === [] ? 1 : max($rows);
        foreach ($places as $box => $place) {
            // each column stands in the middle
            $places[$box]['y'] = self::MARGIN + self::DOWN * ($place['y'] + ($most - $rows[$columns[$box]]) / 2);
        }
        $lines = [];
        foreach ($edges as $edge) {
            if (! isset($places[$edge['from']], $places[$edge['to']])) {
                continue;
            }
            [$x1, $y1] = [$places[$edge['from']]['x'] + self::BOX_WIDE, $places[$edge['from']]['y'] + self::BOX_HIGH];
            [$x2, $y2] = [$places[$edge['to']]['x'], $places[$edge['to']]['y'] + self::BOX_HIGH];
            $bend = max(20.0, ($x2 - $x1) / 2);
            $lines[] = [
                'path' => sprintf(
                    'M%.1f %.1fC%.1f %.1f %.1f %.1f %.1f %.1f',
                    $x1,
                    $y1,
                    $x1 + $bend,
                    $y1,
                    $x2 - $bend,
                    $y2,
                    $x2,
                    $y2,
                ),
                'wide' => round(1 + min(6.0, sqrt(max(0.0, $edge['grams'] ?? 0.0)) / 4), 1),
                'from' => $edge['from'],
                'to' => $edge['to'],
            ];
        }
        $last = $columns === [] ? 0 : max($columns);

        return new self(
            2 * self::MARGIN + self::ACROSS * $last + self::BOX_WIDE,
            2 * self::MARGIN + self::DOWN * $most,
            $places,
            $lines,
        );
    }

    /**
     * Each one to the right of all it came from.
     *
     * @param  list<string>  $boxes
     * @param  list<array{from: string, to: string, grams: float|null}>  $edges
     * @return array<string, int>
     */
    private static function columns(array $boxes, array $edges): array
    {
        $columns = array_fill_keys($boxes, 0);
        for ($i = 0, $moved = true; $moved && $i < count($boxes); $i++) {
            $moved = false;
            foreach ($edges as $edge) {
                if (
                    isset($columns[$edge['from']], $columns[$edge['to']])
                    && $columns[$edge['to']] <= $columns[$edge['from']]
                ) {
                    $columns[$edge['to']] = $columns[$edge['from']] + 1;
                    $moved = true;
                }
            }
        }
        $last = $columns === [] ? 0 : max($columns);
        foreach (array_keys($columns) as $box) {
            $to = array_filter(
                array_map(
                    static fn (array $edge): ?int => $edge['from'] === $box ? ($columns[$edge['to']] ?? null) : null,
                    $edges,
                ),
                is_int(...),
            );
            // what only goes into something far right stands just left of it
            $columns[$box] = $to === [] ? ($edges === [] ? 0 : $columns[$box]) : min($to) - 1;
        }

        return array_map(static fn (int $column): int => max(0, min($last, $column)), $columns);
    }
}
