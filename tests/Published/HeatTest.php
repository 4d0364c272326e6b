<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Physics\Heat\Atmosphere;
use Ilvane\Core\Physics\Heat\Evaporation;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Physics\Heat\Steam;
use Ilvane\Core\Simulation\Pot;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\Scipy;

/**
 * Heat against steam tables, the standard atmosphere, textbook examples and an integrator from outside. Figures from
 * memory where a book is named.
 */
final class HeatTest extends CoreCase
{
    /**
     * @return iterable<string, array{float, float}> IAPWS-IF97, as printed in steam tables (Çengel and Boles, Table
     *   A-4): °C, kPa
     */
    public static function pressures(): iterable
    {
        foreach ([
            20 => 2.3392,
            25 => 3.1697,
            40 => 7.3844,
            60 => 19.9458,
            70 => 31.2006,
            75 => 38.5954,
            80 => 47.4147,
            90 => 70.1824,
            100 => 101.418,
        ] as $celsius => $kPa) {
            yield "$celsius °C" => [(float) $celsius, $kPa];
        }
    }

    #[DataProvider('pressures')]
    public function test_vapour_pressure_is_within_half_a_percent_of_the_steam_tables(float $celsius, float $kPa): void
    {
        self::assertEqualsWithDelta($kPa, Steam::pressure($celsius), 0.005 * $kPa);
        self::assertEqualsWithDelta($celsius, Steam::boils(Steam::pressure($celsius)), 1e-9);
    }

    /** The formulation itself, by python3-iapws: 1 to 100 °C, and where the equation is worst. */
    public function test_vapour_pressure_and_latent_heat_against_the_formulation(): void
    {
        $degrees = [1.0, 5.0, 10.0, 15.0, 20.0, 40.0, 60.0, 75.0, 90.0, 100.0];
        $outside = Scipy::ask(<<<'PY'
            from iapws import IAPWS97
            out = []
            for t in data:
                liquid, steam = IAPWS97(T=273.15 + t, x=0), IAPWS97(T=273.15 + t, x=1)
                out.append([liquid.P * 1000, steam.h - liquid.h])
            print(json.dumps(out))
            PY, $degrees, 'iapws');
        foreach ($degrees as $i => $celsius) {
            [$kPa, $latent] = $outside[$i];
            $worst = $celsius >= 15 ? 0.005 : 0.0095;
            self::assertEqualsWithDelta($kPa, Steam::pressure($celsius), $worst * $kPa, "$celsius °C");
            self::assertEqualsWithDelta($latent, Steam::latent($celsius), 1.5, "$celsius °C");
        }
        self::assertLessThan(0.993 * $outside[0][0], Steam::pressure(1.0), 'at 1 °C it is low, and said to be');
    }

    /** Steam tables (IAPWS-IF97): kJ/kg at °C. */
    public function test_latent_heat_is_the_steam_tables(): void
    {
        foreach ([20 => 2453.5, 40 => 2406.0, 60 => 2357.7, 80 => 2308.1, 100 => 2256.5] as $celsius => $kJ) {
            self::assertEqualsWithDelta($kJ, Steam::latent((float) $celsius), 0.1);
        }
        self::assertEqualsWithDelta(2333.0, Steam::latent(70.0), 2.0);
    }

    /**
     * @return iterable<string, array{float, float, float}> ICAO Doc 7488 / ISO 2533: metres, hPa; boiling point by
     *   IAPWS
     */
    public static function heights(): iterable
    {
        yield 'sea' => [0, 1013.25, 99.97];
        yield '500 m' => [500, 954.61, 98.31];
        yield '1000 m' => [1000, 898.75, 96.65];
        yield '1500 m' => [1500, 845.56, 94.98];
        yield '2000 m' => [2000, 794.95, 93.32];
        yield '3000 m' => [3000, 701.09, 89.97];
    }

    #[DataProvider('heights')]
    public function test_the_standard_atmosphere_and_where_water_boils_in_it(
        float $metres,
        float $hPa,
        float $boils,
    ): void {
        self::assertEqualsWithDelta($hPa, 10 * Atmosphere::pressure($metres), 0.05);
        self::assertEqualsWithDelta($boils, Atmosphere::boils($metres), 0.08);
    }

    /**
     * A jug of 85 mm open to the brim, still air of 20 °C and half damp, by natural convection with Stefan's flow:
     * worked out by another hand from the same textbook laws (Incropera and DeWitt; Bird, Stewart and Lightfoot), g/h.
     */
    public function test_steam_from_an_open_jug(): void
    {
        foreach ([40 => 7.3, 60 => 29.0, 75 => 74.0, 90 => 207.0] as $celsius => $grams) {
            self::assertEqualsWithDelta(
                $grams,
                3600 * Evaporation::rate(M_PI * 0.0425 ** 2, (float) $celsius, 20.0, false, 1.0),
                0.02 * $grams,
            );
        }
        self::assertEqualsWithDelta(
            0.7 * 29.0,
            3600 * Evaporation::rate(M_PI * 0.0425 ** 2, 60.0, 20.0, false),
            0.5,
            'sheltered by its rim',
        );
        self::assertSame(
            0.0,
            Evaporation::rate(0.03, 5.0, 21.0, false),
            'cold water takes up damp rather than giving it; not reckoned',
        );
    }

