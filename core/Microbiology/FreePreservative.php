<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

/**
 * How much of what preserves is free in the water, and how far that reaches for each group of microbes: 1 where it just
 * meets the need. Partition between oil and water: Bean; Garrett and Woods. Micelles: Kazmi and Mitchell (recalled).
 * The figures are fitted to known systems: an estimate that ranks formulas, not a test.
 */
final readonly class FreePreservative
{
    /** mL bound by a gram of dry matter. Forced. */
    private const SOLIDS = 15.0;

    /** From here on a group is covered, from there on possibly. Fitted. */
    public const COVERED = 1.2;

    public const POSSIBLY = 0.8;

    /**
     * @param  array<string, float>  $free  ppm free in the water, by INCI name of the acting form
     * @param  non-empty-array<string, float>  $reach  by organism
     * @param  array<string, array{float, float, float, float, float, bool}>  $went  ppm of the product by INCI name:
     *   all of it, free, in oil, bound, dissociated; and whether it is an acid
     */
    private function __construct(public array $free, public array $reach, private array $went)
    {
    }

    /**
     * Percent of the product.
     *
     * @param  list<string>  $of  acting forms by INCI name: what else helps a little is left out
     */
    public function whereItWent(array $of): WhereItWent
    {
        $those = array_values(array_intersect_key($this->went, array_flip($of)));
        $sum = static fn (int $of, array $went): float => array_sum(array_column($went, $of)) / self::PPM;
        $acids = array_filter($those, static fn (array $one): bool => $one[5]);
        $whole = $sum(1, $acids);
        $inWater = $whole + $sum(4, $acids);

        return new WhereItWent(
            $sum(0, $those),
            $sum(1, $those),
            $sum(2, $those),
            $sum(3, $those),
            $sum(4, $those),
            $inWater > 0.0 ? $whole / $inWater : null,
        );
    }

    private const PPM = 10_000;

    /**
     * @param  list<array{Activity, float}>  $parts  what preserves, and ppm of it (acids as the acid) in the product
     * @param  bool  $isHard  so much milk or hard water that a chelator finds no use
     */
    public static function of(array $parts, Medium $medium, float $ph, bool $isHard = false): self
    {
        $free = $went = [];
        $chelation = 1.0;
        foreach ($parts as [$activity, $ppm]) {
            $f = $activity->undissociated($ph);
            $bound = $medium->water() + $f * (
                $activity->oil * $medium->oil * $medium->polarity
                + $activity->micelle * $medium->surfactant
                + self::SOLIDS * $medium->solids
            );
            $is = $ppm * $f / $bound;
            if ($activity->needs !== []) {
                $was = $went[$activity->inci] ?? [0.0, 0.0, 0.0, 0.0, 0.0, false];
                $went[$activity->inci] = [
                    $was[0] + $ppm,
                    $was[1] + $is * $medium->water(),
                    $was[2] + $is * $activity->oil * $medium->oil * $medium->polarity,
                    $was[3] + $is * ($activity->micelle * $medium->surfactant + self::SOLIDS * $medium->solids),
                    $was[4] + $ppm / $bound * (1 - $f) * $medium->water(),
                    $activity->pKa !== null,
                ];
            }
            $free[$activity->inci] = min(
                $activity->mostFree ?? INF,
                ($free[$activity->inci] ?? 0.0) + $is,
            );
            if ($activity->chelation > 0.0 && ! $isHard) {
                $reached = min(1.0, $ppm / 10_000 / $activity->chelationFullAt);
                $chelation = max($chelation, 1 + $activity->chelation * $reached);
            }
        }
        $boost = 1.0;
        foreach ($parts as [$activity]) {
            if ($activity->boost > 0.0) {
                $boost = max($boost, 1 + $activity->boost * min(1.0, $free[$activity->inci] / $activity->boostFullAt));
            }
        }
        $reach = [];
        foreach (Organism::cases() as $organism) {
            $sum = 0.0;
            foreach (self::once($parts) as $activity) {
                $need = $activity->needs[$organism->value] ?? null;
                $sum += $need === null ? 0.0 : $free[$activity->inci] * ($activity->isBoosted ? $boost : 1.0) / $need;
            }
            $reach[$organism->value] = $sum * ($organism === Organism::GramNegative ? $chelation : 1.0);
        }

        return new self($free, $reach, $went);
    }

    /** The group it reaches least. */
    public function worst(): Organism
    {
        return Organism::from((string) array_search(min($this->reach), $this->reach, true));
    }

    /** yes, possibly or no, for one group. */
    public static function word(float $reach): string
    {
        return match (true) {
            $reach >= self::COVERED - 1e-9 => 'yes',
            $reach >= self::POSSIBLY - 1e-9 => 'possibly',
            default => 'no',
        };
    }

    /**
     * @param  list<array{Activity, float}>  $parts
     * @return array<string, Activity> each substance once
     */
    private static function once(array $parts): array
    {
        $once = [];
        foreach ($parts as [$activity]) {
            $once[$activity->inci] = $activity;
        }

        return $once;
    }
}
