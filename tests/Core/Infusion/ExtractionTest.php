<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Infusion\Extraction;
use Ilvane\Core\Infusion\Jar;
use Ilvane\Core\Infusion\JarRoom;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\OilMoved;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Infusion\Steeping;
use Ilvane\Core\Infusion\Stretch;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules of thumb the figures were set by, as bounds (common practice), and what a first-order law has to keep. */
final class ExtractionTest extends TestCase
{
    private static function extractedAfter(
        float $days,
        float $celsius,
        PlantForm $form = PlantForm::DriedWhole,
        float $shaking = 1.0,
    ): float {
        return Jar::filled(300, [30], [$form->washed()])
            ->steeped($days, [Extraction::rates($celsius, $form, $shaking)], 0.0)
            ->extracted();
    }

    /** @return iterable<string, array{float, float, float, float}> days, °C, drawn from and to: common practice */
    public static function drawn(): iterable
    {
        $minutes = static fn (float $minutes): float => $minutes / 1440;
        yield 'three weeks in the dark, shaken' => [21.0, 20.0, 0.899, 0.901];
        yield 'two weeks' => [14.0, 20.0, 0.80, 0.90];
        yield 'four weeks' => [28.0, 20.0, 0.90, 0.97];
        yield 'half an hour in a bath: a weaker oil' => [$minutes(30), 95.0, 0.35, 0.65];
        yield 'forty minutes' => [$minutes(40), 95.0, 0.35, 0.65];
        yield 'three quarters of an hour' => [$minutes(45), 95.0, 0.35, 0.65];
        yield 'eight hours at 60 °C' => [$minutes(480), 60.0, 0.70, 0.90];
    }

    #[DataProvider('drawn')]
    public function test_what_the_schools_draw(float $days, float $celsius, float $from, float $to): void
    {
        self::assertGreaterThanOrEqual($from, self::extractedAfter($days, $celsius));
        self::assertLessThanOrEqual($to, self::extractedAfter($days, $celsius));
    }

    /** Activation energies of 25 to 45 kJ/mol: 8 to 40 times as quick at 95 °C as at 20 °C (textbook, recalled). */
    public function test_half_is_drawn_eight_to_forty_times_as_soon_in_a_bath(): void
    {
        $half = static function (float $celsius): float {
            [$low, $high] = [0.0, 30.0];
            for ($i = 0; $i < 60; $i++) {
                $middle = ($low + $high) / 2;
                self::extractedAfter($middle, $celsius) < 0.5 ? $low = $middle : $high = $middle;
            }

            return $low;
        };
        self::assertGreaterThan(8.0, $half(20.0) / $half(95.0));
        self::assertLessThan(40.0, $half(20.0) / $half(95.0));
    }

    #[DataProvider('labile')]
    public function test_heat_costs_something(float $days, float $celsius, float $kept): void
    {
        self::assertEqualsWithDelta($kept, exp(-Extraction::decay($celsius, Method::ColdDark) * $days), 0.01);
    }

    public static function labile(): iterable
    {
        yield 'cold, three weeks' => [21.0, 20.0, 0.84];
        yield 'low oven, eight hours' => [1 / 3, 60.0, 0.79];
        yield 'bath, three quarters of an hour' => [45 / 1440, 97.0, 0.28];
    }

    public function test_half_lives_at_60(): void
    {
        self::assertEqualsWithDelta(0.5, exp(-Extraction::decay(60, Method::LowOven) * 1), 1e-12, 'delicate: 24 h');
        self::assertEqualsWithDelta(
            0.5,
            exp(-Extraction::decay(60, Method::LowOven, sturdy: true) * 10),
            1e-12,
            'sturdy: 240 h',
        );
        self::assertEqualsWithDelta(
            2.0,
            Extraction::decay(25, Method::SunnySill) / Extraction::decay(25, Method::ColdDark),
            1e-12,
        );
    }