    /** Choi and Okos (1986): 2.0117, 2.0355, 2.0713 kJ/(kg K) at 20, 40, 80 °C. */
    public function test_specific_heat_of_an_oil(): void
    {
        $oil = HeatContent::of([[self::catalogue()->get('olive-oil'), 1000.0]]);
        foreach ([20 => 2.0117, 40 => 2.0355, 80 => 2.0713] as $celsius => $kJ) {
            self::assertEqualsWithDelta(1000 * $kJ, $oil->capacity((float) $celsius), 1.0);
        }
    }

    /**
     * Calorimetry: 100 g water at 80 °C and 200 g at 20 °C make 40.0 °C; 200 g oil (1.97 to 2.07) and 700 g water at 75
     * °C with 100 g at 20 °C 68.8 to 68.9 °C.
     */
    public function test_mixing(): void
    {
        $water = self::catalogue()->get('distilled-water');
        $pot = self::pot();
        $pot->put([[null, $water, 200.0]], 20.0);
        $pot->put([[null, $water, 100.0]], 80.0);
        self::assertEqualsWithDelta(40.0, $pot->celsius, 0.01);
        $pot = self::pot(75.0);
        $pot->put([[null, self::catalogue()->get('olive-oil'), 200.0]], 75.0);
        $pot->put([[null, $water, 700.0]], 75.0);
        $pot->put([[null, $water, 100.0]], 20.0);
        self::assertEqualsWithDelta(68.85, $pot->celsius, 0.05);
    }

    /**
     * CRC: 500 g water at 40 °C and 50 g ice at 0 °C come to 29.12 °C. Ice is taken just below the last degree of its
     * melting.
     */
    public function test_melting_ice(): void
    {
        $water = self::catalogue()->get('distilled-water');
        $pot = self::pot(40.0);
        $pot->put([[null, $water, 500.0]], 40.0);
        $pot->put([[null, $water, 50.0]], -1.0);
        self::assertEqualsWithDelta(29.12, $pot->celsius, 0.25);
    }

    /** Calorimetry: 50 g of a wax from 20 to 75 °C, 2.0 kJ/(kg K) and 200 kJ/kg, take 15 500 J. */
    public function test_melting_a_wax(): void
    {
        $wax = HeatContent::of([[self::catalogue()->get('cetyl-alcohol'), 50.0]]);
        self::assertEqualsWithDelta(15_500.0, $wax->at(75.0) - $wax->at(20.0), 1.0);
    }

    /**
     * @return iterable<string, array{float, float, float, float, list<array{float, float}>}> from, around, after
     *   minutes it is so warm; then minutes and °C
     */
    public static function cooling(): iterable
    {
        $c = static fn (float $fahrenheit): float => ($fahrenheit - 32) / 1.8;
        // Stewart, Calculus: Early Transcendentals, section 3.8, Example 3 and an exercise
        yield 'soda in a refrigerator' => [$c(72), $c(44), 30, $c(61), [[60, $c(54.32)], [92.61, $c(50)]]];
        yield 'a roast' => [$c(185), $c(75), 30, $c(150), [[45, $c(136.93)], [116.06, $c(100)]]];
        // Thomas' Calculus, exponential change
        yield 'a boiled egg' => [98, 18, 5, 38, [[13.30, 20]]];
    }

    /** @param  list<array{float, float}>  $expected */
    #[DataProvider('cooling')]
    public function test_newtons_cooling_of_the_textbooks(
        float $from,
        float $around,
        float $minutes,
        float $then,
        array $expected,
    ): void {
        // a body whose specific heat does not change: the flow that gives the first reading gives the others
        $capacity = HeatContent::of([[self::catalogue()->get('glycerin'), 300.0]])->capacity(50.0);
        $flow = $capacity * log(($from - $around) / ($then - $around)) / ($minutes * 60);
        foreach ($expected as [$at, $celsius]) {
            $pot = self::pot($from);
            $pot->put([[null, self::catalogue()->get('glycerin'), 300.0]], $from);
            for ($left = $at * 60; $left > 0; $left -= 5) {
                $pot->stand($around, $flow, min(5.0, $left), 21.0, true);
            }
            self::assertEqualsWithDelta($celsius, $pot->celsius, 0.02);
        }
    }

