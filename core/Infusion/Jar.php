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
    /** @var list<float> grams of plant's worth in the oil, by plant */
    public array $inOil;

    /** @var list<float> the same, still in the plant */
    public array $inPlant;

    /**
     * @param  float  $oil  grams
     * @param  list<float>  $plants  grams of each plant
     * @param  list<array{array{float, float}, array{float, float}}>  $pools  by plant: grams of plant's worth in the
     *   oil and in the plant, of what is washed off and of what diffuses
     * @param  float  $carriedOff  grams of plant's worth taken out with oil
     * @param  float  $kept  share of the delicate part that heat and light have left, 0 to 1
     */
    private function __construct(
        public float $oil,
        public array $plants,
        private array $pools,
        public float $carriedOff,
        public float $kept,
    ) {
        $this->inOil = array_map(static fn (array $pools): float => $pools[0][0] + $pools[1][0], $pools);
        $this->inPlant = array_map(static fn (array $pools): float => $pools[0][1] + $pools[1][1], $pools);
    }

    /**
     * @param  non-empty-list<float>  $plants  grams of each plant
     * @param  list<float>  $washed  what of each is washed off; the rest diffuses
     */
    public static function filled(float $oil, array $plants, array $washed = []): self
    {
        if ($oil <= 0 || min($plants) <= 0) {
            throw new InvalidArgumentException('A jar holds oil and plants.');
        }
        $pools = [];
        foreach ($plants as $i => $grams) {
            $open = $grams * ($washed[$i] ?? 0.0);
            $pools[] = [[0.0, $open], [0.0, $grams - $open]];
        }

        return new self($oil, $plants, $pools, 0.0, 1.0);
    }

    /**
     * Left standing.
     *
     * @param  list<float|array{float, float}>  $rates  by plant, per day: of what is washed off, of what diffuses
     * @param  float  $decay  per day
     */
    public function steeped(float $days, array $rates, float $decay): self
    {
        $share = $this->oil / ($this->oil + array_sum($this->plants));
        $pools = [];
        foreach ($this->pools as $i => $plant) {
            $rate = is_array($rates[$i]) ? $rates[$i] : [$rates[$i], $rates[$i]];
            $pools[] = [
                self::nearer($plant[0], $share, $rate[0] * $days),
                self::nearer($plant[1], $share, $rate[1] * $days),
            ];
        }

        return new self($this->oil, $this->plants, $pools, $this->carriedOff, $this->kept * exp(-$decay * $days));
    }

    /**
     * @param  array{float, float}  $pool  in the oil, in the plant
     * @return array{float, float}
     */
    private static function nearer(array $pool, float $share, float $way): array
    {
        $there = $pool[0] + $pool[1];
        $in = $there * $share + ($pool[0] - $there * $share) * exp(-$way);

        return [$in, $there - $in];
    }

    /** Oil drawn off takes its share of what is in the oil along. */
    public function takenOut(float $grams): self
    {
        if ($grams < 0 || $grams >= $this->oil) {
            throw new InvalidArgumentException('There is not that much oil in the jar.');
        }
        $left = 1 - $grams / $this->oil;
        $pools = array_map(static fn (array $plant): array => [
            [$plant[0][0] * $left, $plant[0][1]],
            [$plant[1][0] * $left, $plant[1][1]],
        ], $this->pools);

        return new self(
            $this->oil - $grams,
            $this->plants,
            $pools,
            $this->carriedOff + (1 - $left) * array_sum($this->inOil),
            $this->kept,
        );
    }

    public function toppedUp(float $grams): self
    {
        if ($grams < 0) {
            throw new InvalidArgumentException('Oil put in is not less than nothing.');
        }

        return new self($this->oil + $grams, $this->plants, $this->pools, $this->carriedOff, $this->kept);
    }

    /** Grams of plant's worth in 100 g of oil; of one plant, or of all. */
    public function strength(?int $plant = null): float
    {
        return 100 * ($plant === null ? array_sum($this->inOil) : $this->inOil[$plant]) / $this->oil;
    }

    /** Of what a plant can give, the share that is still in it. */
    public function leftIn(int $plant): float
    {
        $worth = $this->inOil[$plant] + $this->inPlant[$plant];

        return $worth > 0.0 ? $this->inPlant[$plant] / $worth : 0.0;
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