    public function test_cut_shaking_and_heat_speed_it_up_and_never_slow_it(): void
    {
        $pace = static fn (PlantForm $form): float => Extraction::rates(20, $form, 1.0)[1]
            / Extraction::rates(20, PlantForm::DriedWhole, 1.0)[1];
        self::assertEqualsWithDelta(
            [1.6, 3.0, 0.4],
            [$pace(PlantForm::DriedCracked), $pace(PlantForm::Powder), $pace(PlantForm::SeedWhole)],
            1e-12,
        );
        self::assertEqualsWithDelta(
            [1.15, 1.0, 1.0, 0.7, 0.7],
            array_map(Extraction::shaking(...), [1.0, 2.0, 3.0, 0.0, null]),
            1e-12,
        );
        for ($days = 0.5; $days < 60; $days += 0.5) {
            self::assertGreaterThanOrEqual(Extraction::shaking($days + 0.5), Extraction::shaking($days));
            self::assertGreaterThan(Extraction::shaking(0.0), Extraction::shaking($days));
        }
        for ($celsius = 0; $celsius < 120; $celsius += 5) {
            self::assertGreaterThan(self::extractedAfter(0.002, $celsius), self::extractedAfter(0.002, $celsius + 5));
            self::assertGreaterThan(
                Extraction::decay($celsius, Method::WarmBath),
                Extraction::decay($celsius + 5, Method::WarmBath),
            );
        }
    }

    public function test_standing_in_parts_is_standing_in_one_go(): void
    {
        $steep = static fn (array $days): Jar => array_reduce(
            $days,
            static fn (Jar $jar, float $day): Jar => $jar->steeped($day, [0.1, 0.3], 0.02),
            Jar::filled(200, [20, 5]),
        );
        $once = $steep([10.0]);
        $parts = $steep([0.5, 3.25, 1.0, 5.25]);
        self::assertEqualsWithDelta($once->inOil, $parts->inOil, 1e-12);
        self::assertEqualsWithDelta($once->kept, $parts->kept, 1e-12);
    }

    /**
     * Oil drawn and replaced n times without anything further coming out: C·(1 − w/O)^n, the dilution series of any
     * textbook.
     */
    public function test_a_dilution_series(): void
    {
        $jar = Jar::filled(300, [30])->steeped(21, [0.11], 0);
        $strength = $jar->strength();
        for ($n = 1; $n <= 8; $n++) {
            $jar = $jar->takenOut(60)->toppedUp(60);
            self::assertEqualsWithDelta($strength * (1 - 60 / 300) ** $n, $jar->strength(), 1e-9);
        }
    }

    public function test_at_rest_drawing_oil_off_leaves_it_at_rest(): void
    {
        $jar = Jar::filled(300, [30])->steeped(1e6, [0.11], 0);
        self::assertEqualsWithDelta(1.0, $jar->extracted(), 1e-12);
        self::assertEqualsWithDelta(1.0, $jar->takenOut(120)->extracted(), 1e-12);
        self::assertLessThan(1.0, $jar->takenOut(120)->toppedUp(120)->extracted());
    }

    /** Whatever is done to a jar: what the plants could give and every gram of oil stay accounted for. */
    public function test_nothing_is_lost_over_any_history(): void
    {
        mt_srand(20261123);
        for ($case = 0; $case < 300; $case++) {
            $plants = array_map(static fn (): float => mt_rand(1, 500) / 10, range(1, mt_rand(1, 4)));
            $oil = (float) mt_rand(20, 900);
            $jar = Jar::filled($oil, $plants);
            $drawn = 0.0;
            for ($step = 0; $step < 25; $step++) {
                $grams = $jar->oil * mt_rand(0, 950) / 1000;
                $added = mt_rand(0, 300) / 2;
                $jar = $jar
                    ->steeped(
                        mt_rand(0, 900) / 100,
                        array_map(static fn (): float => mt_rand(1, 400) / 100, $plants),
                        0.05,
                    )
                    ->takenOut($grams)
                    ->toppedUp($added);
                $drawn += $grams - $added;
                self::assertGreaterThanOrEqual(0.0, min([...$jar->inOil, ...$jar->inPlant]));
            }
            self::assertEqualsWithDelta(array_sum($plants), $jar->accounted(), 1e-9 * array_sum($plants));
            self::assertEqualsWithDelta($oil, $jar->oil + $drawn, 1e-6);
        }
    }

