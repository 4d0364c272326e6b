<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/** A time in which the jar's temperature and rhythm stayed the same. Days after filling, °C, factor on the pace. */
final readonly class Stretch
{
    public function __construct(
        public float $from,
        public float $until,
        public float $celsius,
        public float $shaking,
    ) {
    }
}
