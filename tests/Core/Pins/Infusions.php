<?php

declare(strict_types=1);

namespace Tests\Core\Pins;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Infusion\Extraction;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\Jar;
use Ilvane\Core\Infusion\JarLife;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\OilMoved;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Infusion\Schedule;
use Ilvane\Core\Infusion\StrengthPoint;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Safety\Infusion\InfusionRules;

/** What a jar gives, when, and what is said of it. */
final readonly class Infusions
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return iterable<string, mixed> */
    public function rates(): iterable
    {
        foreach (PlantForm::cases() as $form) {
            foreach ([5.0, 20.0, 25.0, 60.0, 95.0] as $celsius) {
                yield "$form->value at $celsius °C" => Extraction::rates($celsius, $form, 1.0);
            }
            yield $form->value => [$form->washed(), $form->pace()];
        }
        foreach (Method::cases() as $method) {
            yield $method->value => [
                $method->usualCelsius(), $method->usualDays(), $method->readyAt(), $method->decayFactor(),
                $method->keepingFactor(), $method->isHeated(), $method->drivesWaterOut(),
                Extraction::decay(20.0, $method), Extraction::decay(70.0, $method),
                Extraction::decay(60.0, $method, true),
            ];
        }
        foreach ([null, 0.0, 0.5, 1.0, 1.5, 2.0, 2.5, 3.0, 4.0, 7.0, 30.0] as $every) {
            yield 'shaken every '.($every ?? 'never') => Extraction::shaking($every);
        }
        $jar = Jar::filled(200.0, [20.0, 5.0], [0.5]);
        $later = $jar->steeped(2.0, [[0.5, 0.1], 0.3], 0.05);
        $moved = $later->takenOut(50.0)->toppedUp(30.0);
        $on = $moved->steeped(5.0, [0.2, 0.4], 0.0);
        foreach (['at first' => $jar, 'later' => $later, 'moved' => $moved, 'on' => $on] as $when => $is) {
            yield "a jar $when" => [
                $is->oil, $is->inOil, $is->inPlant, $is->carriedOff, $is->kept, $is->strength(), $is->strength(1),
                $is->extracted(), $is->accounted(),
            ];
        }
        foreach ([[10.0, 200.0, 190.6], [10.0, 200.0, 190.5], [10.0, 200.0, 190.4], [10.0, 200.0, 188.5],
            [10.0, 200.0, 188.4], [0.0, 200.0, 200.0], [10.0, 200.0, 201.0]] as [$water, $first, $now]) {
            $out = new CookOut($water, $first, $now);
            yield "cooked from $first to $now" => [
                $out->drivenOut(), $out->left(), $out->isDone(), $out->weighsWhenDone(), $out->hasLostMore(),
                $out->hasGained(),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    public function jars(): iterable
    {
        foreach (self::plans() as $name => $plan) {
            $of = $this->infuse($plan);
            $points = $of->points();
            yield $name => [
                'days' => [$of->earliestDay, $of->readyDay, $of->tooStrongDay, $of->keepsDays(), $of->stopDay()],
                'end' => [$of->end->strength(), $of->end->extracted(), $of->end->kept, $of->end->oil],
                'yield' => [$of->yield->low, $of->yield->likely, $of->yield->high],
                'aim' => [$of->aim(), $of->plainOilToAdd(), $of->limit(), $of->isTooStrongAtEnd()],
                'water' => [$of->waterToDriveOut(), $of->turnsFirst()?->ingredient->key, $of->plan->drivesWaterOut()],
                'room' => array_map(static fn ($room): array => [
                    $room->levelMl(), $room->isCovered(), $room->missingMl(), $room->fits(), $room->headspace(),
                ], [$of->room, $of->fullest, $of->emptiest]),
                'plants' => array_map(static fn (InPart $plant): array => [
                    $plant->waterGrams(), $plant->waterLeft(), $plant->dryGrams(), $plant->solidMl(),
                    $plant->settledMl(),
                ], $of->contents->plants),
                'oils' => array_map(static fn (InPart $oil): float => $oil->oilMl(100.0), $of->contents->oils),
                'points' => [count($points), array_map(static fn (StrengthPoint $point): array => [
                    $point->day, $point->extracted, $point->kept, $point->index, $point->oil,
                ], [$points[0], $points[intdiv(count($points), 2)], $points[count($points) - 1]])],
                'schedule' => array_map(
                    static fn (array $entry): string => round($entry['day'], 4).' '.$entry['what'],
                    array_slice(Schedule::of($of), 0, 12),
                ),
                'found' => array_map(Judged::brief(...), [...InfusionRules::examine($of)]),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    public function days(): iterable
    {
        $moved = [new OilMoved(6.0, 40.0, 0.0), new OilMoved(9.0, 0.0, 60.0)];
        $readings = [['day' => 2.0, 'celsius' => 26.0], ['day' => 8.0, 'celsius' => 18.0]];
        $changes = [
            [], ['method' => 'warm_bath', 'temperature_c' => 60, 'days' => 2], ['shake_every_days' => 0],
        ];
        foreach ([0.0, 1.0, 5.0, 12.0, 20.9, 21.0, 40.0] as $today) {
            foreach ([[], [1.0, 4.0], [3.0, 6.0, 9.0]] as $i => $shakes) {
                foreach ($changes as $j => $change) {
                    $of = $this->infuse(self::plan($change));
                    $shaken = array_values(array_filter($shakes, static fn (float $day): bool => $day <= $today));
                    $life = new JarLife($of->plan, $of->contents, $shaken, $readings, $moved, $today);
                    $jar = $life->steeping()->at($today);
                    yield "day $today, $i, $j" => [
                        $jar->strength(), $jar->extracted(), $jar->kept, $life->lasts(), $life->lastShake(),
                        $life->nextShake(), $life->missedShakes(), $life->oil(), $life->leastOilFrom(7.0),
                        $life->leastOilFrom(0.0), $life->missing(), $life->onward($jar, 3.0)->strength(),
                        $life->steeping()->at($life->lasts())->strength(),
                    ];
                }
            }
        }
    }

    /** @return iterable<string, mixed> what is read and what is refused, at the edge */
    public function read(): iterable
    {
        foreach ([
            ['days' => 3650], ['days' => 3650.5], ['days' => 0.0001], ['days' => 0.00005],
            ['days' => null, 'minutes' => 20160], ['days' => null, 'minutes' => 20161],
            ['days' => null, 'minutes' => 0.1], ['days' => null, 'minutes' => 0.05], ['days' => 2, 'minutes' => 3],
            ['days' => null], ['temperature_c' => -20], ['temperature_c' => -20.5], ['temperature_c' => 200],
            ['temperature_c' => 200.5], ['temperature_c' => null], ['jar_ml' => 1], ['jar_ml' => 0.5],
            ['jar_ml' => 100000], ['jar_ml' => 100001], ['shake_every_days' => 0], ['shake_every_days' => -1],
            ['shake_every_days' => 90], ['shake_every_days' => 91], ['shake_every_days' => 366],
            ['wished_strength' => 0], ['wished_strength' => 0.01], ['wished_strength' => 100],
            ['wished_strength' => 101], ['wished_strength' => 1000], ['name' => str_repeat('a', 120)],
            ['name' => str_repeat('a', 121)], ['plants' => []], ['oils' => []],
            ['plants' => array_fill(0, 20, ['ingredient' => 'calendula-dried', 'amount' => '1 g'])],
            ['plants' => array_fill(0, 21, ['ingredient' => 'calendula-dried', 'amount' => '1 g'])],
            ['plants' => [['ingredient' => 'calendula-dried', 'amount' => '100000 g']]],
            ['plants' => [['ingredient' => 'calendula-dried', 'amount' => '100001 g']]],
            ['plants' => [['ingredient' => 'calendula-dried', 'amount' => '0 g']]],
            ['plants' => [['ingredient' => 'calendula-dried', 'amount' => 'some']]],
            ['plants' => [['ingredient' => 'olive-oil', 'amount' => '10 g']]],
            ['plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '10 g', 'fresh_g' => 5]]],
            ['plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '10 g', 'fresh_g' => 0]]],
            ['plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '10 g', 'fresh_g' => 100000]]],
            ['plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '10 g', 'fresh_g' => 100001]]],
            ['oils' => [['ingredient' => 'calendula-dried', 'amount' => '10 g']]],
            ['events' => [['day' => 0, 'take_out_g' => 1, 'top_up_g' => 0]]],
            ['events' => [['day' => 21, 'take_out_g' => 0, 'top_up_g' => 100000]]],
            ['events' => [['day' => 21, 'take_out_g' => 0, 'top_up_g' => 100001]]],
            ['events' => [['day' => 22, 'take_out_g' => 1, 'top_up_g' => 0]]],
            ['events' => [['day' => 3, 'take_out_g' => 300, 'top_up_g' => 0]]],
            ['events' => [['day' => 3, 'take_out_g' => 299, 'top_up_g' => 0]]],
            ['events' => array_fill(0, 200, ['day' => 3, 'take_out_g' => 0, 'top_up_g' => 1])],
            ['events' => array_fill(0, 201, ['day' => 3, 'take_out_g' => 0, 'top_up_g' => 1])],
        ] as $i => $change) {
            try {
                $of = $this->infuse(self::plan($change));
                $is = [
                    'read', $of->plan->days, $of->plan->celsius, $of->plan->shakeEveryDays, $of->plan->inMinutes,
                    $of->plan->lastsUsual, $of->plan->minutes(),
                ];
            } catch (DocumentRefused $problem) {
                $is = ['refused', $problem->path, $problem->reason];
            }
            yield "$i ".mb_substr((string) json_encode($change), 0, 80) => $is;
        }
    }

    /** @param  array<string, mixed>  $changes */
    private static function plan(array $changes = []): array
    {
        return array_filter([
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Calendula, cold',
            'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g', 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '300 g']],
            'jar_ml' => 500, 'method' => 'cold_dark', 'temperature_c' => 20, 'days' => 21, 'shake_every_days' => 3,
            'use' => 'leave_on',
            ...$changes,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function plans(): iterable
    {
        $plant = static fn (string $key, float $grams, ?string $form = null, ?float $fresh = null): array => [
            array_filter(['ingredient' => $key, 'amount' => "$grams g", 'form' => $form, 'fresh_g' => $fresh]),
        ];
        $oil = static fn (string $key, float $grams): array => [['ingredient' => $key, 'amount' => "$grams g"]];
        yield 'usual' => self::plan();
        foreach (Method::cases() as $method) {
            foreach ([0.5, 1.0, 2.0] as $times) {
                yield "$method->value $times" => self::plan([
                    'method' => $method->value, 'temperature_c' => null, 'days' => $times * $method->usualDays(),
                ]);
            }
        }
        $oils = ['olive-oil' => 320, 'shea-butter-refined' => 300, 'coconut-oil' => 250, 'grapeseed-oil' => 310];
        foreach ($oils as $key => $grams) {
            yield "in $key" => self::plan(['oils' => $oil($key, $grams)]);
        }
        foreach (['clove-buds' => [30, 90], 'cayenne-powder' => [3, 9, 30], 'rosemary-dried' => [30, 120],
            'turmeric-powder' => [6, 30], 'black-cumin-seeds' => [60, 90], 'citrus-peel-dried' => [30],
            'coffee-ground' => [40], 'mustard-seed' => [10], 'ginger-dried' => [20], 'chamomile-dried' => [15],
        ] as $key => $all) {
            foreach ($all as $grams) {
                yield "$grams g $key" => self::plan(['plants' => $plant($key, $grams)]);
                yield "$grams g $key, sunny, rinsed off" => self::plan([
                    'plants' => $plant($key, $grams), 'method' => 'sunny_sill', 'use' => 'rinse_off',
                ]);
            }
        }
        foreach (['rosemary-fresh', 'garlic-fresh', 'aloe-leaf-fresh', 'mint-fresh', 'onion-fresh'] as $key) {
            foreach (['fresh_wet', 'fresh_wilted', 'dried_whole'] as $form) {
                yield "$key $form" => self::plan(['plants' => $plant($key, 60, $form)]);
                yield "$key $form, weighed" => self::plan(['plants' => $plant($key, 30, $form, 100)]);
                yield "$key $form, cooked out" => self::plan([
                    'plants' => $plant($key, 60, $form), 'method' => 'cook_out', 'temperature_c' => 105,
                    'days' => null, 'minutes' => 60,
                ]);
                yield "$key $form, not hot enough" => self::plan([
                    'plants' => $plant($key, 60, $form), 'method' => 'cook_out', 'temperature_c' => 99.9,
                    'days' => null, 'minutes' => 60,
                ]);
            }
        }
        foreach ([14.0, 25.0, 44.0, 45.5, 60.0, 64.0, 66.0, 99.0, 101.0, 119.0, 121.0, 150.0] as $celsius) {
            yield "bath at $celsius" => self::plan([
                'method' => 'warm_bath', 'temperature_c' => $celsius, 'days' => null, 'minutes' => 120,
            ]);
        }
        foreach ([89.0, 90.0, 91.0, 120.0] as $days) {
            yield "for $days days" => self::plan(['days' => $days, 'shake_every_days' => 0]);
        }
        foreach ([300, 340, 350, 360, 380, 420] as $ml) {
            yield "a jar of $ml ml" => self::plan(['jar_ml' => $ml]);
        }
        foreach ([100, 120, 140, 160, 200] as $grams) {
            yield "$grams g of oil" => self::plan(['oils' => $oil('olive-oil', $grams)]);
        }
        foreach ([2.0, 6.0, 9.0, 50.0] as $strength) {
            yield "wished $strength" => self::plan(['wished_strength' => $strength]);
        }
        yield 'two plants' => self::plan(['plants' => [
            ...$plant('clove-buds', 6), ...$plant('rosemary-dried', 20), ...$plant('cayenne-powder', 1),
        ], 'wished_strength' => 4]);
        yield 'moved' => self::plan(['events' => [
            ['day' => 5, 'take_out_g' => 50, 'top_up_g' => 0], ['day' => 10, 'take_out_g' => 20, 'top_up_g' => 80],
        ]]);
    }

    /** @param  array<string, mixed>  $plan */
    private function infuse(array $plan): Infusion
    {
        return Infusion::of(InfusionPlanDocument::read($plan), $this->catalogue, new Tools);
    }
}
