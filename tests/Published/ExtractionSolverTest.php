<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Infusion\Extraction;
use Ilvane\Core\Infusion\Jar;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\OilMoved;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Infusion\Steeping;
use Ilvane\Core\Infusion\Stretch;
use PHPUnit\Framework\TestCase;
use Tests\Support\Scipy;

/**
 * The exact steps of the model against SciPy integrating its differential equations, over random jars and histories.
 */
final class ExtractionSolverTest extends TestCase
{
    private const PROGRAM = <<<'PY'
        from scipy.integrate import solve_ivp
        out = []
        for case in data:
            pools = [g * w for g, w in zip(case['plants'], case['washed'])] + \
                    [g * (1 - w) for g, w in zip(case['plants'], case['washed'])]
            n = len(pools)
            P = sum(case['plants'])
            oil = case['oil']
            y = [0.0] * n + pools + [1.0]
            now = 0.0
            for leg in case['legs']:
                def f(t, y):
                    share = oil / (oil + P)
                    rates = [r[0] for r in leg['rates']] + [r[1] for r in leg['rates']]
                    flow = [rates[i] * ((y[i] + y[n + i]) * share - y[i]) for i in range(n)]
                    return flow + [-v for v in flow] + [-leg['decay'] * y[2 * n]]
                y = list(solve_ivp(f, (0, leg['days']), y, rtol=1e-10, atol=1e-12, method='LSODA').y[:, -1])
                y = [v * (1 - leg['out'] / oil) if i < n else v for i, v in enumerate(y)]
                oil += leg['in'] - leg['out']
            out.append({'index': 100 * sum(y[:n]) / oil, 'kept': y[2 * n], 'left': sum(y[n:2 * n])})
        print(json.dumps(out))
        PY;

    public function test_an_integrator_agrees(): void
    {
        mt_srand(4_711);
        $cases = $ours = [];
        for ($i = 0; $i < 60; $i++) {
            $forms = array_map(static fn (): PlantForm => PlantForm::cases()[mt_rand(0, 5)], range(1, mt_rand(1, 3)));
            $plants = array_map(static fn (): float => mt_rand(20, 600) / 10, $forms);
            $oil = (float) mt_rand(100, 900);
            $method = Method::cases()[mt_rand(0, 4)];
            [$legs, $stretches, $moved, $day] = [[], [], [], 0.0];
            for ($leg = 0; $leg < mt_rand(1, 6); $leg++) {
                [$days, $celsius, $shaking] = [mt_rand(1, 900) / 100, mt_rand(0, 400) / 10, mt_rand(70, 115) / 100];
                $left = $oil + array_sum(array_map(
                    static fn (OilMoved $m): float => $m->toppedUp - $m->takenOut,
                    $moved,
                ));
                [$out, $in] = [round($left * mt_rand(0, 60) / 100, 2), mt_rand(0, 200) / 1.0];
                $stretches[] = new Stretch($day, $day + $days, $celsius, $shaking);
                $moved[] = new OilMoved($day += $days, $out, $in);
                $legs[] = [
                    'days' => $days, 'out' => $out, 'in' => $in, 'decay' => Extraction::decay($celsius, $method),
                    'rates' => array_map(
                        static fn (PlantForm $form): array => Extraction::rates($celsius, $form, $shaking),
                        $forms,
                    ),
                ];
            }
            $washed = array_map(static fn (PlantForm $form): float => $form->washed(), $forms);
            $cases[] = ['plants' => $plants, 'washed' => $washed, 'oil' => $oil, 'legs' => $legs];
            $jar = Jar::filled($oil, $plants, $washed);
            $ours[] = (new Steeping($jar, $forms, $method, $stretches, $moved))->at($day);
        }
        foreach (Scipy::ask(self::PROGRAM, $cases) as $i => $theirs) {
            self::assertEqualsWithDelta(
                $theirs['index'],
                $ours[$i]->strength(),
                1e-6 * max(1.0, $theirs['index']),
                "case $i",
            );
            self::assertEqualsWithDelta($theirs['kept'], $ours[$i]->kept, 1e-7, "case $i");
            self::assertEqualsWithDelta($theirs['left'], array_sum($ours[$i]->inPlant), 1e-5, "case $i");
        }
    }
}
