<?php

declare(strict_types=1);

namespace App\Drawing;

/** Ranges of several things over one scale, one below the other: what a thing stands at beside its neighbours. */
final readonly class Ranges
{
    private const ROW = 30.0;

    private const LABEL = 210.0;

    private const HEAD = 6.0;

    private const FOOT = 26.0;

    /**
     * @param  list<array{label: string, href: string, y: float, x: float, wide: float, dot: float|null, isThis: bool,
     *   said: string}>  $rows
     * @param  list<array{x: float, label: string}>  $ticks
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $rows,
        public array $ticks,
        public string $unit,
    ) {
    }

    /** In words, for who can't see it. */
    public function said(): string
    {
        return implode('; ', array_map(
            static fn (array $row): string => "{$row['label']} {$row['said']}",
            $this->rows,
        ));
    }

    /**
     * @param  list<array{label: string, href: string, low: float, high: float, usual: float|null, said: string}>  $rows
     *   the thing itself first
     * @param  float|null  $from  where the scale begins and ends; null for 0 and a round number above all
     */
    public static function of(
        array $rows,
        string $unit,
        ?float $from = null,
        ?float $to = null,
        float $width = 720.0,
    ): ?self {
        if ($rows === []) {
            return null;
        }
        $from ??= 0.0;
        $to ??= Plot::roundUp(max(array_column($rows, 'high')));
        $x = static fn (float $value): float => round(
            self::LABEL + ($width - self::LABEL - 24) * max(0.0, min(1.0, ($value - $from) / ($to - $from))),
            1,
        );
        $drawn = [];
        foreach ($rows as $i => $row) {
            $drawn[] = [
                'label' => $row['label'],
                'href' => $row['href'],
                'y' => self::HEAD + self::ROW * $i,
                'x' => $x($row['low']),
                'wide' => max(2.0, $x($row['high']) - $x($row['low'])),
                'dot' => $row['usual'] === null ? null : $x($row['usual']),
                'isThis' => $i === 0,
                'said' => $row['said'],
            ];
        }

        return new self($width, self::HEAD + self::ROW * count($rows) + self::FOOT, $drawn, array_map(
            static fn (int $quarter): array => [
                'x' => $x($from + $quarter * ($to - $from) / 4),
                'label' => (string) round($from + $quarter * ($to - $from) / 4, 2),
            ],
            range(0, 4),
        ), $unit);
    }
}
