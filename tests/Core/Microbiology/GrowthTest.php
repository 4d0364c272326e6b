<?php

declare(strict_types=1);

namespace Tests\Core\Microbiology;

use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Microbe;
use Ilvane\Core\Physics\WaterActivity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * Growth to spoilage against what is usual in kitchens (recalled) and against the primary papers' own points. The days
 * are rough; what is shown is never longer than the shipped day.
 */
final class GrowthTest extends CoreCase
{
    private static function days(Growth $growth, float $cfu): float
    {
        return ($growth->hoursTo($cfu) ?? INF) / 24;
    }

    /** @return iterable<string, array{Growth, float, float}> cfu a gram, day it is reached */
    public static function days_known(): iterable
    {
        $gel = Growth::of(100.0, 0.6, false, 8.0, 6.5, 1.0);
        yield 'boiled flax gel at 8 °C: the limit' => [$gel, 1e3, 2.8];
        yield 'boiled flax gel at 8 °C: spoiled' => [$gel, 1e6, 5.6];
        yield 'herbal tea at 8 °C' => [Growth::of(100.0, 0.5, false, 8.0, 6.0, 1.0), 1e3, 3.7];
        yield 'herbal tea in a room' => [Growth::of(100.0, 0.5, false, 21.0, 6.0, 1.0), 1e3, 1.1];
        yield 'honey 30 % in water, in a room' => [Growth::of(100.0, 0.5, false, 23.0, 4.0, 0.97), 1e6, 5.0];
        yield 'boiled rice water at 8 °C' => [Growth::of(10.0, 0.8, false, 8.0, 6.5, 1.0), 1e3, 2.7];
        yield 'a fruit mask at 8 °C: tenfold' => [Growth::of(1e5, 1.0, true, 8.0, 5.5, 0.99), 1.32e6, 2.7];
    }

    #[DataProvider('days_known')]
    public function test_the_day_it_holds_too_many(Growth $growth, float $cfu, float $day): void
    {
        self::assertEqualsWithDelta($day, self::days($growth, $cfu), 0.2 * $day);
    }

    public function test_an_egg_keeps_a_day_and_never_none(): void
    {
        $keeping = self::evaluate(self::document([['egg-yolk', '60 g'], ['olive-oil', '40 g', 'oil']], [
            'family' => 'fresh_mask',
        ]))->assessment->keeping;
        self::assertSame(1.0, $keeping->days);
    }

    public function test_pseudomonads_grow_as_measured(): void
    {
        // Neumeyer and others 1997 (recalled): b 0.033, T_min −7.6 °C; 0.033² · 15.6² is 0.265 an hour at 8 °C
        self::assertEqualsWithDelta(0.265 * M_LN2, Microbe::Pseudomonads->growth(8.0), 0.001);
        self::assertSame(0.0, Microbe::Pseudomonads->growth(-7.6));
        self::assertSame(0.0, Microbe::Pseudomonads->atWaterActivity(0.947));
        self::assertEqualsWithDelta(0.0, Microbe::Pseudomonads->atPh(4.5), 1e-9);
        self::assertSame(1.0, Microbe::Pseudomonads->atPh(7.0));
    }

    public function test_the_lag_ends_where_baranyi_and_roberts_have_it(): void
    {
        // without a lag the limit would come ln(10)/μ earlier than with one of h0 = 2.2; the lag of h0 costs h0/μ hours
        $growth = Growth::of(1000.0, 1.0, false, 8.0, 7.0, 1.0);
        $rate = Microbe::Pseudomonads->growth(8.0);
        $late = $growth->hoursTo(1e7);
        self::assertEqualsWithDelta((log(1e5) + 2.2) / $rate, $late, 0.05 * $late, 'pseudomonads, a tenth at first');
    }

    public function test_a_fridge_of_four_degrees_is_not_one_of_eight(): void
    {
        $at = static fn (float $celsius): float => self::days(Growth::of(100.0, 0.6, false, $celsius, 6.5, 1.0), 1e3);
        self::assertGreaterThan(1.6 * $at(8.0), $at(4.0));
        self::assertLessThan($at(8.0), $at(10.0));
    }

