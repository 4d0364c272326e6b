<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/** The oil in the jar at one moment. */
final readonly class StrengthPoint
{
    /**
     * @param  float  $extracted  of what this oil could hold at rest, 0 to 1 (above 1 just after oil is drawn)
     * @param  float  $kept  of the delicate part, 0 to 1
     * @param  float  $index  grams of plant's worth in 100 g oil
     */
    public function __construct(
        public float $day,
        public float $extracted,
        public float $kept,
        public float $index,
        public float $oil,
    ) {
    }

    public static function at(float $day, Jar $jar): self
    {
        return new self($day, $jar->extracted(), $jar->kept, $jar->strength(), $jar->oil);
    }
}
