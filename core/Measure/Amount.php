<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * What a maker wrote for one line, understood: a number or a range with its unit, a percentage, the rest, or nothing
 * measured.
 */
final readonly class Amount
{
    private function __construct(
        public AmountKind $kind,
        public string $entered,
        public ?Band $number,
        public ?Unit $unit,
        public ?Piece $piece = null,
    ) {
    }

    public static function measured(Band $number, Unit $unit, ?string $entered = null): self
    {
        return new self(AmountKind::Measured, $entered ?? self::span($number).' '.$unit->value, $number, $unit);
    }

    /** So many of something counted: leaves, capsules, whole fruits. */
    public static function pieces(Band $number, Piece $piece, ?string $entered = null): self
    {
        return new self(AmountKind::Measured, $entered ?? self::span($number).' '.$piece->value, $number, null, $piece);
    }

    public static function grams(float $grams): self
    {
        return self::measured(Band::exact($grams), Unit::Gram);
    }

    /** @param  Band  $percent percent of the finished batch, 0 to 100 */
    public static function percent(Band $percent, ?string $entered = null): self
    {
        return new self(AmountKind::Percent, $entered ?? self::span($percent).' %', $percent, null);
    }

    public static function rest(string $entered = 'to 100'): self
    {
        return new self(AmountKind::Rest, $entered, null, null);
    }

    public static function open(string $entered): self
    {
        return new self(AmountKind::Open, $entered, null, null);
    }

    /** "10-12", or "3" where there is no range. */
    private static function span(Band $number): string
    {
        return $number->width() > 0
            ? self::written($number->low).'-'.self::written($number->high)
            : self::written($number->likely);
    }

    /** Thirds and sixths as a fraction, which reads back exactly; anything else in decimals. */
    private static function written(float $value): string
    {
        foreach ([3, 6] as $part) {
            $times = $value * $part;
            if (abs($times - round($times)) < 1e-9 && abs($value * 1000 - round($value * 1000)) > 1e-6) {
                $whole = (int) floor($value + 1e-9);
                $rest = (int) round($times) - $whole * $part;

                return ($whole > 0 ? $whole.' ' : '').$rest.'/'.$part;
            }
        }

        return self::plain($value);
    }

    /** Shortest text that reads back as the same number. */
    public static function plain(float $value): string
    {
        $short = rtrim(rtrim(sprintf('%.12F', $value), '0'), '.');

        return (float) $short === $value ? $short : sprintf('%.17G', $value);
    }
}