    public function test_the_first_moment_is_when_so_much_is_drawn(): void
    {
        $steeping = new Steeping(
            Jar::filled(300, [30], [PlantForm::DriedWhole->washed()]),
            [PlantForm::DriedWhole],
            Method::ColdDark,
            [new Stretch(0, 60, 20, 1.0)],
        );
        foreach ([0.1, 0.5, 0.78, 0.9, 0.98] as $share) {
            $day = $steeping->first(static fn (Jar $jar): float => $jar->extracted(), $share);
            self::assertEqualsWithDelta($share, self::extractedAfter($day ?? 0.0, 20), 1e-6);
        }
        self::assertNull($steeping->first(static fn (Jar $jar): float => $jar->extracted(), 0.9999));
    }

    public function test_what_is_washed_off_and_what_diffuses_are_all_there_is(): void
    {
        foreach (PlantForm::cases() as $form) {
            self::assertGreaterThan(0.0, $form->washed());
            self::assertLessThan(1.0, $form->washed());
            $jar = Jar::filled(200, [20], [$form->washed()])->steeped(5.0, [Extraction::rates(20, $form, 1.0)], 0.0);
            self::assertEqualsWithDelta(20.0, $jar->accounted(), 1e-12);
            self::assertLessThanOrEqual(20.0, array_sum($jar->inOil), 'no more than went in');
        }
    }

    public function test_points_show_both_sides_of_a_top_up_and_stay_few(): void
    {
        $steeping = new Steeping(
            Jar::filled(300, [30]),
            [PlantForm::DriedWhole],
            Method::ColdDark,
            [new Stretch(0, 20, 20, 1.0), new Stretch(20, 2000, 15, 0.7)],
            [new OilMoved(14.0, 50, 50)],
        );
        $points = $steeping->points(1.0);
        self::assertLessThan(420, count($points));
        $at14 = array_values(array_filter($points, static fn ($point): bool => $point->day === 14.0));
        self::assertCount(2, $at14);
        self::assertGreaterThan($at14[1]->index, $at14[0]->index);
        self::assertSame(2000.0, $points[count($points) - 1]->day);
        $days = array_map(static fn ($point): float => $point->day, $points);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
    }

    public function test_room_in_the_jar(): void
    {
        $room = new JarRoom(300 / 0.912, 30 / 1.3, 0.6 * 30 / 0.07, 500);
        self::assertEqualsWithDelta(
            29.6,
            $room->headspace(),
            0.05,
            '30 g calendula with 300 g oil in a 500 mL jar leaves about 30 %',
        );
        self::assertTrue($room->isCovered());
        self::assertTrue($room->fits());
        $dry = new JarRoom(100, $room->solidMl, $room->settledMl, 500);
        self::assertFalse($dry->isCovered());
        self::assertEqualsWithDelta($room->settledMl - 100 - $room->solidMl, $dry->missingMl(), 1e-9);
        self::assertEqualsWithDelta(
            $room->settledMl,
            $dry->levelMl(),
            1e-9,
            'an uncovered heap stands higher than the oil',
        );
        self::assertFalse((new JarRoom(480, $room->solidMl, $room->settledMl, 500))->fits());
        self::assertNull((new JarRoom(1, 1, 1, null))->fits());
    }

