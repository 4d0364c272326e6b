<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Texture;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/**
 * How firm a blend of fats is by temperature. Solid fat is the weighted mean of its fats, never more than what can be
 * solid; fats soften one another (eutectics), which this ignores but for known pairs: the blend is rather softer.
 * Waxes build a gel of their own, far stiffer than its few percent of crystals: stiffness A·(c − c₀)^n above a critical
 * share (Toro-Vazquez; Co and Marangoni, form recalled), counted in points of solid fat that feel alike. Figures from
 * memory, give or take 5 to 15 points. Percent, °C.
 */
final readonly class SolidFat
{
    public const AT = [10, 15, 20, 25, 30, 35];

    /** Points of solid fat that a wax gel feels like: fitted to balms of 10, 20 and 30 % beeswax. */
    private const GEL = 205.0;

    private const GEL_FROM = 0.03;

    private const GEL_POWER = 0.8;

    /** In castor oil or a short-chain ester the same wax holds so much less. Common practice, recalled. */
    private const SOFTENED = 0.3;

    /** Cocoa and coconut fat melt one another: points of solid fat lost where they meet half and half. Recalled. */
    private const EUTECTIC = 12.0;

    /** Where the feel changes, percent solid. Tuned to common practice, from memory. */
    public const FEEL = ['pourable' => 5.0, 'very_soft' => 15.0, 'scoopable' => 35.0, 'firm' => 55.0];

    /** Rooms in winter, between, and in summer, °C. */
    public const ROOMS = ['winter' => 16.0, 'mild' => 20.0, 'summer' => 28.0];

    /** Points of solid fat it may be off: harvests differ, and so does how it was cooled. From memory. */
    public const OFF = 10.0;

    /** It slumps where no more than this is solid. */
    public const SLUMPS_AT = 10.0;

    /**
     * @param  array<int, float>|null  $curve  firmness by °C, in points of solid fat that feel alike; null where a
     *   fat's figures are not known
     * @param  array<int, float>|null  $solid  percent truly solid by °C
     * @param  list<string>  $unknown  keys of those
     * @param  list<string>  $grainy
     * @param  bool  $isWaxGel  firm more by its waxes than by its fats
     */
    private function __construct(
        public ?array $curve,
        public ?array $solid,
        public array $unknown,
        public array $grainy,
        public bool $isWaxGel,
    ) {
    }

    public static function of(Composition $composition): self
    {
        return self::blend(array_map(
            static fn (WeighedLine $line): array => [$line->ingredient, $line->part()],
            $composition->linesWith(static fn (Material $ingredient): bool => $ingredient->kind->isLipid()),
        ));
    }

    /** @param  list<array{Material|null, float}>  $fats  each with its amount, in any measure */
    public static function blend(array $fats): self
    {
        $all = array_sum(array_column($fats, 1));
        $solid = $waxes = $gelling = array_fill_keys(self::AT, 0.0);
        $unknown = $grainy = [];
        $softening = $liquid = $cocoa = $coconut = 0.0;
        foreach ($all > 0 ? $fats : [] as [$fat, $amount]) {
            if ($fat === null) {
                continue;
            }
            $part = $amount / $all;
            $grainy = $fat->is(MaterialTrait::TurnsGrainy) ? [...$grainy, $fat->key] : $grainy;
            $liquid += $fat->isLiquid() ? $part : 0.0;
            $softening += $fat->is(MaterialTrait::SoftensWaxes) ? $part : 0.0;
            $cocoa += $fat->is(MaterialTrait::CocoaLike) ? $part : 0.0;
            $coconut += $fat->is(MaterialTrait::CoconutLike) ? $part : 0.0;
            foreach (self::AT as $celsius) {
                $is = self::ofOne($fat, $celsius);
                if ($is === null) {
                    $unknown[] = $fat->key;
                    break;
                }
                if ($fat->kind === Kind::WaxOrFattyAlcohol) {
                    $waxes[$celsius] += $part * $is;
                    $gelling[$celsius] += $is > 0.0 ? $part * ($fat->waxStrength ?? 1.0) : 0.0;
                } else {
                    $solid[$celsius] += $part * $is;
                }
            }
        }
        if ($fats === [] || $unknown !== []) {
            return new self(null, null, array_values(array_unique($unknown)), $grainy, false);
        }
        $lost = self::EUTECTIC * 4 * $cocoa * $coconut; // most where they are half and half
        $weaker = 1 - ($liquid > 0.0 ? self::SOFTENED * min(1.0, $softening / $liquid) : 0.0);
        $curve = $true = [];
        $isWaxGel = false;
        foreach (self::AT as $celsius) {
            $fat = max(0.0, $solid[$celsius] - $lost);
            $gel = max($waxes[$celsius], $weaker * self::gel($gelling[$celsius]));
            $isWaxGel = $isWaxGel || $gel > $fat;
            $curve[$celsius] = min(100.0, $fat + $gel);
            $true[$celsius] = min(100.0, $fat + $waxes[$celsius]);
        }

        return new self($curve, $true, [], $grainy, $isWaxGel);
    }

    /** Points of solid fat that so large a share of wax feels like. */
    private static function gel(float $share): float
    {
        return self::GEL * max(0.0, $share - self::GEL_FROM) ** self::GEL_POWER;
    }

    /** Percent of one fat; null where it is solid somewhere and nobody has said how much. */
    public static function ofOne(Material $fat, float $celsius): ?float
    {
        if ($fat->kind === Kind::WaxOrFattyAlcohol) {
            return $fat->meltLow !== null && $celsius < $fat->meltLow ? 100.0 : 0.0;
        }
        if ($fat->solidFat === []) {
            return $fat->kind === Kind::Butter ? null : 0.0;
        }

        return self::between($fat->solidFat, $celsius);
    }

    /** Percent solid of the blend between 10 and 35 °C; null where not known. */
    public function at(float $celsius): ?float
    {
        return $this->curve === null ? null : self::between($this->curve, max(self::AT[0], min(self::AT[5], $celsius)));
    }

    /**
     * Percent solid from and to which a fat feels like this.
     *
     * @return array{float, float}|null null for a feel there is no word for
     */
    public static function band(string $feel): ?array
    {
        $from = 0.0;
        foreach ([...self::FEEL, 'hard' => 100.0] as $name => $to) {
            if ($name === $feel) {
                return [$from, $to];
            }
            $from = $to;
        }

        return null;
    }

    /** @param  array<int, float>  $points by °C */
    private static function between(array $points, float $celsius): float
    {
        $temperatures = array_keys($points);
        $low = max([$temperatures[0], ...array_filter($temperatures, static fn (int $at): bool => $at <= $celsius)]);
        $high = min([
            $temperatures[count($temperatures) - 1],
            ...array_filter($temperatures, static fn (int $at): bool => $at >= $celsius),
        ]);

        return $low === $high
            ? $points[$low]
            : $points[$low] + ($points[$high] - $points[$low]) * ($celsius - $low) / ($high - $low);
    }

    /** pourable, very_soft, scoopable, firm or hard; null where not known */
    public function feel(float $celsius): ?string
    {
        $solid = $this->at($celsius);
        if ($solid === null) {
            return null;
        }
        foreach (self::FEEL as $feel => $below) {
            if ($solid < $below) {
                return $feel;
            }
        }

        return 'hard';
    }

    /** °C at which it loses its shape; null for what is soft all along, and where not known */
    public function slump(): ?float
    {
        if ($this->curve === null || $this->curve[self::AT[0]] <= self::SLUMPS_AT) {
            return null;
        }
        for ($i = 1; $i < count(self::AT); $i++) {
            [$before, $after] = [$this->curve[self::AT[$i - 1]], $this->curve[self::AT[$i]]];
            if ($after <= self::SLUMPS_AT) {
                return self::AT[$i - 1] + (self::AT[$i] - self::AT[$i - 1]) * ($before - self::SLUMPS_AT) / max(
                    1e-9,
                    $before - $after,
                );
            }
        }

        return (float) self::AT[5];
    }
}