    /**
     * SciPy integrates the same balance, with its own specific heats, melting and steam, from equations written down
     * again.
     */
    public function test_an_integrator_from_outside_agrees(): void
    {
        $program = <<<'PY'
            import numpy as np
            from scipy.integrate import solve_ivp
            def p(t): return 0.133322368 * 10 ** (8.07131 - 1730.63 / (233.426 + t))
            steam = ([0, 20, 40, 60, 80, 100], [2500.9, 2453.5, 2406.0, 2357.7, 2308.1, 2256.5])
            def latent(t): return np.interp(t, *steam)
            out = []
            for c in data:
                def f(s, y):
                    T, lost = y
                    C = c['wall']
                    for part in c['parts']:
                        fat = 1.9842 + 1.4733e-3 * T - 4.8008e-6 * T * T
                        cp = {'water': 4.18, 'fat': fat}.get(part['kind'], 2.0)
                        if part.get('melt') and part['melt'][0] <= T < part['melt'][1]:
                            cp += part['fusion'] / (part['melt'][1] - part['melt'][0])
                        C += part['g'] * cp
                    over, around = min(0.985 * 101.325, p(T)), 0.5 * p(c['room'])
                    film = (T + c['room']) / 2 + 273.15
                    D, nu = 2.42e-5 * (film / 293.15) ** 1.81, 1.516e-5 * (film / 293.15) ** 1.75
                    rho = lambda t, v: 1000 * (101.325 - 0.378 * v) / (287.05 * (t + 273.15))
                    light, heavy = rho(T, over), rho(c['room'], around)
                    L = np.sqrt(c['surface'] / np.pi) / 2
                    Ra = 9.81 * max(0, heavy - light) / ((heavy + light) / 2) * L ** 3 / (nu * D)
                    Sh = max(1, 0.54 * Ra ** 0.25)
                    push = np.log((101.325 - around) / (101.325 - over)) if over > around else 0
                    w = 1000 * c['surface'] * Sh * D / L * 101325 * 0.018015 / (8.314 * film) * push * c['lid']
                    return [(c['flow'] * (c['around'] - T) - w * latent(T)) / C, w]
                s = solve_ivp(f, (0, c['seconds']), [c['from'], 0.0], method='LSODA',
                    rtol=1e-8, atol=1e-8, max_step=2.0)
                out.append({'celsius': s.y[0, -1], 'lost': s.y[1, -1]})
            print(json.dumps(out))
            PY;
        $catalogue = self::catalogue();
        [$cases, $ours] = [[], []];
        foreach ([
            [75.0, 21.0, 0.28, 2400, true],
            [75.0, 1.0, 2.6, 300, true],
            [20.0, 90.0, 2.4, 700, true],
            [75.0, 21.0, 0.28, 1500, false],
            [70.0, 5.0, 0.28, 1800, true],
        ] as [$from, $around, $flow, $seconds, $isCovered]) {
            $pot = new Pot($catalogue->vessels()['glass-jug-500'], $from);
            $parts = [
                ['distilled-water', 150.0, 'water', null, 0.0],
                ['olive-oil', 20.0, 'fat', null, 0.0],
                ['shea-butter-refined', 20.0, 'fat', [32, 40], 120.0],
                [
                    'cetyl-alcohol',
                    6.0,
                    'wax',
                    [
                        $catalogue->get('cetyl-alcohol')->meltLow ?? $catalogue->get('cetyl-alcohol')->meltHigh - 10,
                        $catalogue->get('cetyl-alcohol')->meltHigh,
                    ],
                    200.0,
                ],
            ];
            foreach ($parts as [$key, $grams]) {
                $pot->put([[null, $catalogue->get($key), $grams]], $from);
            }
            for ($s = 0; $s < $seconds; $s += 5) {
                $pot->stand($around, $flow, 5.0, 21.0, $isCovered);
            }
            $ours[] = ['celsius' => $pot->celsius, 'lost' => $pot->dried];
            $cases[] = [
                'from' => $from,
                'around' => $around,
                'flow' => $flow,
                'seconds' => $seconds,
                'room' => 21.0,
                'lid' => $isCovered
                    ? Evaporation::UNDER_LID
                    : Evaporation::SHELTERED, 'surface' => $pot->vessel->surface(), 'wall' => 320 * 0.84,
                'parts' => array_map(
                    static fn (array $part): array => [
                        'g' => $part[1],
                        'kind' => $part[2],
                        'melt' => $part[3],
                        'fusion' => $part[4],
                    ],
                    $parts,
                ),
            ];
        }
        foreach (Scipy::ask($program, $cases) as $i => $theirs) {
            self::assertEqualsWithDelta($theirs['celsius'], $ours[$i]['celsius'], 0.25, "case $i: °C");
            self::assertEqualsWithDelta(
                $theirs['lost'],
                $ours[$i]['lost'],
                0.01 * $theirs['lost'] + 0.005,
                "case $i: grams of steam",
            );
        }
    }

    /** A vessel that weighs nothing and loses nothing to steam. */
    private static function pot(float $celsius = 20.0): Pot
    {
        return new Pot(new Vessel('none', '', 1000.0, 'cylinder', null, 'glass', 0.0, 1.0, 1.0, 1.0, ''), $celsius);
    }
}
