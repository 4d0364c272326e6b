<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Yield\Balance;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BalanceTest extends TestCase
{
    public function test_every_history_adds_up_to_what_went_in(): void
    {
        $dice = new Randomizer(new Mt19937(6));
        for ($i = 0; $i < 500; $i++) {
            $in = $dice->getInt(500, 50_000) / 100;
            $balance = Balance::of(
                $in,
                $in * $dice->getInt(0, 120) / 100,
                $dice->getInt(0, 30) / 10,
                $dice->getInt(0, 300) / 10,
                $dice->getInt(0, 200) / 10,
                Band::of(0.02, 0.05, 0.09),
            );
            self::assertEqualsWithDelta($in, array_sum($balance->parts()), 1e-9);
            self::assertGreaterThanOrEqual(0.0, $balance->steamed);
        }
    }

    public function test_what_is_missing_is_asked_about_beyond_what_hands_and_scales_do(): void
    {
        $filled = static fn (float $grams): Balance => Balance::of(
            200.0,
            $grams,
            2.0,
            0.0,
            1.5,
            Band::of(0.02, 0.05, 0.09),
        );
        self::assertTrue($filled(186.0)->isExplained());
        self::assertTrue($filled(178.0)->isExplained(), 'a bowl that keeps more than usual');
        self::assertFalse($filled(150.0)->isExplained());
        self::assertGreaterThan(30.0, $filled(150.0)->unexplained());
        self::assertFalse($filled(215.0)->isExplained());
        self::assertLessThan(0.0, $filled(215.0)->unexplained());
        self::assertEqualsWithDelta((200 - 186 - 2 - 1.5) / 200, $filled(186.0)->bowlShare(), 1e-12);
    }
}
