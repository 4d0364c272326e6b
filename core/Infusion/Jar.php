<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use InvalidArgumentException;

/**
 * Oil on plants at one moment. What a plant can give is counted in grams of plant: all of it at first in the plant,
 * then shared between oil and plant; at rest the oil holds O/(O + P) of what is there (O grams of oil, P of plant).
 * Nothing is ever lost: in the oil + in the plants + carried off with oil taken = what went in.
 */
final readonly class Jar
{
    /**
     * @param  float  $oil  grams
     * @param  list<float>  $plants  grams of each plant
     * @param  list<float>  $inOil  grams of plant's worth in the oil, by plant
     * @param  list<float>  $inPlant  the same, still in the plant
     * @param  float  $carriedOff  grams of plant's worth taken out with oil
     * @param  float  $kept  share of the delicate part that heat and light have left, 0 to 1
     */
    private function __construct(
        public float $oil,
        public array $plants,
        public array $inOil,
        public array $inPlant,
        public float $carriedOff,
        public float $kept,
    ) {
    }

    /** @param  non-empty-list<float>  $plants grams of each plant */
    public static function filled(float $oil, array $plants): self
    {
        if ($oil <= 0 || min($plants) <= 0) {
            throw new InvalidArgumentException('A jar holds oil and plants.');
        }

        return new self($oil, $plants, array_fill(0, count($plants), 0.0), $plants, 0.0, 1.0);
    }

    /**
     * Left standing.
     *
     * @param  list<float>  $rates  by plant, per day
     * @param  float  $decay  per day
     */
    public function steeped(float $days, array $rates, float $decay): self
    {
        $share = $this->oil / ($this->oil + array_sum($this->plants));
        $inOil = $inPlant = [];
        foreach ($this->inOil as $i => $in) {
            $there = $in + $this->inPlant[$i];
            $inOil[] = $there * $share + ($in - $there * $share) * exp(-$rates[$i] * $days);
            $inPlant[] = $there - $inOil[$i];
        }

        return new self(
            $this->oil,
            $this->plants,
            $inOil,
            $inPlant,
            $this->carriedOff,
            $this->kept * exp(-$decay * $days),
        );
    }

    /** Oil drawn off takes its share of what is in the oil along. */
    public function takenOut(float $grams): self
    {
        if ($grams < 0 || $grams >= $this->oil) {
            throw new InvalidArgumentException('There is not that much oil in the jar.');
        }
        $left = 1 - $grams / $this->oil;
        $inOil = array_map(static fn (float $in): float => $in * $left, $this->inOil);

        return new self(
            $this->oil - $grams,
            $this->plants,
            $inOil,
            $this->inPlant,
            $this->carriedOff + array_sum($this->inOil) - array_sum($inOil),
            $this->kept,
        );
    }

    public function toppedUp(float $grams): self
    {
        if ($grams < 0) {
            throw new InvalidArgumentException('Oil put in is not less than nothing.');
        }

        return new self(
            $this->oil + $grams,
            $this->plants,
            $this->inOil,
            $this->inPlant,
            $this->carriedOff,
            $this->kept,
        );
    }

    /** Grams of plant's worth in 100 g of oil; of one plant, or of all. */
    public function strength(?int $plant = null): float
    {
        return 100 * ($plant === null ? array_sum($this->inOil) : $this->inOil[$plant]) / $this->oil;
    }

    /** What the oil holds over what it would hold at rest. */
    public function extracted(): float
    {
        $there = array_sum($this->inOil) + array_sum($this->inPlant);

        return $there > 0
            ? array_sum($this->inOil) / ($there * $this->oil / ($this->oil + array_sum($this->plants)))
            : 1.0;
    }

    /** Everything that was ever in the plants, wherever it is now. */
    public function accounted(): float
    {
        return array_sum($this->inOil) + array_sum($this->inPlant) + $this->carriedOff;
    }
}
