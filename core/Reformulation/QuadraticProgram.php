<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

/**
 * The point nearest to a wish that keeps all limits: minimise ½ x'Gx − g'x under aᵢ'x = bᵢ and cⱼ'x ≥ dⱼ, G symmetric
 * and
 * positive definite. The dual active set method of Goldfarb and Idnani (Mathematical Programming 27, 1983): begins at
 * the
 * unbounded best and takes limits in one by one, so it ends at the one best point or shows that none keeps them all.
 * A limit is given by its factors by unknown (those left out are 0) and its bound. Deterministic; meant for up to a few
 * dozen unknowns.
 *
 * @phpstan-type Vector array<int, float>
 * @phpstan-type Limit array{Vector, float}
 * @phpstan-type Active array{at: int, normal: Vector, toward: Vector}
 */
final class QuadraticProgram
{
    private const EPSILON = 1e-9;

    /** Many more turns than any sound problem of this size takes. */
    private const MOST_TURNS = 2000;

    /**
     * @param  list<Vector>  $hessian  G
     * @param  Vector  $pull  g
     * @param  list<Limit>  $equal  a and b of each
     * @param  list<Limit>  $atLeast  c and d of each
     * @return Vector|null null where no point keeps every limit
     */
    public static function solve(array $hessian, array $pull, array $equal, array $atLeast): ?array
    {
        $inverse = self::inverted($hessian);
        $x = self::times($inverse, $pull);
        $limits = [...$equal, ...$atLeast];
        $active = $multipliers = $gram = [];
        for ($turn = 0; $turn < self::MOST_TURNS; $turn++) {
            $worst = self::worst($limits, count($equal), $x, array_column($active, 'at', 'at'));
            if ($worst === null) {
                return $x;
            }
            [$at, $sign] = $worst;
            $normal = array_map(static fn (float $value): float => $sign * $value, $limits[$at][0]);
            $toward = self::times($inverse, $normal);
            $weight = 0.0;
            do {
                $along = array_map(static fn (array $limit): float => self::dot($normal, $limit['toward']), $active);
                $rates = self::times($gram, $along);
                $step = self::projected($toward, $active, $rates);
                $gain = self::dot($normal, $step);
                [$partial, $blocking] = self::firstToLet($multipliers, $rates, $active, count($equal));
                $full = $gain > self::EPSILON * max(1e-12, self::dot($normal, $toward))
                    ? ($sign * $limits[$at][1] - self::dot($normal, $x)) / $gain
                    : INF;
                $length = min($partial, $full);
                if (is_infinite($length)) {
                    return null;
                }
                foreach ($rates as $i => $rate) {
                    $multipliers[$i] -= $length * $rate;
                }
                $weight += $length;
                foreach (is_infinite($full) ? [] : $step as $i => $by) {
                    $x[$i] += $length * $by;
                }
                if ($length === $full) {
                    $gram = self::bordered($gram, $rates, 1 / $gain);
                    $active[] = ['at' => $at, 'normal' => $normal, 'toward' => $toward];
                    $multipliers[] = $weight;
                } else {
                    $gram = self::unbordered($gram, (int) $blocking);
                    array_splice($active, (int) $blocking, 1);
                    array_splice($multipliers, (int) $blocking, 1);
                }
            } while ($length !== $full);
        }

        return null;
    }

    /**
     * The limit broken worst, equalities first, and the side it is broken on.
     *
     * @param  list<Limit>  $limits
     * @param  Vector  $x
     * @param  array<int, int>  $held
     * @return array{int, float}|null
     */
    private static function worst(array $limits, int $equalities, array $x, array $held): ?array
    {
        $worst = null;
        $most = self::EPSILON;
        foreach ($limits as $at => [$normal, $bound]) {
            if (isset($held[$at])) {
                continue;
            }
            $short = ($bound - self::dot($normal, $x)) / max(1.0, abs($bound));
            if ($at < $equalities && abs($short) > self::EPSILON) {
                return [$at, $short > 0 ? 1.0 : -1.0];
            }
            if ($at >= $equalities && $short > $most) {
                [$most, $worst] = [$short, [$at, 1.0]];
            }
        }

        return $worst;
    }

