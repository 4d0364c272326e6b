<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * How a thing looks, drawn so that it can be chosen without words: each from one grade, from the least to the most.
 * 72 × 48 drawing units; lines only.
 */
final readonly class LookDrawing
{
    public const WIDTH = 72;

    public const HEIGHT = 48;

    private const BASE = 42.0;

    private const CENTRE = 36.0;

    /** Turns of a sunflower: dots that never line up. */
    private const GOLDEN = 2.399963;

    private function __construct(public string $outline, public string $hatch)
    {
    }

    /**
     * @param  'thickness'|'peaks'|'froth'|'parting'|'grain'|'colour'  $what
     * @param  float  $grade  0 to 1
     */
    public static function of(string $what, float $grade): self
    {
        return match ($what) {
            'thickness' => self::dollop($grade),
            'peaks' => self::peak($grade),
            'froth' => self::beaker(0.62, self::bubbles($grade)),
            'parting' => self::parted($grade),
            'grain' => new self(self::disc(), self::dots((int) round(26 * $grade))),
            default => new self(self::disc(), self::lines(3.0 + 6.5 * (1 - $grade))),
        };
    }

    /** A spoonful on a plate: it runs flat or stands. */
    private static function dollop(float $grade): self
    {
        [$wide, $high] = [32 - 15 * $grade, 3 + 30 * $grade];
        $lean = $wide * (0.62 + 0.25 * $grade);

        return new self(
            sprintf(
                'M2 %1$sH70M%2$s %1$sC%3$s %4$s %5$s %4$s %6$s %1$s',
                self::BASE,
                self::short(self::CENTRE - $wide),
                self::short(self::CENTRE - $lean),
                self::short(self::BASE - 1.25 * $high),
                self::short(self::CENTRE + $lean),
                self::short(self::CENTRE + $wide),
            ),
            '',
        );
    }

    /** What is left where the whisk was lifted: nothing, a tip that bends, a tip that stands. */
    private static function peak(float $grade): self
    {
        $tip = 30 - 24 * $grade;
        $bend = 14 * (1 - $grade) * ($grade > 0 ? 1 : 0);

        return new self(
            sprintf(
                'M2 %1$sH70M12 %1$sC18 30 30 30 %2$s %3$sC%4$s 26 54 30 60 %1$s',
                self::BASE,
                self::short(self::CENTRE + $bend),
                self::short($tip),
                self::short(self::CENTRE + 5),
            ),
            '',
        );
    }

    private static function parted(float $grade): self
    {
        if ($grade <= 0) {
            return self::beaker(0.75, self::waves(15, 40));
        }
        $line = 15 + 13 * $grade;

        return self::beaker(0.75, 'M18 '.self::short($line).'H54'.self::waves($line + 3, 40));
    }

    private static function beaker(float $full, string $inside): self
    {
        $surface = self::BASE - $full * 36;

        return new self(
            sprintf('M17 5V%1$sH55V5M17 %2$sH55', self::BASE, self::short($surface)),
            $inside,
        );
    }

    private static function bubbles(float $grade): string
    {
        $path = '';
        for ($i = 0; $i < (int) round(14 * $grade); $i++) {
            $radius = 1.6 + ($i % 3) * 0.7;
            $path .= sprintf(
                'M%1$s %2$sa%3$s %3$s 0 1 0 %4$s 0a%3$s %3$s 0 1 0 -%4$s 0',
                self::short(20 + ($i % 7) * 4.7),
                self::short(17 - intdiv($i, 7) * 5 - ($i % 2)),
                $radius,
                2 * $radius,
            );
        }

        return $path;
    }

    private static function waves(float $from, float $to): string
    {
        $path = '';
        for ($y = $from + 2; $y < $to; $y += 6) {
            $path .= 'M21 '.self::short($y).'q3.3-2.6 6.6 0t6.6 0t6.6 0t6.6 0';
        }

        return $path;
    }

    private static function disc(): string
    {
        return 'M16 24a20 20 0 1 0 40 0a20 20 0 1 0 -40 0';
    }

    private static function dots(int $count): string
    {
        $path = '';
        for ($i = 0; $i < $count; $i++) {
            $out = 17 * sqrt(($i + 0.5) / max(1, $count));
            $path .= sprintf(
                'M%s %sh.1',
                self::short(self::CENTRE + $out * cos($i * self::GOLDEN)),
                self::short(24 + $out * sin($i * self::GOLDEN)),
            );
        }

        return $path;
    }

    private static function lines(float $apart): string
    {
        $path = '';
        for ($y = 24 - 18; $y <= 24 + 18; $y += $apart) {
            $half = sqrt(max(0.0, 19 ** 2 - ($y - 24) ** 2));
            $path .= 'M'.self::short(self::CENTRE - $half).' '.self::short($y).'h'.self::short(2 * $half);
        }

        return $path;
    }

    private static function short(float $value): string
    {
        return Hatch::short($value);
    }
}
