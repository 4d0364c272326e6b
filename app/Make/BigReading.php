<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Level;

/** A figure to be read off at a step, as large as it can be, in the glass it rises in. */
final readonly class BigReading
{
    /**
     * @param  string  $field  of the form
     * @param  string  $value  as it stands in the field; "" before there is a reading
     * @param  float  $by  one press of a button
     * @param  'rises'|'falls'|'meets'|'ph'  $way  in which it comes to its goal
     * @param  float  $stands  what is in the glass before this reading
     */
    public function __construct(
        public string $field,
        public string $label,
        public string $value,
        public string $unit,
        public ?float $goal,
        public float $by,
        public string $way,
        public Level $level,
        public float $stands = 0.0,
    ) {
    }

    /** Digits after the point that one press tells apart. */
    public function digits(): int
    {
        return max(0, (int) ceil(-log10($this->by) - 1e-9));
    }
}