    /**
     * The inverse of the active limits' Gram matrix N'G⁻¹N as one more comes in.
     *
     * @param  list<Vector>  $gram
     * @param  Vector  $rates
     * @return list<Vector>
     */
    private static function bordered(array $gram, array $rates, float $by): array
    {
        foreach ($gram as $i => $row) {
            foreach ($row as $j => $value) {
                $gram[$i][$j] = $value + $by * $rates[$i] * $rates[$j];
            }
            $gram[$i][] = -$by * $rates[$i];
        }

        return [...$gram, [...array_map(static fn (float $rate): float => -$by * $rate, $rates), $by]];
    }

    /**
     * The same as one goes.
     *
     * @param  list<Vector>  $gram
     * @return list<Vector>
     */
    private static function unbordered(array $gram, int $at): array
    {
        $gone = $gram[$at];
        array_splice($gram, $at, 1);
        foreach ($gram as $i => $row) {
            foreach ($row as $j => $value) {
                $row[$j] = $value - $gram[$i][$at] * $gone[$j] / $gone[$at];
            }
            array_splice($row, $at, 1);
            $kept[] = $row;
        }

        return $kept ?? [];
    }

    /**
     * The way into the new limit that leaves the active ones as they are.
     *
     * @param  Vector  $toward
     * @param  list<Active>  $active
     * @param  Vector  $rates
     * @return Vector
     */
    private static function projected(array $toward, array $active, array $rates): array
    {
        foreach ($active as $i => $limit) {
            foreach ($limit['toward'] as $j => $value) {
                $toward[$j] -= $rates[$i] * $value;
            }
        }

        return $toward;
    }

    /**
     * The inequality whose multiplier is the first to reach nothing, and after what length.
     *
     * @param  Vector  $multipliers
     * @param  Vector  $rates
     * @param  list<Active>  $active
     * @return array{float, int|null}
     */
    private static function firstToLet(array $multipliers, array $rates, array $active, int $equalities): array
    {
        $first = [INF, null];
        foreach ($rates as $i => $rate) {
            if ($active[$i]['at'] >= $equalities && $rate > self::EPSILON && $first[0] > $multipliers[$i] / $rate) {
                $first = [$multipliers[$i] / $rate, $i];
            }
        }

        return $first;
    }

    /**
     * By Gauss and Jordan, with pivots.
     *
     * @param  list<Vector>  $matrix
     * @return list<Vector>
     */
    private static function inverted(array $matrix): array
    {
        $size = count($matrix);
        foreach ($matrix as $i => $row) {
            $matrix[$i] = [
                ...$row,
                ...array_map(static fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $size - 1)),
            ];
        }
        for ($i = 0; $i < $size; $i++) {
            $pivot = $i;
            for ($j = $i + 1; $j < $size; $j++) {
                $pivot = abs($matrix[$j][$i]) > abs($matrix[$pivot][$i]) ? $j : $pivot;
            }
            [$matrix[$i], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$i]];
            $by = $matrix[$i][$i] ?: 1e-300;
            foreach ($matrix[$i] as $k => $value) {
                $matrix[$i][$k] = $value / $by;
            }
            for ($j = 0; $j < $size; $j++) {
                $times = $matrix[$j][$i];
                if ($j !== $i && $times !== 0.0) {
                    foreach ($matrix[$i] as $k => $value) {
                        $matrix[$j][$k] -= $times * $value;
                    }
                }
            }
        }

        return array_map(static fn (array $row): array => array_slice($row, $size), $matrix);
    }

    /**
     * @param  list<Vector>  $matrix
     * @param  Vector  $vector
     * @return Vector
     */
    private static function times(array $matrix, array $vector): array
    {
        return array_map(static fn (array $row): float => self::dot($vector, $row), $matrix);
    }

    /**
     * @param  Vector  $a
     * @param  Vector  $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $value) {
            $sum += $value * $b[$i];
        }

        return $sum;
    }
}
