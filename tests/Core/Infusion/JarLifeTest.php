<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\JarContents;
use Ilvane\Core\Infusion\JarLife;
use Ilvane\Core\Infusion\OilMoved;
use Ilvane\Core\Measure\Tools;

/** A jar as it was lived with: the model follows what was really done. */
final class JarLifeTest extends InfusionCase
{
    private static function life(
        float $today,
        array $shakes = [],
        array $readings = [],
        array $moved = [],
        array $changes = [],
    ): JarLife {
        $plan = InfusionPlanDocument::read(self::plan($changes));

        return new JarLife(
            $plan,
            JarContents::of($plan, self::catalogue(), new Tools),
            $shakes,
            $readings,
            $moved,
            $today,
        );
    }

    private static function strength(JarLife $life): float
    {
        return $life->steeping()->at($life->today)->strength();
    }

    public function test_kept_as_planned_it_is_as_strong_as_planned(): void
    {
        $life = self::life(21.0, [3.0, 6.0, 9.0, 12.0, 15.0, 18.0]);
        self::assertEqualsWithDelta(self::infuse()->end->strength(), self::strength($life), 1e-9);
        self::assertSame(300.0, $life->oil());
    }

    public function test_shakes_left_out_cost_and_shakes_on_top_give(): void
    {
        $kept = self::strength(self::life(21.0, [3.0, 6.0, 9.0, 12.0, 15.0, 18.0]));
        $missed = self::strength(self::life(21.0, [3.0, 18.0]));
        $daily = self::strength(self::life(21.0, range(1.0, 20.0)));
        self::assertLessThan($kept, $missed);
        self::assertGreaterThan($kept, $daily);
        self::assertGreaterThan(self::strength(self::life(21.0)), $missed, 'never shaken is the least');
        self::assertEqualsWithDelta($missed, self::strength(self::life(21.0, [3.0, 18.0], moved: [])), 1e-12);
    }

    public function test_a_shake_written_down_late_counts_when_it_was_given(): void
    {
        self::assertEqualsWithDelta(
            self::strength(self::life(12.0, [3.0, 6.0, 9.0])),
            self::strength(self::life(12.0, [3.0, 6.0, 9.0])),
            1e-12,
        );
        $late = self::life(10.0, [3.0]);
        self::assertSame([6.0, 2], [$late->nextShake(), $late->missedShakes()]);
        self::assertSame(0, self::life(5.9, [3.0])->missedShakes());
        self::assertNull(self::life(5.0, changes: ['shake_every_days' => 0])->nextShake());
        self::assertNull(self::life(
            0.01,
            changes: ['method' => 'warm_bath', 'temperature_c' => 95, 'days' => null, 'minutes' => 45],
        )->nextShake());
    }

    public function test_a_colder_place_slows_it_from_when_it_was_read(): void
    {
        $shakes = [3.0, 6.0, 9.0, 12.0, 15.0, 18.0];
        $cold = self::life(21.0, $shakes, [['day' => 7.0, 'celsius' => 12.0]]);
        self::assertLessThan(self::strength(self::life(21.0, $shakes)), self::strength($cold));
        self::assertEqualsWithDelta(
            self::life(21.0, $shakes)->steeping()->at(6.5)->strength(),
            $cold->steeping()->at(6.5)->strength(),
            1e-9,
            'what was before stays',
        );
    }

    public function test_oil_moved_is_accounted_for(): void
    {
        $moved = [
            new OilMoved(5.0, takenOut: 80.0),
            new OilMoved(6.0, toppedUp: 30.0),
            new OilMoved(9.0, takenOut: 20.0),
        ];
        $life = self::life(10.0, [3.0, 6.0, 9.0], moved: $moved);
        self::assertSame([230.0, 70.0], [$life->oil(), $life->missing()]);
        self::assertSame(220.0, self::life(5.5, moved: [$moved[0]])->leastOilFrom(1.0));
        self::assertSame(220.0, $life->leastOilFrom(4.0), 'taking more on day 4 may not empty it on day 5');
        self::assertSame(230.0, $life->leastOilFrom(9.5));
        $jar = $life->steeping()->at(10.0);
        self::assertEqualsWithDelta(30.0, $jar->accounted(), 1e-9);
        self::assertEqualsWithDelta(230.0, $jar->oil, 1e-9);
    }

    public function test_the_curve_goes_on_past_the_plan_when_it_is_not_strained(): void
    {
        $life = self::life(40.0, [3.0]);
        self::assertGreaterThan(40.0, $life->lasts());
        $onward = $life->onward($life->steeping()->at(40.0), 10.0);
        self::assertGreaterThan(self::strength($life), $onward->strength());
        self::assertEqualsWithDelta(
            self::strength($life),
            $life->onward($life->steeping()->at(40.0), -3.0)->strength(),
            1e-12,
        );
    }
}
