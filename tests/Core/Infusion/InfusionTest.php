<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\OilYield;
use Ilvane\Core\Infusion\Schedule;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use PHPUnit\Framework\Attributes\DataProvider;

final class InfusionTest extends InfusionCase
{
    public function test_a_plain_cold_jar(): void
    {
        $jar = self::infuse();
        self::assertSame([], self::codes($jar));
        self::assertTrue($jar->fullest->fits());
        self::assertEqualsWithDelta(29.6, $jar->room->headspace(), 0.05);
        self::assertEqualsWithDelta(0.9, $jar->end->extracted(), 1e-9);
        self::assertEqualsWithDelta(
            10 * 300 / 330 * 0.9,
            $jar->end->strength(),
            1e-9,
            '10 g in 100 g, r/(r + 1), nine tenths out',
        );
        self::assertSame(21.0, Schedule::shown((float) $jar->readyDay, $jar->plan));
        self::assertNull($jar->tooStrongDay);
        self::assertSame(0.0, $jar->plainOilToAdd());
        self::assertLessThan($jar->readyDay, $jar->earliestDay);
        self::assertSame(365.0, $jar->keepsDays(), 'the life of the oil once opened');
        self::assertSame(219.0, self::infuse(['method' => 'sunny_sill'])->keepsDays(), 'light on the jar');
        $shakes = array_column(
            array_filter(Schedule::of($jar), static fn (array $entry): bool => $entry['what'] === 'shake'),
            'day',
        );
        self::assertSame([3.0, 6.0, 9.0, 12.0, 15.0, 18.0], $shakes);
    }

    public function test_what_the_plant_keeps_is_not_given_back(): void
    {
        $jar = self::infuse();
        self::assertEqualsWithDelta(300 - 30 * 2.2 * 0.75, $jar->yield->likely, 1e-9);
        self::assertLessThan(300, $jar->yield->high);
        self::assertGreaterThan(300 - 30 * 3.1, $jar->yield->low);
        $own = self::infuse(ownUptake: ['calendula-dried' => [1.2, 1.3, 1.25]]);
        self::assertEqualsWithDelta(
            300 - 30 * (0.4 * 2.2 * 0.75 + 0.6 * 1.25),
            $own->yield->likely,
            1e-9,
            'three own strainings: three fifths of the way',
        );
        self::assertLessThan($jar->yield->width(), $own->yield->width());
        self::assertSame(
            5,
            OilYield::learned($jar->contents->plants[0], [9, 9, 9, 1, 1, 1, 1, 1])->count,
            'the last five',
        );
    }

