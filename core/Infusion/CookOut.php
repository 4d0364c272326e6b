<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use InvalidArgumentException;

/**
 * Water driven out of wet plants in hot oil, told by the weight of the pot with all that is in it: only water leaves.
 * Done when
 * nearly all of the plants' water is gone and no bubble has risen for some minutes; the eye has the last word. Common
 * practice.
 */
final readonly class CookOut
{
    /** Minutes without a bubble. Common practice. */
    public const STILL_MIN = 5;

    /**
     * An oil with water of a plant left in it: so many days in the fridge, then away. Common practice for fresh herbs
     * in oil (botulism).
     */
    public const WET_DAYS = 4;

    /**
     * More lost than the plants' water and this much of it: fat has spattered, or it was weighed otherwise. A guess.
     */
    private const MORE_THAN_WATER = 1.15;

    /**
     * @param  float  $water  grams of water in the plants when they went in
     * @param  float  $atFirst  grams of the pot with oil and plants, before heating
     * @param  float  $now  grams of the same
     */
    public function __construct(public float $water, public float $atFirst, public float $now)
    {
        if ($water < 0 || $atFirst <= 0 || $now <= 0) {
            throw new InvalidArgumentException('A pot weighs something, and water is never less than none.');
        }
    }

    /** Grams. */
    public function drivenOut(): float
    {
        return max(0.0, $this->atFirst - $this->now);
    }

    /** Grams that have still to go. */
    public function left(): float
    {
        return max(0.0, Infusion::WATER_TO_DRIVE_OUT * $this->water - $this->drivenOut());
    }

    public function isDone(): bool
    {
        return $this->left() <= 0.0;
    }

    /** What the scale will show then, grams. */
    public function weighsWhenDone(): float
    {
        return $this->atFirst - Infusion::WATER_TO_DRIVE_OUT * $this->water;
    }

    /** It has lost more than the plants held. */
    public function hasLostMore(): bool
    {
        return $this->drivenOut() > self::MORE_THAN_WATER * $this->water + 1e-9;
    }

    /** The scale shows more than at first. */
    public function hasGained(): bool
    {
        return $this->now > $this->atFirst;
    }
}