    /**
     * Recalculated by hand: 2.88 a day at the surfaces, −ln(0.10 ÷ 0.35) ÷ 21 = 0.0597 from within; at other
     * temperatures × exp(E ÷ 8.314 · (1 ÷ 293.15 − 1 ÷ T)) with 35 and 45 kJ/mol.
     *
     * @return iterable<string, array{float, PlantForm, float, float, float}> °C, form, shaking, rates per day
     */
    public static function rates(): iterable
    {
        yield 'leaf at 20 °C' => [20.0, PlantForm::DriedWhole, 1.0, 2.88, 0.059655];
        yield 'leaf at 60 °C' => [60.0, PlantForm::DriedWhole, 1.0, 16.1512, 0.547529];
        yield 'leaf at 95 °C' => [95.0, PlantForm::DriedWhole, 1.0, 53.6950, 2.565684];
        yield 'cracked, 1.6 times' => [20.0, PlantForm::DriedCracked, 1.0, 4.608, 0.095449];
        yield 'powder, 3 times' => [20.0, PlantForm::Powder, 1.0, 8.64, 0.178966];
        yield 'whole seed, 0.4 times' => [20.0, PlantForm::SeedWhole, 1.0, 1.152, 0.023862];
        yield 'never shaken, 0.7 times' => [20.0, PlantForm::DriedWhole, 0.7, 2.016, 0.041759];
    }

    #[DataProvider('rates')]
    public function test_rates_by_hand(float $celsius, PlantForm $form, float $shaken, float $wash, float $within): void
    {
        [$washing, $diffusing] = Extraction::rates($celsius, $form, $shaken);
        self::assertEqualsWithDelta($wash, $washing, 1e-4 * $wash);
        self::assertEqualsWithDelta($within, $diffusing, 1e-4 * $within);
    }

    public function test_what_lies_open_and_what_shaking_does(): void
    {
        self::assertSame(
            [0.65, 0.75, 0.85, 0.25, 0.5, 0.5],
            array_map(static fn (PlantForm $form): float => $form->washed(), PlantForm::cases()),
        );
        self::assertEqualsWithDelta(0.7, Extraction::shaking(null), 1e-9);
        self::assertEqualsWithDelta(1.15, Extraction::shaking(0.5), 1e-9);
        self::assertEqualsWithDelta(1.15, Extraction::shaking(1.0), 1e-9);
        self::assertEqualsWithDelta(1.075, Extraction::shaking(1.5), 1e-9);
        self::assertEqualsWithDelta(1.0, Extraction::shaking(2.0), 1e-9);
        self::assertEqualsWithDelta(1.0, Extraction::shaking(3.0), 1e-9);
        self::assertEqualsWithDelta(0.85, Extraction::shaking(6.0), 1e-9);
    }

    public function test_heat_and_sun_spoil_by_hand(): void
    {
        // ln 2 a day at 60 °C, a tenth of it for what is sturdy, three times as fast per 10 °C, twice on a sill
        self::assertEqualsWithDelta(0.693147, Extraction::decay(60.0, Method::LowOven), 1e-6);
        self::assertEqualsWithDelta(0.0693147, Extraction::decay(60.0, Method::LowOven, sturdy: true), 1e-7);
        self::assertEqualsWithDelta(2.079442, Extraction::decay(70.0, Method::LowOven), 1e-6);
        self::assertEqualsWithDelta(0.0171147, Extraction::decay(20.0, Method::SunnySill), 1e-7);
    }

    public function test_a_jar_needs_oil_and_plants(): void
    {
        foreach ([[0.0, [30.0]], [300.0, [0.0]], [300.0, [30.0, 0.0]]] as [$oil, $plants]) {
            try {
                Jar::filled($oil, $plants);
                self::fail('filled with nothing');
            } catch (InvalidArgumentException) {
                self::addToAssertionCount(1);
            }
        }
        self::assertSame(0.0, Jar::filled(0.1, [0.1])->extracted());
    }
}
