<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * A measured or estimated quantity with honest width: low <= likely <= high.
 *
 * Unit-free; the holder says whether it is grams, percent or millilitres.
 */
final readonly class Band
{
    private function __construct(
        public float $low,
        public float $likely,
        public float $high,
    ) {
    }

    /** @throws ImpossibleBand when the bounds are not finite or out of order */
    public static function of(float $low, float $likely, float $high): self
    {
        if (! is_finite($low) || ! is_finite($likely) || ! is_finite($high) || $low > $likely || $likely > $high) {
            throw new ImpossibleBand($low, $likely, $high);
        }

        return new self($low, $likely, $high);
    }

    /** @throws ImpossibleBand when the value is not finite */
    public static function exact(float $value): self
    {
        return self::of($value, $value, $value);
    }

    /**
     * A likely value with the same relative error to both sides, never below zero.
     *
     * @param  float  $relative  e.g. 0.06 for plus or minus 6 %
     */
    public static function around(float $likely, float $relative): self
    {
        return self::of(max(0.0, $likely * (1 - $relative)), $likely, $likely * (1 + $relative));
    }

    public static function zero(): self
    {
        return self::exact(0.0);
    }

    /** @param  iterable<Band>  $bands */
    public static function sum(iterable $bands): self
    {
        $low = $likely = $high = 0.0;
        foreach ($bands as $band) {
            $low += $band->low;
            $likely += $band->likely;
            $high += $band->high;
        }

        return self::of($low, $likely, $high);
    }

    /**
     * The share one part has in the total it belongs to, as a fraction. The part is in its own total, so the
     * bounds pair it with the opposite bounds of the rest instead of dividing one band by the other.
     */
    public static function share(self $part, self $rest): self
    {
        $of = static fn (float $part, float $rest): float => $part + $rest > 0 ? $part / ($part + $rest) : 0.0;

        return self::of(
            $of($part->low, $rest->high),
            $of($part->likely, $rest->likely),
            $of($part->high, $rest->low),
        );
    }

    public function plus(self $other): self
    {
        return self::of($this->low + $other->low, $this->likely + $other->likely, $this->high + $other->high);
    }

    /** What is left of this when the other is taken out; the other's high bound makes the low one. */
    public function minus(self $other): self
    {
        return self::of($this->low - $other->high, $this->likely - $other->likely, $this->high - $other->low);
    }

    /** Bounds multiply, so both bands must not be negative. */
    public function times(self|float $factor): self
    {
        if (is_float($factor)) {
            $factor = self::exact($factor);
        }

        return self::of($this->low * $factor->low, $this->likely * $factor->likely, $this->high * $factor->high);
    }

    public function notBelowZero(): self
    {
        return self::of(max(0.0, $this->low), max(0.0, $this->likely), max(0.0, $this->high));
    }

    public function width(): float
    {
        return $this->high - $this->low;
    }

    /** Half the width over the likely value; 0 where the likely value is 0. */
    public function relativeError(): float
    {
        return $this->likely > 0 ? $this->width() / 2 / $this->likely : 0.0;
    }

    /** How sure it is that the quantity lies above the limit: null when no part of the band does. */
    public function above(float $limit): ?Certainty
    {
        $slack = self::slack($limit);

        return match (true) {
            $this->low > $limit + $slack => Certainty::Certain,
            $this->high > $limit + $slack => Certainty::Possible,
            default => null,
        };
    }

    /** How sure it is that the quantity lies below the limit: null when no part of the band does. */
    public function below(float $limit): ?Certainty
    {
        $slack = self::slack($limit);

        return match (true) {
            $this->high < $limit - $slack => Certainty::Certain,
            $this->low < $limit - $slack => Certainty::Possible,
            default => null,
        };
    }

    /** Floating-point noise must not turn a dose exactly at its limit into a finding. */
    private static function slack(float $limit): float
    {
        return 1e-9 * max(1.0, abs($limit));
    }
}
