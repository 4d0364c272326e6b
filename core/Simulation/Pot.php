<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Physics\Heat\Evaporation;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Physics\Heat\Steam;

/**
 * What is in one vessel, as hot all through: lumped, stirred now and then. Heat flows as UA · (T_around − T) and leaves
 * with the
 * steam; each step takes the exact exponential of its middle temperature, and the sum of heat is kept to the joule.
 */
final class Pot
{
    /** @var list<array{WeighedLine|null, Material|null, float}> line, ingredient, grams */
    private array $parts = [];

    private HeatContent $heat;

    private float $joules = 0.0;

    public float $celsius;

    /** Grams of water when the heat content was last reckoned. */
    private float $waterIn = 0.0;

    /** Grams of water gone as steam, since the heat content was last reckoned and in all. */
    private float $driedSince = 0.0;

    public float $dried = 0.0;

    /** Joules that came in through the wall, and that left with the steam. */
    public float $supplied = 0.0;

    public float $steamed = 0.0;

    /** @param  float  $steams  how much more than usual steams off it */
    public function __construct(public readonly Vessel $vessel, float $celsius, private readonly float $steams = 1.0)
    {
        $this->celsius = $celsius;
        $this->reckon();
    }

    /**
     * Puts things in at their own temperature; all meet in the middle by the heat they hold.
     *
     * @param  list<array{WeighedLine|null, Material|null, float}>  $parts  line, ingredient, grams
     * @return float the joules they brought
     */
    public function put(array $parts, float $celsius): float
    {
        $this->settle();
        $own = HeatContent::of(array_map(static fn (array $part): array => [$part[1], $part[2]], $parts))->at($celsius);
        $sum = $this->joules + $own;
        $this->parts = [...$this->parts, ...$parts];
        $this->reckon();
        $this->joules = $sum;
        $this->celsius = $this->heat->celsius($sum);

        return $own;
    }

    /** Everything out of another vessel into this one; the other's wall keeps its own heat. */
    public function pour(self $from): void
    {
        $this->settle();
        $from->settle();
        $content = HeatContent::of($from->ingredients())->at($from->celsius);
        $sum = $this->joules + $content;
        $this->parts = [...$this->parts, ...$from->parts];
        $from->parts = [];
        $left = $from->joules - $content;
        $this->dried += $from->dried;
        $from->dried = 0.0;
        $from->reckon();
        $from->joules = $left;
        $this->reckon();
        $this->joules = $sum;
        $this->celsius = $this->heat->celsius($sum);
    }

    /**
     * A stretch of time with so much around it.
     *
     * @param  float  $around  °C
     * @param  float  $flow  W/K
     */
    public function stand(float $around, float $flow, float $seconds, float $room, bool $isCovered): void
    {
        $steam = $this->steam($seconds, $room, $isCovered);
        $loss = $steam * Steam::latent($this->celsius);
        $capacity = $this->heat->capacity($this->celsius);
        // the middle of the stretch tells what melts on the way
        $middle = $this->heat->celsius(
            $this->joules
                + $capacity * ($around - $this->celsius) * (1 - exp(-$flow * $seconds / 2 / $capacity)) - $loss / 2,
        );
        $capacity = $this->heat->capacity($middle);
        $gain = $capacity * ($around - $this->celsius) * (1 - exp(-$flow * $seconds / $capacity));
        $this->take($gain, $loss, $steam);
    }

    /** Kept where it is: what leaves as steam and through the wall is made up for. */
    public function keep(float $seconds, float $room, bool $isCovered): void
    {
        $steam = $this->steam($seconds, $room, $isCovered);
        $loss = $steam * Steam::latent($this->celsius);
        $this->take($loss, $loss, $steam);
    }

    public function isEmpty(): bool
    {
        return $this->parts === [];
    }

    public function grams(): float
    {
        return array_sum(array_column($this->parts, 2)) - $this->driedSince;
    }

    /** Grams of water in it. */
    public function water(): float
    {
        return max(0.0, $this->waterIn - $this->driedSince);
    }

    /** @return list<array{Material|null, float}> */
    public function ingredients(): array
    {
        return array_map(static fn (array $part): array => [$part[1], $part[2]], $this->parts);
    }

    /** @return list<WeighedLine> */
    public function lines(): array
    {
        return array_values(array_filter(array_column($this->parts, 0)));
    }

    /** Part of its meltable grams that is still solid, 0 to 1. */
    public function solid(): float
    {
        $all = $solid = 0.0;
        foreach ($this->parts as [, $ingredient, $grams]) {
            if ($ingredient?->meltHigh !== null) {
                $all += $grams;
                $solid += $grams * (1 - HeatContent::melted($ingredient, $this->celsius));
            }
        }

        return $all > 0 ? $solid / $all : 0.0;
    }

    public function joules(): float
    {
        return $this->joules;
    }

    /** Grams of water that leave in so many seconds. */
    private function steam(float $seconds, float $room, bool $isCovered): float
    {
        $water = $this->water();

        $rate = $this->steams * Evaporation::rate($this->vessel->surface(), $this->celsius, $room, $isCovered);

        return $water <= 0 ? 0.0 : min($water, $rate * $seconds);
    }

    private function take(float $gain, float $loss, float $steam): void
    {
        $this->joules += $gain - $loss;
        $this->supplied += $gain;
        $this->steamed += $loss;
        $this->driedSince += $steam;
        $this->dried += $steam;
        $this->celsius = $this->heat->celsius($this->joules);
    }

    /** What steamed away no longer takes part: it went at the temperature the pot has now. */
    private function settle(): void
    {
        if ($this->driedSince <= 0) {
            return;
        }
        $water = $this->water() + $this->driedSince;
        foreach ($this->parts as $i => [$line, $ingredient, $grams]) {
            $share = $grams * ($ingredient === null ? 1.0 : $ingredient->waterFraction ?? 0.0) / max(1e-9, $water);
            $this->parts[$i] = [$line, $ingredient, $grams - $share * $this->driedSince];
        }
        $this->driedSince = 0.0;
        $before = $this->joules;
        $this->reckon();
        $this->joules = $this->heat->at($this->celsius);
        $this->steamed += $before - $this->joules;
    }

    private function reckon(): void
    {
        $this->waterIn = array_sum(array_map(
            static fn (array $part): float => $part[2] * ($part[1] === null ? 1.0 : $part[1]->waterFraction ?? 0.0),
            $this->parts,
        ));
        $this->heat = HeatContent::of($this->ingredients(), $this->vessel->wall, $this->vessel->wallGrams);
        $this->joules = $this->heat->at($this->celsius);
    }
}
