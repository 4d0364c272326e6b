<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Infusion\CookOut;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;

/**
 * Only water leaves the pot: what it lost, what is still to go, what the scale will show. Common practice: 95 % of the
 * plants' water.
 */
final class CookOutTest extends TestCase
{
    public function test_what_is_gone_and_what_is_left_add_up_to_what_has_to_go(): void
    {
        foreach ([1182.0, 1170.4, 1130.0, 1101.5] as $now) {
            $cooked = new CookOut(80.0, 1182.0, $now);
            self::assertEqualsWithDelta(1182.0 - 0.95 * 80.0, $cooked->weighsWhenDone(), 1e-9);
            self::assertSame($now <= $cooked->weighsWhenDone(), $cooked->isDone());
            $cooked->isDone() ?: self::assertEqualsWithDelta(0.95 * 80.0, $cooked->drivenOut() + $cooked->left(), 1e-9);
        }
    }

    public function test_what_cannot_be_by_water_alone_is_told(): void
    {
        self::assertTrue((new CookOut(80.0, 1182.0, 1080.0))->hasLostMore());
        self::assertFalse((new CookOut(80.0, 1182.0, 1104.0))->hasLostMore());
        self::assertTrue((new CookOut(80.0, 1182.0, 1190.0))->hasGained());
        self::assertEqualsWithDelta(0.0, (new CookOut(80.0, 1182.0, 1190.0))->drivenOut(), 1e-9);
        self::assertTrue((new CookOut(0.0, 500.0, 500.0))->isDone(), 'dry plants have nothing to lose');
        $this->expectException(InvalidArgumentException::class);
        new CookOut(80.0, 0.0, 10.0);
    }
}
