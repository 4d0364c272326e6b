<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Texture\Whip;
use Tests\Support\CoreCase;

final class WhipTest extends CoreCase
{
    /** Definition: a litre that becomes 1.8 has an overrun of 80 %; the same cup then weighs 1/1.8. */
    public function test_the_overrun_follows_from_one_cup_weighed_twice(): void
    {
        self::assertEqualsWithDelta(0.8, Whip::overrun(90.0, 50.0), 1e-12);
        self::assertSame(0.0, Whip::overrun(90.0, 95.0), 'no less than none');
        self::assertSame(0.0, Whip::overrun(90.0, 0.0));
        foreach ([0.0, 0.4, 1.3] as $overrun) {
            $ml = Whip::volume(200.0, 0.9, Band::exact($overrun))->likely;
            self::assertEqualsWithDelta($overrun, Whip::overrun(0.9 * 50, 200.0 / $ml * 50), 1e-12);
        }
    }

    public function test_the_jars_hold_the_most_it_may_become(): void
    {
        $jar = self::catalogue()->containers()['pp-jar-100'];
        $ml = Whip::volume(200.0, 0.9, Whip::usualOverrun());
        $jars = Whip::containers($ml, $jar, 0.05);
        self::assertGreaterThanOrEqual($ml->high * 0.95, $jars * $jar->fillMl());
        self::assertLessThan($ml->high * 0.95, ($jars - 1) * $jar->fillMl());
    }
}