    public function test_a_potent_plant_gets_too_strong_and_is_thinned_by_alligation(): void
    {
        $plan = [
            'plants' => [['ingredient' => 'cayenne-powder', 'amount' => '2 tbsp']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '1 cup']],
        ];
        $jar = self::infuse($plan);
        self::assertSame(['irritant.strong' => 'stop'], self::codes($jar));
        self::assertLessThan(1.0, $jar->tooStrongDay, 'on the first day');
        $added = (float) $jar->plainOilToAdd();
        self::assertEqualsWithDelta(
            0.5,
            $jar->end->strength() * $jar->yield->likely / ($jar->yield->likely + $added),
            1e-9,
        );
        $wished = self::infuse([...$plan, 'wished_strength' => 0.3]);
        self::assertSame([], self::codes($wished), 'a concentrate that is to be thinned is in order');
        self::assertSame('note', self::codes($wished, true)['irritant.strong']);
        self::assertEqualsWithDelta(0.3, $wished->steeping->at((float) $wished->stopDay())->strength(), 1e-5);
        self::assertSame(
            [],
            self::codes(self::infuse([...$plan, 'days' => 0.003, 'temperature_c' => 10])),
            'strained at once',
        );
        $rinsed = self::infuse([...$plan, 'use' => 'rinse_off']);
        self::assertGreaterThan($jar->tooStrongDay, $rinsed->tooStrongDay, 'rinsed off it may be twice as strong');
        self::assertNull(
            self::infuse(['plants' => [['ingredient' => 'henna-powder', 'amount' => '10 g']]])->plainOilToAdd(),
            'not for leaving on at all',
        );
    }

    #[DataProvider('wetInOil')]
    public function test_wet_plants_in_oil_stop_and_two_ways_lead_out(string $method): void
    {
        $plan = self::plan([
            'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '40 g']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '400 g']],
            'jar_ml' => 750,
            'method' => $method,
        ]);
        $finding = InfusionRules::examine(self::infuse($plan))[0];
        self::assertSame(['plant.fresh_in_oil', 'stop'], [$finding->code, $finding->severity->value]);
        self::assertCount(2, $finding->fixes, 'dried, or cooked out: wilted is still wet');
        foreach ($finding->fixes as $fix) {
            $mended = Infusion::of(
                InfusionPlanDocument::read(Patch::apply($plan, $fix->patch)),
                self::catalogue(),
                new Tools,
            );
            self::assertSame(
                [],
                array_filter(self::codes($mended), static fn (string $severity): bool => $severity === 'stop'),
                $fix->label,
            );
        }
    }

    public static function wetInOil(): iterable
    {
        yield ['cold_dark'];
        yield ['sunny_sill'];
        yield ['low_oven'];
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('faults')]
    public function test_faults_are_found_and_nothing_else(array $changes, array $expected): void
    {
        self::assertEquals($expected, self::codes(self::infuse($changes)));
    }

    public static function faults(): iterable
    {
        yield 'plant above the oil' => [
            ['oils' => [['ingredient' => 'olive-oil', 'amount' => '150 g']]],
            ['plant.uncovered' => 'mind'],
        ];
        yield 'after taking too much' => [
            ['events' => [['day' => 10, 'take_out_g' => 150]]],
            ['plant.uncovered' => 'mind'],
        ];
        yield 'jar too small' => [['jar_ml' => 300], ['infusion.overfull' => 'mind']];
        yield 'topped up over the brim' => [
            ['events' => [['day' => 10, 'top_up_g' => 200]]],
            ['infusion.overfull' => 'mind'],
        ];
        yield 'half a year in the jar' => [['days' => 180], ['plant.strained_late' => 'mind']];
        yield 'coconut oil in a cool room' => [
            ['oils' => [['ingredient' => 'coconut-oil', 'amount' => '300 g']]],
            ['heat.below_melting' => 'stop'],
        ];
        yield 'coconut oil in a bath' => [
            [
                'oils' => [['ingredient' => 'coconut-oil', 'amount' => '300 g']],
                'method' => 'warm_bath',
                'temperature_c' => 60,
                'days' => null,
                'minutes' => 60,
            ],
            [],
        ];
        yield 'virgin olive oil in a hot bath' => [
            [
                'oils' => [['ingredient' => 'olive-oil-extra-virgin', 'amount' => '300 g']],
                'method' => 'warm_bath',
                'temperature_c' => 97,
                'days' => null,
                'minutes' => 45,
            ],
            ['heat.over_ceiling' => 'mind'],
        ];
        yield 'cooked out in virgin olive oil' => [
            [
                'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '30 g']],
                'oils' => [['ingredient' => 'olive-oil-extra-virgin', 'amount' => '300 g']],
                'method' => 'cook_out',
                'temperature_c' => 105,
                'days' => null,
                'minutes' => 60,
            ],
            ['heat.over_ceiling' => 'mind'],
        ];
        yield 'cooked out in linseed oil' => [
            [
                'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '30 g']],
                'oils' => [['ingredient' => 'flaxseed-oil', 'amount' => '300 g']],
                'method' => 'cook_out',
                'temperature_c' => 105,
                'days' => null,
                'minutes' => 60,
            ],
            ['heat.over_ceiling' => 'stop'],
        ];
        yield 'cooked out in pumpkin-seed oil, best kept below 60 °C' => [
            [
                'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '30 g']],
                'oils' => [['ingredient' => 'pumpkin-seed-oil', 'amount' => '300 g']],
                'method' => 'cook_out',
                'temperature_c' => 105,
                'days' => null,
                'minutes' => 60,
            ],
            ['heat.over_ceiling' => 'mind'],
        ];
        yield 'cooked out too hot' => [
            [
                'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '30 g']],
                'oils' => [['ingredient' => 'olive-oil', 'amount' => '300 g']],
                'method' => 'cook_out',
                'temperature_c' => 130,
                'days' => null,
                'minutes' => 60,
            ],
            ['safety.wet_in_hot_oil' => 'stop'],
        ];
        yield 'cooked out as it should be' => [
            [
                'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '30 g']],
                'oils' => [['ingredient' => 'olive-oil', 'amount' => '300 g']],
                'method' => 'cook_out',
                'temperature_c' => 105,
                'days' => null,
                'minutes' => 60,
            ],
            [],
        ];
        yield 'lemon peel left on' => [
            ['plants' => [['ingredient' => 'citrus-peel-dried', 'amount' => '10 g']]],
            ['scent.phototoxic' => 'stop'],
        ];
        yield 'lemon peel rinsed off' => [
            ['plants' => [['ingredient' => 'citrus-peel-dried', 'amount' => '10 g']], 'use' => 'rinse_off'],
            [],
        ];
        yield 'far too many flowers' => [
            ['plants' => [['ingredient' => 'clove-buds', 'amount' => '30 g', 'form' => 'dried_cracked']]],
            ['irritant.strong' => 'stop'],
        ];
    }

    public function test_cautions_are_notes(): void
    {
        $codes = self::codes(
            self::infuse([
                'plants' => [['ingredient' => 'moringa-powder', 'amount' => '10 g']],
                'oils' => [['ingredient' => 'sweet-almond-oil', 'amount' => '200 g']],
                'method' => 'low_oven',
                'temperature_c' => 55,
                'days' => null,
                'minutes' => 240,
            ]),
            true,
        );
        self::assertSame(
            ['plant.powder', 'safety.dust', 'safety.hot_fat', 'safety.nut', 'safety.patch_test'],
            self::sorted(array_keys($codes)),
        );
        $butter = self::codes(
            self::infuse([
                'oils' => [['ingredient' => 'shea-butter-refined', 'amount' => '300 g']],
                'method' => 'warm_bath',
                'temperature_c' => 60,
                'days' => null,
                'minutes' => 60,
            ]),
            true,
        );
        self::assertSame('note', $butter['plant.strained_late'], 'strain while it is warm');
    }

    public function test_what_burns_in_the_sun_is_pointed_at_by_its_line(): void
    {
        $of = static fn (array $plants): array => array_values(array_map(
            static fn ($finding): array => $finding->lines,
            array_filter(
                [...InfusionRules::examine(self::infuse(['plants' => $plants]))],
                static fn ($finding): bool => $finding->code === 'scent.phototoxic',
            ),
        ));
        $peel = ['ingredient' => 'citrus-peel-dried', 'amount' => '10 g'];
        self::assertSame([[1]], $of([$peel]));
        self::assertSame([[2]], $of([['ingredient' => 'calendula-dried', 'amount' => '10 g'], $peel]));
    }

    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }

    public function test_water_to_cook_out_of_a_wet_plant(): void
    {
        $jar = self::infuse([
            'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '100 g']],
            'method' => 'cook_out',
            'temperature_c' => 105,
            'days' => null,
            'minutes' => 60,
        ]);
        self::assertEqualsWithDelta(0.95 * 68, $jar->waterToDriveOut(), 1e-9);
        self::assertSame(0.0, self::infuse()->waterToDriveOut());
    }

    public function test_hotter_longer_and_finer_is_never_weaker(): void
    {
        $strength = static fn (array $changes): float => self::infuse($changes)->end->strength();
        self::assertGreaterThan($strength([]), $strength(['temperature_c' => 25]));
        self::assertGreaterThan($strength([]), $strength(['days' => 22]));
        self::assertGreaterThan($strength(['shake_every_days' => 0]), $strength([]));
        self::assertGreaterThan(
            $strength([]),
            $strength(['plants' => [[
                'ingredient' => 'calendula-dried',
                'amount' => '30 g',
                'form' => 'dried_cracked',
            ]]]),
        );
        self::assertGreaterThan(
            $strength(['events' => [['day' => 14, 'take_out_g' => 50, 'top_up_g' => 50]]]),
            $strength([]),
        );
    }

    #[DataProvider('refused')]
    public function test_what_is_refused_and_where(array $changes, string $path, string $reason): void
    {
        try {
            self::infuse($changes);
            self::fail('It was taken.');
        } catch (DocumentRefused $refusal) {
            self::assertSame([$path, $reason], [$refusal->path, $refusal->reason]);
        }
    }

    public static function refused(): iterable
    {
        yield 'an unknown plant' => [
            ['plants' => [['ingredient' => 'moon-dust', 'amount' => '3 g']]],
            '/plants/0/ingredient',
            'unknown_ingredient',
        ];
        yield 'longer than ten years' => [['days' => 3651], '/days', 'out_of_range'];
        yield 'water is no plant' => [
            ['plants' => [['ingredient' => 'distilled-water', 'amount' => '3 g']]],
            '/plants/0/ingredient',
            'not_a_plant',
        ];
        yield 'honey is no oil' => [
            ['oils' => [['ingredient' => 'honey', 'amount' => '3 g']]],
            '/oils/0/ingredient',
            'not_an_oil',
        ];
        yield 'less than nothing' => [
            ['oils' => [['ingredient' => 'olive-oil', 'amount' => '-3 g']]],
            '/oils/0/amount',
            'amount_negative',
        ];
        yield 'percent of what' => [
            ['plants' => [['ingredient' => 'nettle-dried', 'amount' => '3 %']]],
            '/plants/0/amount',
            'no_weight',
        ];
        yield 'some' => [
            ['plants' => [['ingredient' => 'nettle-dried', 'amount' => 'some']]],
            '/plants/0/amount',
            'no_weight',
        ];
        yield 'no plants' => [['plants' => []], '/plants', 'missing'];
        yield 'days and minutes' => [['minutes' => 5], '/minutes', 'days_or_minutes'];
        yield 'an unknown key' => [['colour' => 'green'], '/colour', 'unknown_key'];
        yield 'more oil than there is' => [
            ['events' => [['day' => 3, 'take_out_g' => 200], ['day' => 4, 'take_out_g' => 100]]],
            '/events/1/take_out_g',
            'more_than_there_is',
        ];
        yield 'after it is strained' => [
            ['events' => [['day' => 30, 'top_up_g' => 10]]],
            '/events/0/day',
            'after_the_end',
        ];
        yield 'too hot to be true' => [['temperature_c' => 900], '/temperature_c', 'out_of_range'];
        yield 'a method of one’s own' => [['method' => 'microwave'], '/method', 'not_one_of'];
    }

    public function test_reading_and_writing_are_each_others_inverse(): void
    {
        foreach ([
            [],
            ['events' => [['day' => 14.0, 'take_out_g' => 50.0, 'top_up_g' => 50.0]], 'wished_strength' => 5.0],
            ['method' => 'low_oven', 'days' => null, 'minutes' => 240, 'temperature_c' => 55],
        ] as $changes) {
            $once = InfusionPlanDocument::write(InfusionPlanDocument::read(self::plan($changes)));
            self::assertEquals(self::plan($changes), $once);
            self::assertEquals($once, InfusionPlanDocument::write(InfusionPlanDocument::read($once)));
        }
        $spare = InfusionPlanDocument::read([
            'format' => 'ilvane.infusion-plan/1',
            'name' => '',
            'plants' => [['ingredient' => 'nettle-dried', 'amount' => ['value' => 3, 'unit' => 'tbsp']]],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '1 cup']],
            'method' => 'warm_bath',
        ]);
        self::assertSame([95.0, true], [$spare->celsius, $spare->inMinutes]);
        self::assertEqualsWithDelta(45, $spare->minutes(), 1e-9);
    }
}
