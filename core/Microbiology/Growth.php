<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Measure\Bisection;

/**
 * Microbes in something watery, hour by hour: rates multiplied by what holds each back (gamma concept: Zwietering;
 * Ratkowsky; Rosso), after a lag (Baranyi and Roberts 1994); recalled. An estimate with its figures from memory, not a
 * test.
 */
final readonly class Growth
{
    /** A fridge in use, where nobody has measured it. Common practice. */
    public const FRIDGE_C = 8.0;

    /** A well-set fridge: whoever claims more days than this is optimistic. */
    public const COLD_FRIDGE_C = 5.0;

    /** Cfu a gram that a product may hold: ISO 17516 (recalled). */
    public const LIMIT = 1000.0;

    public const LIMIT_UNDER_3 = 100.0;

    /** Spoiled for all to see. Textbook, recalled. */
    public const SPOILED = 1e6;

    /** Work before the first division, in lifetimes: what was boiled starts slower. Fitted. */
    /** Rates in one food differ from those in another: hours may be so many times more or fewer. A guess. */
    public const OFF = 2.0;

    private const LAG = 2.2;

    private const LAG_RAW = 0.5;

    /** Farther is no use: the date is set by other things. Hours. */
    private const FARTHEST = 24.0 * 400;

    private const DAY = 24.0;

    /** To half a minute. Hours. */
    private const CLOSE = 0.01;

    /**
     * @param  list<array{float, float}>  $groups  that grow: cfu a gram at first, growth an hour
     * @param  float  $still  cfu a gram of those that don't
     */
    private function __construct(
        public float $start,
        private array $groups,
        private float $still,
        private float $lag,
    ) {
    }

    /**
     * @param  float  $start  cfu a gram
     * @param  float  $food  how well it feeds them, 0 to 1
     * @param  array<string, float>  $reach  of the preservative by organism; empty where there is none
     */
    public static function of(
        float $start,
        float $food,
        bool $isRaw,
        float $celsius,
        float $ph,
        float $waterActivity,
        array $reach = [],
    ): self {
        $groups = [];
        $still = 0.0;
        foreach (Microbe::cases() as $microbe) {
            $held = 0.0;
            foreach ($microbe->heldAs() as $organism) {
                $held = max($held, $reach[$organism->value] ?? 0.0);
            }
            $rate = $microbe->growth($celsius) * $microbe->atPh($ph) * $microbe->atWaterActivity($waterActivity)
                * $food * max(0.0, 1 - $held);
            if ($rate > 0.0) {
                $groups[] = [$start * $microbe->share(), $rate];
            } else {
                $still += $start * $microbe->share();
            }
        }

        return new self($start, $groups, $still, $isRaw ? self::LAG_RAW : self::LAG);
    }

    /** Cfu a gram, after so many hours. */
    public function after(float $hours): float
    {
        $all = $this->still;
        foreach ($this->groups as [$start, $rate]) {
            $all += $start * exp($rate * $this->effective($hours, $rate));
        }

        return $all;
    }

    /** Hours until so many are in a gram; null where that takes more than a year, or never comes. */
    public function hoursTo(float $cfu): ?float
    {
        [$low, $high] = [0.0, self::DAY];
        while ($this->after($high) < $cfu) {
            if ($high > self::FARTHEST) {
                return null;
            }
            [$low, $high] = [$high, 2 * $high];
        }

        return Bisection::reaches($this->after(...), $cfu, $low, $high, self::CLOSE);
    }

    /** What counts as the end of its life: the limit, or tenfold where it holds more than that from the start. */
    public function limit(bool $isUnder3): float
    {
        $limit = $isUnder3 ? self::LIMIT_UNDER_3 : self::LIMIT;

        return $this->after(0.0) < $limit ? $limit : 10 * $this->after(0.0);
    }

    /** The hours of growth in so many on the clock, by the lag of Baranyi and Roberts. */
    private function effective(float $hours, float $rate): float
    {
        $begun = exp(-$rate * $hours);

        return $hours + log($begun + exp(-$this->lag) * (1 - $begun)) / $rate;
    }
}
