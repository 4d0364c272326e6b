<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Making\Course;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Process\ProcessDocument;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Kitchen;
use Ilvane\Core\Simulation\Simulation;
use Ilvane\Core\Simulation\Simulator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;
use Tests\Support\SoundFormulas;

final class RehearsalTest extends CoreCase
{
    /**
     * @return iterable<string, array{string, float, float}> common practice for 200 g of emulsion, 70 to 40 °C: minutes
     *   from and to
     */
    public static function coolings(): iterable
    {
        yield 'on the counter' => ['counter', 30, 60];
        yield 'in a stirred basin' => ['cold_bath', 5, 8];
        yield 'in ice' => ['ice_bath', 3, 6];
        yield 'in the fridge' => ['fridge', 25, 45];
    }

    #[DataProvider('coolings')]
    public function test_cooling_takes_as_long_as_makers_know(string $how, float $least, float $most): void
    {
        $rehearsal = self::rehearse(self::milk([
            'cool' => $how,
            'heat_to_c' => 70.0,
            'steps' => [
                ['do' => 'heat', 'to_c' => 70],
                ['do' => 'combine', 'minutes' => 0],
                ['do' => 'gate', 'to_c' => 40],
            ],
        ]));
        $gate = $rehearsal->stretches[2];
        self::assertGreaterThanOrEqual($least, $gate['to'] - $gate['from'], $how);
        self::assertLessThanOrEqual($most, $gate['to'] - $gate['from'], $how);
        self::assertEqualsWithDelta($gate['to'], $rehearsal->gateMinute, 1e-9);
    }

    /** Common practice: 20 to 70 °C in a bath of 90 °C takes 8 to 20 min. */
    public function test_heating_takes_as_long_as_makers_know(): void
    {
        $heat = self::rehearse(self::milk(['steps' => [['do' => 'heat', 'to_c' => 70]]]))->stretches[0];
        self::assertGreaterThanOrEqual(8, $heat['to'] - $heat['from']);
        self::assertLessThanOrEqual(20, $heat['to'] - $heat['from']);
    }

    public function test_heat_and_mass_are_kept_whatever_is_made(): void
    {
        foreach ([
            ...array_map(
                static fn (array $one): array => self::document($one[1], ['family' => $one[0], ...($one[2] ?? [])]),
                SoundFormulas::all(),
            ),
            ...RandomFormulas::seeded(31, 40, self::catalogue()),
        ] as $name => $document) {
            $document = array_filter($document, static fn (mixed $value): bool => $value !== null);
            $it = (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($document))->assessment;
            if ($it->composition->total === null) {
                continue;
            }
            $rehearsal = Simulator::formula($it, self::catalogue());
            self::assertEqualsWithDelta(0.0, $rehearsal->unaccountedJoules, 1.0, "$name: joules");
            $in = array_sum(array_map(
                static fn ($line): float => $line->isInBatch() ? $line->grams->likely ?? 0.0 : 0.0,
                $it->composition->lines,
            ));
            self::assertEqualsWithDelta($in, $rehearsal->gramsLeft + $rehearsal->waterLost, 1e-6, "$name: grams");
            self::assertEquals($rehearsal, Simulator::formula($it, self::catalogue()), 'the same every time');
        }
    }

    public function test_hotter_is_never_slower_and_colder_neither(): void
    {
        $heated = $cooled = [];
        foreach ([75.0, 80.0, 85.0, 90.0, 98.0] as $bath) {
            $heat = self::rehearse(self::milk([
                'bath_c' => $bath,
                'steps' => [['do' => 'heat', 'to_c' => 70]],
            ]))->stretches[0];
            $heated[] = $heat['to'];
        }
        foreach ([30.0, 25.0, 21.0, 15.0, 8.0] as $room) {
            $gate = self::rehearse(self::milk([
                'room_c' => $room,
                'steps' => [['do' => 'heat', 'to_c' => 70], ['do' => 'combine'], ['do' => 'gate', 'to_c' => 40]],
            ]))->stretches[2];
            $cooled[] = $gate['to'] - $gate['from'];
        }
        foreach ([$heated, $cooled] as $series) {
            $sorted = $series;
            rsort($sorted);
            self::assertSame($sorted, $series);
        }
    }

    public function test_a_lid_keeps_the_water_and_the_top_up_is_what_left(): void
    {
        $lost = static fn (bool $isCovered): float => self::rehearse(self::milk(['covered' => $isCovered]))->waterLost;
        self::assertGreaterThan(5 * $lost(true), $lost(false));
        self::assertLessThan(5.0, $lost(true));
    }

