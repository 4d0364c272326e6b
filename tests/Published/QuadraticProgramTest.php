<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Reformulation\QuadraticProgram;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Scipy;

/** The solver of the bench against worked examples, a blind search and SciPy. */
final class QuadraticProgramTest extends TestCase
{
    private const PROGRAM = <<<'PY'
        import numpy as np
        from scipy.optimize import minimize, linprog
        out = []
        for case in data:
            G, g = np.array(case['hessian']), np.array(case['pull'])
            most, wish, total = np.array(case['most']), np.array(case['wish']) / 100, case['sum']
            lo, hi = case['from'] / 100, case['to'] / 100
            n = len(g)
            possible = linprog(np.zeros(n), A_ub=[wish, -wish], b_ub=[hi, -lo], A_eq=[np.ones(n)], b_eq=[total],
                bounds=[(0, m) for m in most]).status == 0
            if not possible:
                out.append(None)
                continue
            value = lambda x: 0.5 * x @ G @ x - g @ x
            best = None
            for start in (np.linalg.solve(G, g), np.full(n, total / n)):
                got = minimize(value, start, jac=lambda x: G @ x - g, method='SLSQP', bounds=[(0, m) for m in most],
                    constraints=[{'type': 'eq', 'fun': lambda x: x.sum() - total, 'jac': lambda x: np.ones(n)},
                        {'type': 'ineq', 'fun': lambda x: wish @ x - lo, 'jac': lambda x: wish},
                        {'type': 'ineq', 'fun': lambda x: hi - wish @ x, 'jac': lambda x: -wish}],
                    options={'maxiter': 1000, 'ftol': 1e-11})
                kept = abs(got.x.sum() - total) < 1e-6 and lo - 1e-6 < wish @ got.x < hi + 1e-6
                if kept and (best is None or got.fun < best):
                    best = got.fun
            assert best is not None
            out.append(best)
        print(json.dumps(out))
        PY;

    /**
     * Nocedal and Wright, Numerical Optimization (2nd ed. 2006), Example 16.4: the nearest point to (1, 2.5) is (1.4,
     * 1.7). From memory.
     */
    public function test_the_textbook_example(): void
    {
        $x = QuadraticProgram::solve(
            [[2.0, 0.0], [0.0, 2.0]],
            [2.0, 5.0],
            [],
            [[[1.0, -2.0], -2.0], [[-1.0, -2.0], -6.0], [[-1.0, 2.0], -2.0], [[1.0], 0.0], [[1 => 1.0], 0.0]],
        );
        self::assertEqualsWithDelta([1.4, 1.7], $x, 1e-9);
    }

    /**
     * Goldfarb and Idnani (1983), their worked example: min 6x₁ + 2x₁² − 2x₁x₂ + 2x₂² under x ≥ 0, x₁ + x₂ ≥ 2 is at
     * (0.5, 1.5). From memory.
     */
    public function test_the_example_of_its_inventors(): void
    {
        self::assertEqualsWithDelta(
            [0.5, 1.5],
            QuadraticProgram::solve(
                [[4.0, -2.0], [-2.0, 4.0]],
                [-6.0, 0.0],
                [],
                [[[1.0], 0.0], [[1 => 1.0], 0.0], [[1.0, 1.0], 2.0]],
            ),
            1e-9,
        );
    }

    public function test_what_can_not_be_is_said_so(): void
    {
        self::assertNull(QuadraticProgram::solve(
            [[2.0, 0.0], [0.0, 2.0]],
            [0.0, 0.0],
            [[[1.0, 1.0], 5.0]],
            [[[-1.0], -2.0], [[1 => -1.0], -2.0]],
        ));
        self::assertNull(QuadraticProgram::solve([[2.0]], [0.0], [[[1.0], 1.0], [[1.0], 2.0]], []));
    }

