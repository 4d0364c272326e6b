<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\ShelfLife\StabilityTest;
use PHPUnit\Framework\TestCase;

final class StabilityTestTest extends TestCase
{
    private static function seen(string $place, float $day, string $look = 'sound'): array
    {
        return ['place' => $place, 'day' => $day, 'look' => $look];
    }

    /** ASTM F1980 with Q10 2 (recalled): 84 days at 40 °C for 336 in the room; in the fridge time runs slower. */
    public function test_days_in_the_warm_stand_for_more(): void
    {
        self::assertEqualsWithDelta(336.0, StabilityTest::inRoom('warm', 84), 1e-9);
        self::assertSame(84.0, StabilityTest::inRoom('room', 84));
        self::assertEqualsWithDelta(84 / 2 ** 1.5, StabilityTest::inRoom('cold', 84), 1e-9);
    }

    public function test_what_held_and_what_failed_first(): void
    {
        self::assertSame([null, 0.0], [StabilityTest::of([])->failed, StabilityTest::of([])->held]);
        $held = StabilityTest::of([self::seen('room', 28), self::seen('warm', 14)]);
        self::assertNull($held->failed);
        self::assertEqualsWithDelta(56.0, $held->held, 1e-9, 'the warm one has seen more');

        $failed = StabilityTest::of([
            self::seen('warm', 7),
            self::seen('warm', 28, 'parted'),
            self::seen('room', 84, 'smell'),
            self::seen('warm', 56, 'mould'),
        ]);
        self::assertSame(
            ['room', 'smell'],
            [$failed->failed['place'] ?? '', $failed->failed['look'] ?? ''],
            '84 days of the room come before 112',
        );
        self::assertEqualsWithDelta(28.0, $failed->held, 1e-9);
    }

    public function test_when_to_look_next(): void
    {
        self::assertNull(StabilityTest::nextLook([]), 'nothing was set aside');
        self::assertSame(7, StabilityTest::nextLook(['room' => [1.0], 'warm' => [1.0, 7.0]]), 'the one that lags');
        self::assertSame(
            14,
            StabilityTest::nextLook(['room' => [9.0]]),
            'looked late, the day before it counts as done',
        );
        self::assertNull(StabilityTest::nextLook(['room' => [84.0]]));
    }
}