    public function test_the_way_of_an_emulsion(): void
    {
        $rehearsal = self::rehearse(self::milk());
        self::assertSame(
            [
                'sanitise',
                'weigh',
                'weigh',
                'heat',
                'hold',
                'combine',
                'blend',
                'gate',
                'weigh',
                'add',
                'blend',
                'test_ph',
                'fill',
                'label',
            ],
            array_map(static fn (Step $step): string => $step->kind->value, $rehearsal->course->steps),
        );
        $events = array_column($rehearsal->events, null, 'what');
        self::assertSame(
            ['melted', 'heated_oil', 'heated_water', 'combined', 'sets', 'emulsified', 'gate_open', 'added', 'filled'],
            array_keys($events),
        );
        self::assertSame([], $rehearsal->findings);
        foreach ($rehearsal->samples as $i => $sample) {
            self::assertTrue(($sample['mix_c'] === null) !== ($sample['water_c'] === null), 'apart, then one');
            self::assertGreaterThanOrEqual($rehearsal->samples[max(0, $i - 1)]['minute'], $sample['minute']);
        }
        self::assertLessThan($rehearsal->minutes, $rehearsal->handsOn);
        $last = $rehearsal->stretches[count($rehearsal->stretches) - 1];
        self::assertEqualsWithDelta($last['to'], $rehearsal->minutes, 1e-9);
    }

    public function test_a_butter_is_whipped_when_it_is_firm_enough(): void
    {
        $rehearsal = self::rehearse(self::butter());
        self::assertNotNull($rehearsal->firmMinute);
        $chill = $rehearsal->stretches[array_search(
            StepKind::Chill,
            array_column($rehearsal->course->steps, 'kind'),
            true,
        )];
        self::assertGreaterThan(20, $chill['to'] - $chill['from'], 'common practice: 30 to 60 min in the fridge');
        self::assertLessThan(75, $chill['to'] - $chill['from']);
        self::assertSame([], $rehearsal->findings);
    }

    /** @return iterable<string, array{string, int, array<string, mixed>}> code, step it belongs to, formula */
    public static function mishaps(): iterable
    {
        $steps = static fn (array ...$steps): array => ['steps' => $steps];
        yield 'phases unequal' => [
            'heat.unequal',
            3,
            self::milk($steps(
                ['do' => 'heat', 'what' => 'oil', 'to_c' => 72],
                ['do' => 'heat', 'what' => 'water', 'to_c' => 45],
                ['do' => 'combine'],
            )),
        ];
        yield 'wax unmelted' => [
            'heat.below_melting',
            2,
            self::milk($steps(['do' => 'heat', 'to_c' => 55], ['do' => 'combine'])),
        ];
        yield 'boil not reachable' => [
            'heat.unreachable',
            1,
            self::milk(['altitude_m' => 4500.0, 'bath_c' => 100.0, ...$steps(['do' => 'heat', 'to_c' => 85])]),
        ];
        yield 'preservative too hot' => [
            'preservation.heated',
            3,
            self::milk($steps(
                ['do' => 'heat', 'to_c' => 72],
                ['do' => 'combine'],
                ['do' => 'add', 'phase' => 'cooldown'],
            )),
        ];
        yield 'heat past a ceiling' => [
            'heat.over_ceiling',
            1,
            self::document(
                [
                    ['distilled-water', 'to 100'],
                    ['btms-50', '4 %'],
                    ['rosehip-oil', '6 %', 'oil'],
                    ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                ],
                ['ph' => 4.8, 'process' => $steps(['do' => 'heat', 'to_c' => 75])],
            ),
        ];
        yield 'plastic too hot' => [
            'packaging.too_hot',
            2,
            [
                ...self::butter(),
                'packaging' => ['container' => 'pet-jar-200', 'count' => 4],
                'process' => $steps(['do' => 'heat', 'what' => 'oil', 'to_c' => 75], ['do' => 'fill']),
            ],
        ];
        yield 'not enough jars' => [
            'yield.exceeds_containers',
            1,
            [
                ...self::butter(),
                'packaging' => ['container' => 'amber-jar-60', 'count' => 2],
                'process' => $steps(['do' => 'fill']),
            ],
        ];
        yield 'set too hard to whip' => [
            'texture.set_too_hard',
            3,
            [
                ...self::document(
                    [['cocoa-butter', '120 g'], ['shea-butter-refined', '80 g']],
                    ['family' => 'whipped_butter', 'batch' => ['grams' => 200.0]],
                ),
                'process' => $steps(
                    ['do' => 'heat', 'what' => 'oil', 'to_c' => 50],
                    ['do' => 'chill', 'minutes' => 180, 'how' => 'fridge'],
                    ['do' => 'whip'],
                ),
            ],
        ];
        yield 'too soft to whip' => [
            'texture.too_soft',
            2,
            [...self::butter(), 'process' => $steps(['do' => 'heat', 'what' => 'oil', 'to_c' => 45], ['do' => 'whip'])],
        ];
        yield 'strained too late' => [
            'plant.strained_late',
            3,
            [
                ...self::document(
                    [['calendula-dried', '20 g', 'infusion'], ['shea-butter-refined', '200 g']],
                    ['family' => 'infused_oil', 'batch' => ['grams' => 200.0]],
                ),
                'process' => $steps(
                    ['do' => 'heat', 'what' => 'oil', 'to_c' => 60],
                    ['do' => 'rest', 'minutes' => 240],
                    ['do' => 'strain'],
                ),
            ],
        ];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('mishaps')]
    public function test_what_would_go_wrong_is_said_at_its_step(string $code, int $step, array $document): void
    {
        $found = array_map(
            static fn (array $one): string => $one['finding']->code.' '.$one['step'],
            self::rehearse($document)->findings,
        );
        self::assertContains("$code $step", $found);
    }

