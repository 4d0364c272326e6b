<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Texture;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/**
 * Solid fat of a blend by temperature: the weighted mean of its fats; liquid oils have none, waxes stiffen threefold
 * what
 * they weigh below their melting range. Fats soften one another (eutectics), which this ignores: the blend is rather
 * softer. Figures of the butters are from memory, give or take 5 to 15 points. Percent, °C.
 */
final readonly class SolidFat
{
    public const AT = [10, 15, 20, 25, 30, 35];

    private const WAX_STIFFENS = 3.0;

    /** Where the feel changes, percent solid. Tuned to common practice, from memory. */
    public const FEEL = ['pourable' => 5.0, 'very_soft' => 15.0, 'scoopable' => 35.0, 'firm' => 55.0];

    /** Rooms in winter, between, and in summer, °C. */
    public const ROOMS = ['winter' => 16.0, 'mild' => 20.0, 'summer' => 28.0];

    /** It slumps where no more than this is solid. */
    public const SLUMPS_AT = 10.0;

    /**
     * @param  array<int, float>|null  $curve  percent solid by °C; null where a fat's figures are not known
     * @param  list<string>  $unknown  keys of those
     * @param  list<string>  $grainy
     */
    private function __construct(
        public ?array $curve,
        public array $unknown,
        public array $grainy,
    ) {
    }

    public static function of(Composition $composition): self
    {
        $fats = $composition->linesWith(static fn (Material $ingredient): bool => $ingredient->kind->isLipid());
        $all = array_sum(array_map(static fn ($line): float => $line->share->likely ?? 0.0, $fats));
        $curve = array_fill_keys(self::AT, 0.0);
        $unknown = $grainy = [];
        foreach ($fats as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null || $all <= 0) {
                continue;
            }
            if ($ingredient->is(MaterialTrait::TurnsGrainy)) {
                $grainy[] = $ingredient->key;
            }
            foreach (self::AT as $celsius) {
                $solid = self::ofOne($ingredient, $celsius);
                if ($solid === null) {
                    $unknown[] = $ingredient->key;
                    break;
                }
                $curve[$celsius] += $solid * ($line->share->likely ?? 0.0) / $all;
            }
        }

        return new self(
            $fats === [] || $unknown !== []
                ? null
                : array_map(static fn (float $solid): float => min(100.0, $solid), $curve),
            array_values(array_unique($unknown)),
            $grainy,
        );
    }

    /** Percent of one fat; null where it is solid somewhere and nobody has said how much. */
    public static function ofOne(Material $fat, float $celsius): ?float
    {
        if ($fat->kind === Kind::WaxOrFattyAlcohol) {
            return $fat->meltLow !== null && $celsius < $fat->meltLow ? 100 * self::WAX_STIFFENS : 0.0;
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