    /** @return iterable<string, array{array<string, mixed>, float}> formula, days */
    public static function formulas(): iterable
    {
        $fresh = static fn (array $lines, string $family, array $more = []): array => self::document($lines, [
            'family' => $family, 'keeping' => ['intended' => 'fresh', 'storage' => 'fridge'], ...$more,
        ]);
        yield 'flax gel' => [$fresh([['flaxseed-gel', '100 g']], 'gel'), 2.0];
        yield 'flax gel in a fridge of 4 °C' => [
            $fresh([['flaxseed-gel', '100 g']], 'gel', ['process' => ['fridge_c' => 4.0]]),
            4.0,
        ];
        yield 'flax gel in a fridge of 12 °C' => [
            $fresh([['flaxseed-gel', '100 g']], 'gel', ['process' => ['fridge_c' => 12.0]]),
            1.0,
        ];
        yield 'herbal tea' => [$fresh([['herbal-tea-generic', '100 g']], 'water_spray'), 3.0];
        yield 'herbal tea in a room' => [
            $fresh([['herbal-tea-generic', '100 g']], 'water_spray', ['keeping' => ['storage' => 'room']]),
            1.0,
        ];
        yield 'a clean emulsion' => [
            $fresh([['distilled-water', 'to 100'], ['olive-oil', '10 %'], ['btms-50', '4 %']], 'leave_in_emulsion'),
            5.0,
        ];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('formulas')]
    public function test_what_is_shown_is_the_shorter_of_two(array $document, float $days): void
    {
        self::assertSame($days, self::evaluate($document)->assessment->keeping->days);
    }

    /** @return iterable<string, array{float, string}> */
    public static function claims(): iterable
    {
        yield 'as long as is said here' => [2.0, ''];
        yield 'five days' => [5.0, 'mind'];
        yield 'eight days' => [8.0, 'mind'];
        yield 'ten days' => [10.0, 'stop'];
        yield 'thirty days' => [30.0, 'stop'];
    }

    #[DataProvider('claims')]
    public function test_a_claim_past_the_day_it_is_spoiled_at_five_degrees_stops(float $claimed, string $says): void
    {
        $evaluation = self::evaluate(self::document([['flaxseed-gel', '100 g']], [
            'family' => 'gel',
            'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => $claimed],
        ]));
        self::assertSame($says, self::finding($evaluation, 'keeping.claim_too_long')?->severity->value ?? '');
    }

    public function test_for_a_child_under_three_the_limit_is_a_tenth(): void
    {
        $spray = [['rose-hydrosol', '100 g']];
        $growth = Growth::of(10.0, 0.6, false, 8.0, 5.5, 1.0);
        self::assertSame([1000.0, 100.0], [$growth->limit(false), $growth->limit(true)], 'ISO 17516, recalled');
        self::assertSame(10 * $growth->after(0.0) * 10, Growth::of(100.0, 0.6, false, 8.0, 5.5, 1.0)->limit(true));
        self::assertLessThanOrEqual(
            self::evaluate(self::document($spray, ['family' => 'water_spray']))->assessment->keeping->days,
            self::evaluate(self::document($spray, [
                'family' => 'water_spray',
                'for' => ['audience' => 'child_under_3'],
            ]))->assessment->keeping->days,
        );
    }

    /** @return iterable<string, array{list<array{string, string}>, float, bool}> aw, keeps */
    public static function bound(): iterable
    {
        yield 'honey 60 % in water' => [[['honey', '60 %'], ['distilled-water', '40 %']], 0.90, false];
        yield 'honey 60 % with oil' => [[['honey', '60 %'], ['olive-oil', '40 %']], 0.56, true];
        yield 'glycerin 30 %' => [[['glycerin', '30 %'], ['distilled-water', '70 %']], 0.92, false];
        yield 'glycerin 70 %' => [[['glycerin', '70 %'], ['distilled-water', '30 %']], 0.66, true];
        yield 'glycerin 50 %: a check' => [[['glycerin', '50 %'], ['distilled-water', '50 %']], 0.81, true];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('bound')]
    public function test_the_water_beside_sugar_decides_not_its_share(array $lines, float $activity, bool $keeps): void
    {
        $assessment = self::evaluate(self::document($lines, ['family' => 'gel']))->assessment;
        self::assertEqualsWithDelta($activity, WaterActivity::of($assessment->composition) ?? 0.0, 0.02);
        self::assertSame($keeps ? 'dry' : 'fresh', $assessment->preservation->regime->value);
    }
}
