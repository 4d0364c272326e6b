<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/**
 * How plant and oil stand in a jar, millilitres: dry plant matter takes m/1.3 (the water in a fresh one m/1), a loose
 * heap settles to six tenths. Covered when oil and plant together reach the top of the heap. Common practice, guesses.
 */
final readonly class JarRoom
{
    public const PLANT_DENSITY = 1.3;

    public const SETTLES_TO = 0.6;

    public function __construct(
        public float $oilMl,
        public float $solidMl,
        public float $settledMl,
        public ?float $jarMl,
    ) {
    }

    /** Where the surface stands, or the heap if that is higher. */
    public function levelMl(): float
    {
        return max($this->oilMl + $this->solidMl, $this->settledMl);
    }

    public function isCovered(): bool
    {
        return $this->oilMl + $this->solidMl >= $this->settledMl;
    }

    /** Oil missing to cover the plant. */
    public function missingMl(): float
    {
        return max(0.0, $this->settledMl - $this->oilMl - $this->solidMl);
    }

    /** null where no jar was named. */
    public function fits(): ?bool
    {
        return $this->jarMl === null ? null : $this->levelMl() <= $this->jarMl;
    }

    /** Percent of the jar; below 0 when it runs over. */
    public function headspace(): ?float
    {
        return $this->jarMl === null ? null : 100 * (1 - $this->levelMl() / $this->jarMl);
    }
}
