<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Physics\WaterBinding;

/**
 * How like two ingredients are in what a formula notices of them: how solid a fat is cold and warm, what balance it
 * asks for, how quickly it turns; an emulsifier's charge, balance and strength; a preservative's breadth and acidity;
 * how much water a humectant binds. One unit is a difference a maker would remark on. The units are a judgement, common
 * practice.
 */
final class Similarity
{
    /** Where one of two figures isn't known they may well differ. */
    private const UNKNOWN = 1.5;

    private const SOLID_POINTS = 10.0;

    private const HLB_POINTS = 1.5;

    private const PUFA_POINTS = 15.0;

    /**
     * The figures of a fat that its blend has in proportion, in such units.
     *
     * @return array<string, float|null>
     */
    public static function figures(Material $fat): array
    {
        $scaled = static fn (?float $value, float $unit): ?float => $value === null ? null : $value / $unit;

        return [
            'solid_10' => $scaled(SolidFat::ofOne($fat, 10), self::SOLID_POINTS),
            'solid_20' => $scaled(SolidFat::ofOne($fat, 20), self::SOLID_POINTS),
            'solid_30' => $scaled(SolidFat::ofOne($fat, 30), self::SOLID_POINTS),
            'hlb' => $scaled($fat->requiredHlb, self::HLB_POINTS),
            'pufa' => $scaled(
                $fat->fattyAcids === null ? $fat->pufaPercent : 100 * ($fat->fattyAcids[1] + $fat->fattyAcids[2]),
                self::PUFA_POINTS,
            ),
        ];
    }

    /** Does the same work: may stand in at all. */
    public static function mayStandIn(Material $for, Material $other): bool
    {
        return $other->key !== $for->key
            && $other->kind === $for->kind
            && $other->defaultPhase === $for->defaultPhase
            && $other->use !== null;
    }

    /** 0 for the same, growing with what is noticed. */
    public static function distance(Material $a, Material $b): float
    {
        return match (true) {
            $a->kind->isLipid() => self::apart(self::figures($a), self::figures($b)),
            $a->kind === Kind::Emulsifier || $a->kind === Kind::Solubiliser => self::emulsifiers($a, $b),
            $a->kind === Kind::Preservative => self::preservatives($a, $b),
            $a->kind === Kind::Humectant => self::humectants($a, $b),
            default => self::others($a, $b),
        };
    }

    /**
     * @param  array<string, float|null>  $a
     * @param  array<string, float|null>  $b
     */
    public static function apart(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $name => $value) {
            $other = $b[$name] ?? null;
            $sum += $value === null && $other === null
                ? 0.0
                : ($value === null || $other === null ? self::UNKNOWN : $value - $other) ** 2;
        }

        return sqrt($sum);
    }

    private static function emulsifiers(Material $a, Material $b): float
    {
        return self::apart(
            ['hlb' => $a->hlb === null ? null : $a->hlb / self::HLB_POINTS, 'load' => Emulsion::leastLoad($a) / 0.05],
            ['hlb' => $b->hlb === null ? null : $b->hlb / self::HLB_POINTS, 'load' => Emulsion::leastLoad($b) / 0.05],
        ) + ($a->charge === $b->charge ? 0.0 : 4.0) + (self::shareActives($a, $b) ? 0.0 : self::OF_OTHER_KIN);
    }

    /** Two grades of one thing are more alike than two things of the same strength. */
    private static function shareActives(Material $a, Material $b): bool
    {
        return array_intersect_key($a->blendParts, $b->blendParts) !== [];
    }

    private const OF_OTHER_KIN = 1.0;

    private static function preservatives(Material $a, Material $b): float
    {
        [$one, $two] = [$a->coverage, $b->coverage];
        $breadth = $one === null || $two === null
            ? self::UNKNOWN
            : max(0, $one->bacteria - $two->bacteria)
                + max(0, $one->yeast - $two->yeast)
                + max(0, $one->mould - $two->mould);
        $acidity = max(0.0, ($a->phMax ?? 14.0) - ($b->phMax ?? 14.0));

        return $breadth * 2.0 + $acidity + ($a->charge === $b->charge ? 0.0 : 1.0);
    }

    /** By how much water they bind; what nobody has a figure of may well differ. */
    private static function humectants(Material $a, Material $b): float
    {
        [$one, $two] = [WaterBinding::of($a), WaterBinding::of($b)];

        return self::apart(
            ['binds' => $one === null ? null : $one / self::ACTIVITY],
            ['binds' => $two === null ? null : $two / self::ACTIVITY],
        ) + self::others($a, $b) / 2;
    }

    /** So much less activity of a solution of a tenth is noticed. */
    private const ACTIVITY = 0.005;

    private static function others(Material $a, Material $b): float
    {
        $dose = static fn (Material $it): float => log(max(0.01, $it->use->typical ?? 1.0));

        return abs($dose($a) - $dose($b))
            + 4 * abs(($a->waterFraction ?? 0.0) - ($b->waterFraction ?? 0.0))
            + ($a->charge === $b->charge ? 0.0 : 3.0);
    }
}
