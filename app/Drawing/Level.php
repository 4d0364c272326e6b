<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * A tall glass that a reading rises in, with the line it is to come to: a measuring glass for grams, a thermometer for
 * degrees, a scale of pH. Drawing units; y grows downwards. The page moves its surface as figures are typed or arrive.
 */
final readonly class Level
{
    public const WIDTH = 104.0;

    public const HEIGHT = 560.0;

    /** y of the highest and the lowest figure. */
    public const TOP = 18.0;

    public const FOOT = 544.0;

    private const CENTRE = 34.0;

    /** Half the inside, by shape. */
    private const REACH = ['glass' => 26.0, 'thermometer' => 11.0];

    private const TICKS = 10;

    /** A figure and the goal's own would stand on one another. */
    private const APART = 15.0;

    /** @param  list<array{y: float, words: string}>  $figures */
    private function __construct(
        public string $outline,
        public string $inside,
        public string $hatch,
        public float $tile,
        public string $ticks,
        public array $figures,
        public float $low,
        public float $high,
        public float $surface,
        public ?float $goalY,
        public string $material,
    ) {
    }

    /**
     * @param  'glass'|'thermometer'  $shape
     * @param  string  $material  water | oil | cooldown | infusion
     * @param  float  $low  figure at the foot
     * @param  float  $high  figure at the top, above $low
     * @param  float|null  $reading  null before there is one: the glass stands empty
     */
    public static function draw(
        string $shape,
        string $material,
        float $low,
        float $high,
        ?float $reading,
        ?float $goal,
        int $digits = 0,
    ): self {
        $high = max($high, $low + 1e-6);
        $reach = self::REACH[$shape];
        $goalY = $goal === null ? null : self::y($goal, $low, $high);
        $ticks = '';
        $figures = [];
        for ($i = 0; $i <= self::TICKS; $i++) {
            $y = self::FOOT - $i * (self::FOOT - self::TOP) / self::TICKS;
            $isFigured = $i % 5 === 0;
            $ticks .= sprintf('M%s %sh%d', self::CENTRE + $reach - 6, Hatch::short($y), $isFigured ? 13 : 7);
            if ($isFigured && ($goalY === null || abs($goalY - $y) > self::APART)) {
                $figures[] = [
                    'y' => $y + 5,
                    'words' => number_format($low + $i * ($high - $low) / self::TICKS, $digits, '.', ''),
                ];
            }
        }

        return new self(
            outline: $shape === 'glass' ? self::glass($reach) : self::thermometer($reach),
            inside: self::inside($reach),
            hatch: Hatch::path($material, static fn (): float => $reach - 1, self::CENTRE, 0.0, self::tile($material)),
            tile: self::tile($material),
            ticks: $ticks,
            figures: $figures,
            low: $low,
            high: $high,
            surface: $reading === null ? self::FOOT : self::y($reading, $low, $high),
            goalY: $goalY,
            material: $material,
        );
    }

    /** Height of hatching that repeats without a seam: whole rows of it. */
    private static function tile(string $material): float
    {
        return ['water' => 52.0, 'oil' => 50.0, 'cooldown' => 48.0][$material] ?? 54.0;
    }

    private static function y(float $figure, float $low, float $high): float
    {
        $share = max(0.0, min(1.0, ($figure - $low) / ($high - $low)));

        return round(self::FOOT - $share * (self::FOOT - self::TOP), 1);
    }

    private static function inside(float $reach): string
    {
        return sprintf('M%1$s %2$sV%3$sH%4$sV%2$sZ', self::CENTRE - $reach, 0, self::FOOT, self::CENTRE + $reach);
    }

    /** Two walls, a thick foot, a lip to pour from. */
    private static function glass(float $reach): string
    {
        return sprintf(
            'M%1$s 2l6 9V%2$sH%3$sV11l6-9',
            self::CENTRE - $reach - 7,
            self::FOOT + 1,
            self::CENTRE + $reach + 1,
        ).sprintf('M%s %sH%s', self::CENTRE - $reach - 5, self::FOOT + 9, self::CENTRE + $reach + 5);
    }

    private static function thermometer(float $reach): string
    {
        return sprintf(
            'M%1$s %3$sV14a%4$s %4$s 0 0 1 %5$s 0V%3$sZM%6$s %7$sh%8$s',
            self::CENTRE - $reach - 1,
            0,
            self::FOOT + 1,
            $reach + 1,
            2 * $reach + 2,
            self::CENTRE - $reach - 4,
            self::FOOT + 8,
            2 * $reach + 8,
        );
    }
}
