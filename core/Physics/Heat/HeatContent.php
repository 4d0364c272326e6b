<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;

/**
 * The heat in a potful over its temperature, J counted from 0 °C: what its parts hold by their specific heats, and what
 * it
 * takes to melt them, spread evenly over each one's melting range. Fats: Choi and Okos (1986), 1.9842 + 1.4733e-3 t −
 * 4.8008e-6 t²
 * kJ/(kg K); water 4.18; the rest from engineering tables, from memory, give or take a tenth. A straight line between
 * points
 * half a degree apart, so heat is neither made nor lost by reckoning with it.
 */
final readonly class HeatContent
{
    public const COLDEST = -30.0;

    public const HOTTEST = 130.0;

    private const STEP = 0.5;

    private const WATER = 4.18;

    private const DRY = ['humectant' => 2.43, 'wax_or_fatty_alcohol' => 2.0, 'emulsifier' => 2.0];

    private const DRY_OTHERS = 1.8;

    /** kJ/kg to melt: fatty alcohols and acids about 200 to 240, fats 100 to 140. CRC and reviews, from memory. */
    private const FUSION = ['wax_or_fatty_alcohol' => 200.0, 'emulsifier' => 150.0, 'butter' => 120.0];

    private const FUSION_OTHERS = 120.0;

    /** Water to ice, over the last degree. CRC. */
    private const FUSION_ICE = 333.55;

    private const ICE = [-1.0, 0.0];

    /** Where only the end of melting is known, it begins so far below. */
    private const MELTS_OVER = 10.0;

    /** kJ/(kg K) of vessel walls. Physics tables. */
    private const WALLS = ['glass' => 0.84, 'steel' => 0.50, 'ceramic' => 0.90, 'PP' => 1.9, 'silicone' => 1.2];

    /** @param  non-empty-list<float>  $joules  at each point from COLDEST up */
    private function __construct(private array $joules)
    {
    }

    /**
     * @param  list<array{Material|null, float}>  $parts  and grams of each; an unknown thing counts as water
     * @param  string  $wall  of what material the vessel is
     */
    public static function of(array $parts, string $wall = 'glass', float $wallGrams = 0.0): self
    {
        $points = (int) round((self::HOTTEST - self::COLDEST) / self::STEP);
        $capacity = array_fill(0, $points, $wallGrams * (self::WALLS[$wall] ?? 0.84));
        $watery = $fat = $dry = 0.0;
        foreach ($parts as [$ingredient, $grams]) {
            $water = $ingredient?->water() ?? 1.0;
            $watery += $grams * $water * self::WATER;
            if ($ingredient?->kind === Kind::CarrierOil || $ingredient?->kind === Kind::Butter) {
                $fat += $grams * (1 - $water);
            } else {
                $dry += $grams * (1 - $water) * (self::DRY[$ingredient->kind->value ?? ''] ?? self::DRY_OTHERS);
            }
            self::melt($capacity, self::range($ingredient), $grams * (1 - $water) * self::fusion($ingredient));
            self::melt($capacity, self::ICE, $grams * $water * self::FUSION_ICE);
        }
        foreach ($capacity as $i => $sum) {
            $t = self::COLDEST + ($i + 0.5) * self::STEP;
            $capacity[$i] = $sum + $watery + $dry + $fat * (1.9842 + 1.4733e-3 * $t - 4.8008e-6 * $t * $t);
        }
        $joules = [0.0];
        foreach ($capacity as $i => $perKelvin) {
            $joules[] = $joules[$i] + $perKelvin * self::STEP;
        }
        // counted from 0 °C
        $zero = $joules[(int) round(-self::COLDEST / self::STEP)];

        return new self(array_map(static fn (float $sum): float => $sum - $zero, $joules));
    }

    /** Joules at °C. */
    public function at(float $celsius): float
    {
        $place = (max(self::COLDEST, min(self::HOTTEST, $celsius)) - self::COLDEST) / self::STEP;
        $i = min(count($this->joules) - 2, (int) $place);

        return $this->joules[$i] + ($place - $i) * ($this->joules[$i + 1] - $this->joules[$i]);
    }

    /** °C at which it holds so many joules. */
    public function celsius(float $joules): float
    {
        [$low, $high] = [0, count($this->joules) - 1];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->joules[$middle] <= $joules ? $low = $middle : $high = $middle;
        }
        $rise = $this->joules[$low + 1] - $this->joules[$low];

        $part = $rise > 0 ? max(0.0, min(1.0, ($joules - $this->joules[$low]) / $rise)) : 0.0;

        return self::COLDEST + self::STEP * ($low + $part);
    }

    /** J/K near a temperature. */
    public function capacity(float $celsius): float
    {
        $i = max(0, min(count($this->joules) - 2, (int) (($celsius - self::COLDEST) / self::STEP)));

        return ($this->joules[$i + 1] - $this->joules[$i]) / self::STEP;
    }

    /** Part of it that is melted at °C, 0 to 1; 1 for what is never solid. */
    public static function melted(?Material $ingredient, float $celsius): float
    {
        $range = self::range($ingredient);

        return $range === null ? 1.0 : max(0.0, min(1.0, ($celsius - $range[0]) / max(0.1, $range[1] - $range[0])));
    }

    /** @return array{float, float}|null from and to which it melts, °C */
    private static function range(?Material $ingredient): ?array
    {
        return $ingredient?->meltHigh === null
            ? null
            : [$ingredient->meltLow ?? $ingredient->meltHigh - self::MELTS_OVER, $ingredient->meltHigh];
    }

    private static function fusion(?Material $ingredient): float
    {
        return self::FUSION[$ingredient->kind->value ?? ''] ?? self::FUSION_OTHERS;
    }

    /**
     * @param  array<int, float>  $capacity
     * @param  array{float, float}|null  $range
     */
    private static function melt(array &$capacity, ?array $range, float $joules): void
    {
        if ($range === null || $joules <= 0) {
            return;
        }
        $from = (int) round(($range[0] - self::COLDEST) / self::STEP);
        $to = max($from + 1, (int) round(($range[1] - self::COLDEST) / self::STEP));
        for ($i = max(0, $from); $i < min($to, count($capacity)); $i++) {
            $capacity[$i] += $joules / (($to - $from) * self::STEP);
        }
    }
}
