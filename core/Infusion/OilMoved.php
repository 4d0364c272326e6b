<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/** Oil taken out of a jar and fresh oil put in, in this order. */
final readonly class OilMoved
{
    /** @param  float  $day  days after filling, a fraction if need be */
    public function __construct(
        public float $day,
        public float $takenOut = 0.0,
        public float $toppedUp = 0.0,
    ) {
    }
}
