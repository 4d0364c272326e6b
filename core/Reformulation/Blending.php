<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Safety\Fix;

/**
 * The fats of a formula as unknowns: their sum stays, each keeps its usual dose, and the nearest blend to the maker's
 * own
 * that does what is wished is found. Percent of the finished batch throughout.
 *
 * @phpstan-type Part array{ingredient: Material, line: WeighedLine|null, was: float, most: float}
 */
final readonly class Blending
{
    /** What is not in the formula yet comes in against this much resistance. A judgement. */
    private const NEWCOMER = 4.0;

    /** What a blend is alike in counts as much as moving so many percent of the batch, for each unit of likeness. */
    private const ALIKE = 20.0;

    /** Less than this of anything is not worth the washing up. */
    private const CRUMB = 0.5;

    /**
     * @param  list<Part>  $parts
     * @param  float  $step  percent that amounts are rounded to
     */
    private function __construct(
        private Composition $composition,
        public array $parts,
        public float $sum,
        private float $step,
    ) {
    }

    /**
     * @param  list<Material>  $newcomers  fats that may come in
     * @param  callable(Material): ?float  $gramsAtHand  the most there is of a newcomer; null for no limit
     * @return self|null null without fats whose shares are known
     */
    public static function of(Composition $composition, float $scale, array $newcomers, callable $gramsAtHand): ?self
    {
        $total = $composition->total?->likely;
        $parts = [];
        foreach ($composition->lines as $line) {
            if (($line->ingredient?->kind->isLipid() ?? false) && $line->share !== null && $line->isInBatch()) {
                $was = 100 * $line->share->likely;
                $parts[] = [
                    'ingredient' => $line->ingredient,
                    'line' => $line,
                    'was' => $was,
                    'most' => max($was, $line->ingredient->use->max ?? 100.0),
                ];
            }
        }
        if ($parts === [] || $total === null || $total <= 0) {
            return null;
        }
        $present = array_map(static fn (array $part): string => $part['ingredient']->key, $parts);
        foreach ($newcomers as $ingredient) {
            if ($ingredient->kind->isLipid() && ! in_array($ingredient->key, $present, true)) {
                $grams = $gramsAtHand($ingredient);
                $parts[] = [
                    'ingredient' => $ingredient,
                    'line' => null,
                    'was' => 0.0,
                    'most' => min($ingredient->use->max ?? 100.0, $grams === null ? 100.0 : 100 * $grams / $total),
                ];
            }
        }
        $sum = array_sum(array_column($parts, 'was'));
        $step = $composition->basis === Basis::Lines ? 100 * $scale / $total : 0.1;
        $isWhole = abs($sum / $step - round($sum / $step)) < 1e-6;

        return new self($composition, $parts, $sum, $isWhole ? $step : $step / 10);
    }

    /**
     * The blend nearest to the maker's own: percent of each part, rounded to what can be weighed, the sum kept.
     *
     * @param  list<array{list<float>, float, float}>  $wishes  a figure of each part, and from and to which its sum
     *   over the blend may go
     * @param  list<list<float>>  $alike  figures of each part, in units of likeness, whose mean over the fats is to
     *   stay
     * @return list<float>|null null where no blend of these does it
     */
    public function nearest(array $wishes, array $alike = []): ?array
    {
        $most = array_map(
            fn (array $part): float => floor($part['most'] / $this->step + 1e-6) * $this->step,
            $this->parts,
        );
        $best = null;
        do {
            $found = QuadraticProgram::solve(...$this->program($wishes, $alike, $most));
            $best = $found ?? $best; // without its crumbs no blend may do it: then the crumbs stay
            $isCrumbly = false;
            foreach ($found ?? [] as $i => $percent) {
                $least = min(
                    $this->parts[$i]['was'] > 0 ? $this->parts[$i]['was'] : INF,
                    max(self::CRUMB, $this->parts[$i]['ingredient']->use->min ?? 0.0),
                );
                if ($percent > 1e-7 && $percent < $least - 1e-7) {
                    $most[$i] = 0.0;
                    $isCrumbly = true;
                }
            }
        } while ($isCrumbly);

        return $best === null
            ? null
            : Scaling::onScale(
                array_map(static fn (float $percent): float => max(0.0, $percent), array_values($best)),
                $this->step,
            );
    }

    /**
     * The least and the most a figure can come to over all blends within the limits.
     *
     * @param  list<float>  $figures  of each part
     * @return array{float, float}
     */
    public function reach(array $figures): array
    {
        $ends = [];
        foreach ([1, -1] as $direction) {
            $order = array_keys($this->parts);
            usort(
                $order,
                static fn (int $a, int $b): int => [$direction * $figures[$a], $a] <=> [$direction * $figures[$b], $b],
            );
            [$left, $value] = [$this->sum, 0.0];
            foreach ($order as $i) {
                $take = min($left, $this->parts[$i]['most']);
                $value += $take * $figures[$i];
                $left -= $take;
            }
            $ends[] = $value;
        }

        return [$ends[0], $ends[1]];
    }

    /** @param  list<float>  $percents */
    public function fix(array $percents, string $label): ?Fix
    {
        $total = $this->composition->total->likely ?? 0.0;
        $amount = fn (float $percent): string => $this->composition->basis === Basis::Lines
            ? Amount::plain(round($percent / 100 * $total, 4)).' g'
            : Amount::plain(round($percent, 4)).' %';
        $changes = $added = $removed = [];
        foreach ($this->parts as $i => ['line' => $line, 'was' => $was, 'ingredient' => $ingredient]) {
            $path = '/lines/'.(($line->position ?? 0) - 1);
            if ($line === null && $percents[$i] > 0) {
                $added[] = [
                    'op' => 'add',
                    'path' => '/lines/-',
                    'value' => [
                        'ingredient' => $ingredient->key,
                        'amount' => $amount($percents[$i]),
                        'phase' => Phase::Oil->value,
                    ],
                ];
            } elseif ($line !== null && $percents[$i] <= 0 && $was > 0) {
                $removed[] = ['op' => 'remove', 'path' => $path];
            } elseif (
                $line !== null
                && abs($percents[$i] - $was) > $this->step / 2
                && $line->amount?->kind !== AmountKind::Rest
            ) {
                $changes[] = ['op' => 'replace', 'path' => "$path/amount", 'value' => $amount($percents[$i])];
            }
        }
        $patch = [...$changes, ...array_reverse($removed), ...$added];

        return $patch === [] ? null : new Fix($label, $patch);
    }

    /**
     * @param  list<array{list<float>, float, float}>  $wishes
     * @param  list<list<float>>  $alike
     * @param  array<int, float>  $most
     * @return array{list<array<int, float>>, array<int, float>, list<array{array<int, float>, float}>,
     *   list<array{array<int, float>, float}>}
     */
    private function program(array $wishes, array $alike, array $most): array
    {
        $hessian = $pull = $limits = [];
        $unit = self::ALIKE / max(1e-9, $this->sum);
        foreach ($this->parts as $i => $part) {
            foreach (array_keys($this->parts) as $j) {
                $hessian[$i][$j] = $i === $j ? 2 * ($part['line'] === null ? self::NEWCOMER : 1.0) : 0.0;
                foreach ($alike as $figures) {
                    $hessian[$i][$j] += 2 * $unit ** 2 * $figures[$i] * $figures[$j];
                }
            }
            $limits[] = [[$i => 1.0], 0.0];
            $limits[] = [[$i => -1.0], -$most[$i]];
        }
        foreach ($hessian as $row) {
            $pull[] = array_sum(array_map(
                static fn (float $value, array $part): float => $value * $part['was'],
                $row,
                $this->parts,
            ));
        }
        foreach ($wishes as [$figures, $from, $to]) {
            $limits[] = [$figures, $from];
            $limits[] = [array_map(static fn (float $value): float => -$value, $figures), -$to];
        }

        return [
            array_map(array_values(...), array_values($hessian)),
            $pull,
            [[array_fill(0, count($this->parts), 1.0), $this->sum]],
            $limits,
        ];
    }
}