    public function test_no_point_of_a_fine_grid_is_better(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        for ($case = 0; $case < 30; $case++) {
            [$was, $figures, $most] = array_map(
                static fn (int $to): array => array_map(
                    static fn (): float => (float) $dice->getInt(0, $to),
                    [0, 1, 2],
                ),
                [60, 80, 70],
            );
            $wish = $dice->getInt(5, 60) * 100.0;
            $found = self::program($was, $figures, $most, 100.0, $wish, $wish + 800);
            $best = INF;
            for ($a = 0; $a <= min(100, $most[0]); $a += 0.5) {
                for ($b = 0; $b <= min(100 - $a, $most[1]); $b += 0.5) {
                    $c = 100 - $a - $b;
                    $sum = $a * $figures[0] + $b * $figures[1] + $c * $figures[2];
                    if ($c <= $most[2] && $sum >= $wish && $sum <= $wish + 800) {
                        $best = min($best, ($a - $was[0]) ** 2 + ($b - $was[1]) ** 2 + ($c - $was[2]) ** 2);
                    }
                }
            }
            if ($found === null) {
                self::assertSame(INF, $best, "case $case: the grid found what the solver did not");

                continue;
            }
            self::assertEqualsWithDelta(100.0, array_sum($found), 1e-7);
            self::assertLessThanOrEqual(
                $best + 1e-6,
                array_sum(array_map(static fn (float $x, float $w): float => ($x - $w) ** 2, $found, $was)),
                "case $case",
            );
        }
    }

    public function test_scipy_finds_nothing_better_on_thirty_unknowns(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $cases = $answers = [];
        for ($case = 0; $case < 25; $case++) {
            $n = $dice->getInt(4, 30);
            $numbers = static fn (int $to): array => array_map(
                static fn (): float => $dice->getInt(0, $to * 10) / 10,
                range(1, $n),
            );
            [$was, $figures, $most, $alike] = [$numbers(30), $numbers(90), $numbers(40), $numbers(3)];
            $hessian = [];
            foreach ($was as $i => $_) {
                foreach ($was as $j => $__) {
                    $hessian[$i][$j] = ($i === $j ? 2.0 + $i % 3 : 0.0) + 0.1 * $alike[$i] * $alike[$j];
                }
            }
            $pull = array_map(
                static fn (array $row): float => array_sum(array_map(
                    static fn (float $a, float $b): float => $a * $b,
                    $row,
                    $was,
                )),
                $hessian,
            );
            $from = $dice->getInt(5, 70) * 100.0;
            $cases[] = [
                'hessian' => $hessian,
                'pull' => $pull,
                'most' => $most,
                'wish' => $figures,
                'from' => $from,
                'to' => $from + 500,
                'sum' => 100.0,
            ];
            $answers[] = QuadraticProgram::solve($hessian, $pull, [[array_fill(0, $n, 1.0), 100.0]], [
                [$figures, $from], [array_map(static fn (float $v): float => -$v, $figures), -$from - 500],
                ...array_merge(...array_map(
                    static fn (int $i): array => [[[$i => 1.0], 0.0], [[$i => -1.0], -$most[$i]]],
                    range(0, $n - 1),
                )),
            ]);
        }
        $solved = 0;
        foreach (Scipy::ask(self::PROGRAM, $cases) as $case => $best) {
            ['hessian' => $hessian, 'pull' => $pull] = $cases[$case];
            self::assertSame($best === null, $answers[$case] === null, "case $case: can it be done at all");
            if ($best !== null && $answers[$case] !== null) {
                $x = $answers[$case];
                $value = 0.0;
                foreach ($hessian as $i => $row) {
                    $value += 0.5 * $x[$i] * array_sum(array_map(
                        static fn (float $a, float $b): float => $a * $b,
                        $row,
                        $x,
                    )) - $pull[$i] * $x[$i];
                }
                self::assertEqualsWithDelta($best, $value, 1e-5 * max(1.0, abs($best)), "case $case");
                $solved++;
            }
        }
        self::assertGreaterThan(8, $solved);
        self::assertLessThan(25, $solved, 'some can’t be done, and both say so');
    }

    /**
     * @param  list<float>  $was
     * @param  list<float>  $figures
     * @param  list<float>  $most
     * @return array<int, float>|null
     */
    private static function program(array $was, array $figures, array $most, float $sum, float $from, float $to): ?array
    {
        $limits = [[$figures, $from], [array_map(static fn (float $v): float => -$v, $figures), -$to]];
        $hessian = [];
        foreach ($was as $i => $_) {
            $hessian[] = array_map(static fn (int $j): float => $i === $j ? 2.0 : 0.0, array_keys($was));
            array_push($limits, [[$i => 1.0], 0.0], [[$i => -1.0], -$most[$i]]);
        }

        return QuadraticProgram::solve(
            $hessian,
            array_map(static fn (float $w): float => 2 * $w, $was),
            [[array_fill(0, count($was), 1.0), $sum]],
            $limits,
        );
    }
}
