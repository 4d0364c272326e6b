<?php

declare(strict_types=1);

namespace App\Drawing;

use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Texture\SolidFat;

/** Curves of percent over one quantity, with the place the maker stands at. */
final readonly class Curves
{
    private const HEIGHT = 210;

    private const PH = [3.0, 8.0];

    private const PH_STEP = 0.1;

    /** Where along its curve each name stands: percent, one below the other where curves lie close. */
    private const NAMED_AT = [80.0, 15.0, 42.0, 35.0];

    private const LEVELS = [0, 50, 100];

    /**
     * @param  list<array{line: string, label: string, x: float, y: float}>  $series
     * @param  list<array{x: float, label: string}>  $ticks
     * @param  list<array{y: float, label: string}>  $levels
     * @param  array{x: float, label: string, dots: list<array{y: float, label: string}>}|null  $here
     * @param  array{x: float, wide: float}|null  $window  a stretch of the axis worth marking
     * @param  list<array{y: float, tall: float, label: string}>  $bands  what the heights mean, by the key of the word
     * @param  string  $ofY  unit of the heights
     * @param  string  $spread  between the ends of what the model may be off by
     */
    private function __construct(
        public Plot $plot,
        public array $series,
        public array $ticks,
        public array $levels,
        public ?array $here,
        public ?array $window,
        public string $unit,
        public array $bands = [],
        public string $ofY = '%',
        public string $spread = '',
    ) {
    }

    /**
     * The share of each acid that is undissociated, over pH.
     *
     * @param  array<string, Acid>  $acids  by the name to write on it
     * @param  float|null  $ph  the maker's
     */
    public static function acids(array $acids, ?float $ph = null, int $width = 640): self
    {
        [$from, $to] = self::PH;
        $plot = new Plot($width, self::HEIGHT, 40, 16, 22, 38, $from, $to, 100.0);
        $series = [];
        foreach (array_keys($acids) as $i => $name) {
            $acid = $acids[$name];
            $points = [];
            for ($at = $from; $at <= $to + 1e-9; $at += self::PH_STEP) {
                $points[] = [$at, 100 * $acid->undissociated($at)];
            }
            $level = self::NAMED_AT[$i % count(self::NAMED_AT)];
            $series[] = [
                'line' => $plot->line($points),
                'label' => (string) $name,
                'x' => $plot->x($acid->pKa[0] + log10(100 / $level - 1)) + 5,
                'y' => $plot->y($level) + 4,
            ];
        }
        $here = $ph === null || $ph < $from || $ph > $to ? null : [
            'x' => $plot->x($ph),
            'label' => (string) $ph,
            'dots' => array_map(
                static fn (Acid $acid): array => [
                    'y' => $plot->y(100 * $acid->undissociated($ph)),
                    'label' => (string) round(100 * $acid->undissociated($ph)),
                ],
                array_values($acids),
            ),
        ];

        return new self(
            $plot,
            $series,
            self::ticks($plot, range((int) $from, (int) $to)),
            self::levels($plot),
            $here,
            null,
            'pH',
        );
    }

    /**
     * How much of a blend of fats is solid, over temperature.
     *
     * @param  non-empty-array<int, float>  $curve  percent by °C
     * @param  float|null  $solid  percent truly solid where the maker stands, if waxes make it firmer than that
     * @param  float|null  $slump  °C where it loses its shape
     */
    public static function solid(
        array $curve,
        ?float $slump,
        float $now,
        int $width = 328,
        ?float $solid = null,
    ): self {
        $at = array_keys($curve);
        $plot = new Plot($width, self::HEIGHT, 36, 12, 22, 38, (float) min($at), (float) max($at), 100.0);
        $points = array_map(
            static fn (int $celsius, float $solid): array => [(float) $celsius, $solid],
            $at,
            array_values($curve),
        );
        $window = $slump === null ? null : ['x' => $plot->x($slump), 'wide' => $plot->end() - $plot->x($slump)];

        return new self($plot, [[
            'line' => $plot->line($points),
            'label' => '',
            'x' => 0.0,
            'y' => 0.0,
        ]], self::ticks($plot, $at), self::levels($plot), [
            'x' => $plot->x($now),
            'label' => (string) $now,
            'dots' => [[
                'y' => $plot->y($curve[(int) $now] ?? 0.0),
                'label' => (string) round($solid ?? $curve[(int) $now] ?? 0.0),
            ]],
        ], $window, '°C', self::feels($plot), spread: $plot->between(array_map(
            static fn (array $point): array => [
                $point[0], min(100.0, $point[1] + SolidFat::OFF), max(0.0, $point[1] - SolidFat::OFF),
            ],
            $points,
        )));
    }

    /**
     * Any curves over one quantity: a model of the handbook.
     *
     * @param  array<string, non-empty-list<array{float, float}>>  $lines  by the name to write at their end
     * @param  non-empty-list<int>  $ticks  along x, the first and the last its ends
     * @param  non-empty-list<int>  $levels  along y, from 0
     * @param  float|null  $until  along x, where the stretch worth marking begins
     * @param  list<array{float, float, float}>  $spread  x, the most and the least it may be
     * @param  array<string, float>  $named  how far along a curve its name stands, 0 to 1, where not as usual
     */
    public static function model(
        array $lines,
        array $ticks,
        string $unit,
        array $levels,
        string $ofY,
        ?float $until = null,
        int $width = 640,
        array $named = [],
        array $spread = [],
    ): self {
        $plot = new Plot(
            $width,
            self::HEIGHT,
            52,
            16,
            22,
            38,
            (float) min($ticks),
            (float) max($ticks),
            (float) max($levels),
        );
        $series = [];
        foreach ($lines as $name => $points) {
            $at = $points[(int) (count($points) * ($named[$name] ?? self::NAMED_ALONG))];
            $series[] = [
                'line' => $plot->line($points),
                'label' => (string) $name,
                'x' => $plot->x($at[0]) + 6,
                'y' => $plot->y($at[1]) + 14,
            ];
        }

        return new self($plot, $series, self::ticks($plot, $ticks), array_map(
            static fn (int $level): array => ['y' => $plot->y($level), 'label' => (string) $level],
            $levels,
        ), null, $until === null ? null : [
            'x' => $plot->x($until),
            'wide' => $plot->end() - $plot->x($until),
        ], $unit, ofY: $ofY, spread: $plot->between($spread));
    }

    /** How far along a curve its name stands. */
    private const NAMED_ALONG = 0.55;

    /** What the mark says, in figures. */
    public function saysHere(): string
    {
        $dots = implode(' · ', array_column($this->here['dots'] ?? [], 'label'));

        return match ($this->unit) {
            'pH' => 'pH '.($this->here['label'] ?? '').": $dots %",
            'g' => "pH $dots",
            default => ($this->here['label'] ?? '')." $this->unit: $dots %",
        };
    }

    /**
     * A pH coming down as an acid goes in.
     *
     * @param  non-empty-list<array{float, float}>  $points  grams, pH; falling
     * @param  array{float, float}  $here  grams, pH wished for
     */
    public static function titration(array $points, array $here, int $width = 560): self
    {
        [$from, $to] = self::PH;
        $high = static fn (float $ph): float => 100 * ($ph - $from) / ($to - $from);
        $most = Plot::roundUp(max(0.01, ...array_column($points, 0)));
        $plot = new Plot($width, self::HEIGHT, 40, 24, 22, 38, 0.0, $most, 100.0);
        $line = $plot->line(array_map(static fn (array $point): array => [$point[0], $high($point[1])], $points));
        $ticks = array_map(
            static fn (int $part): array => [
                'x' => $plot->x($part * $most / 4),
                'label' => (string) round($part * $most / 4, 3),
            ],
            range(0, 4),
        );

        return new self($plot, [['line' => $line, 'label' => '', 'x' => 0.0, 'y' => 0.0]], $ticks, array_map(
            static fn (int $ph): array => ['y' => $plot->y($high($ph)), 'label' => (string) $ph],
            range((int) $from, (int) $to),
        ), [
            'x' => $plot->x($here[0]),
            'label' => '',
            'dots' => [['y' => $plot->y($high($here[1])), 'label' => (string) $here[1]]],
        ], null, 'g', ofY: 'pH');
    }

    /** @return list<array{y: float, tall: float, label: string}> one band for each feel in the hand */
    private static function feels(Plot $plot): array
    {
        $bands = [];
        $from = 0.0;
        foreach ([...SolidFat::FEEL, 'hard' => 100.0] as $feel => $to) {
            $bands[] = ['y' => $plot->y($to), 'tall' => $plot->y($from) - $plot->y($to), 'label' => $feel];
            $from = $to;
        }

        return $bands;
    }

    /**
     * @param  array<int>  $values
     * @return list<array{x: float, label: string}>
     */
    private static function ticks(Plot $plot, array $values): array
    {
        return array_map(
            static fn (int $value): array => ['x' => $plot->x($value), 'label' => (string) $value],
            array_values($values),
        );
    }

    /** @return list<array{y: float, label: string}> */
    private static function levels(Plot $plot): array
    {
        return array_map(
            static fn (int $level): array => ['y' => $plot->y($level), 'label' => (string) $level],
            self::LEVELS,
        );
    }
}