    public function test_every_sound_formula_comes_through_without_a_stop(): void
    {
        foreach (SoundFormulas::all() as $name => $one) {
            $document = array_filter(
                self::document($one[1], ['family' => $one[0], ...($one[2] ?? [])]),
                static fn (mixed $value): bool => $value !== null,
            );
            $stops = array_filter(
                self::rehearse($document)->findings,
                static fn (array $found): bool => $found['finding']->severity->value === 'stop',
            );
            self::assertSame([], array_map(static fn (array $found): string => $found['finding']->code, $stops), $name);
        }
    }

    public function test_a_course_is_written_and_read_again_without_a_change(): void
    {
        foreach (SoundFormulas::all() as $name => $one) {
            $document = array_filter(
                self::document($one[1], ['family' => $one[0], ...($one[2] ?? [])]),
                static fn (mixed $value): bool => $value !== null,
            );
            $it = (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($document))->assessment;
            $usual = Course::usual($it->formula, $it->composition);
            $written = [
                ...$document,
                'process' => ['steps' => array_map(ProcessDocument::writeStep(...), $usual->steps)],
            ];
            $read = FormulaDocument::read($written);
            self::assertEquals($usual->steps, Course::of($read, $it->composition)->steps, $name);
            self::assertEquals(
                Simulator::formula($it, self::catalogue())->minutes,
                self::rehearse($written)->minutes,
                $name,
            );
        }
    }

    public function test_a_step_without_a_temperature_goes_as_far_as_the_make_asks(): void
    {
        $document = self::milk([
            'gate_c' => 35.0,
            'steps' => [['do' => 'heat'], ['do' => 'combine'], ['do' => 'gate']],
        ]);
        $document['lines'][3]['ingredient'] = 'candelilla-wax';
        $it = (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($document))->assessment;
        $asked = [];
        foreach (Plan::of($it->formula, $it->composition)->steps as $step) {
            $asked[$step->kind->value] = $step->celsius;
        }
        $came = array_column(self::rehearse($document)->events, 'celsius', 'what');
        self::assertGreaterThan(PhaseHeat::USUAL_C, $asked['heat'], 'the wax melts late');
        self::assertEqualsWithDelta($asked['heat'], $came['heated_oil'], 0.5);
        self::assertSame(35.0, $asked['gate']);
        self::assertEqualsWithDelta(35.0, $came['gate_open'], 0.3);
    }

    public function test_the_pour_order_decides_whose_vessel_it_ends_in(): void
    {
        $pot = static fn (string $pour): float => self::rehearse(self::milk([
            'pour' => $pour,
            'vessels' => ['water' => 'glass-jug-500', 'oil' => 'steel-bowl-1500'],
        ]))->gateMinute ?? 0.0;
        self::assertLessThan(
            $pot('oil_into_water'),
            $pot('water_into_oil'),
            'a wide steel bowl loses heat faster than a jug',
        );
    }

    public function test_the_kitchen_takes_the_smallest_vessel_it_can_be_stirred_in(): void
    {
        foreach ([100.0 => 'canning-jar-250', 300.0 => 'glass-jug-500', 700.0 => 'steel-pan-1000'] as $grams => $key) {
            $it = (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read([
                ...self::milk(),
                'batch' => ['grams' => (float) $grams],
            ]))->assessment;
            self::assertSame($key, Kitchen::of($it->formula, $it->composition, self::catalogue())->water->key);
        }
    }

    /**
     * @param  array<string, mixed>  $process
     * @return array<string, mixed>
     */
    private static function milk(array $process = []): array
    {
        return [...self::sound(), 'process' => $process];
    }

    /** @return array<string, mixed> */
    private static function butter(): array
    {
        return self::document(
            [['shea-butter-refined', '120 g'], ['cocoa-butter', '20 g'], ['sunflower-oil-high-oleic', '60 g']],
            ['family' => 'whipped_butter', 'batch' => ['grams' => 200.0]],
        );
    }

    /** @param  array<string, mixed>  $document */
    private static function rehearse(array $document): Simulation
    {
        if (($document['process'] ?? null) === []) {
            unset($document['process']);
        }

        return Simulator::formula(
            (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($document))->assessment,
            self::catalogue(),
        );
    }
}
