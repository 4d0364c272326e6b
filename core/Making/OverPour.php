<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

/** More on the scale than there should be, and the ways out of it. Grams. */
final readonly class OverPour
{
    /** Steps of the scale and part of the target that nobody needs to speak of. Common practice: hands and scales. */
    private const STEPS = 2;

    private const SHARE = 0.02;

    private function __construct(public float $weighed, public float $target)
    {
    }

    /** Null while it is within what hands and scales do. */
    public static function of(float $weighed, ?float $target, float $scale): ?self
    {
        return $target === null || $target <= 0 || $weighed <= $target + self::tolerance($target, $scale)
            ? null
            : new self($weighed, $target);
    }

    public static function tolerance(float $target, float $scale): float
    {
        return max(self::STEPS * $scale, self::SHARE * $target);
    }

    public function over(): float
    {
        return $this->weighed - $this->target;
    }

    public function percent(): float
    {
        return 100 * $this->over() / $this->target;
    }

    /** By how much all else has to grow so that the shares stay. */
    public function factor(): float
    {
        return $this->weighed / $this->target;
    }
}
