<?php

declare(strict_types=1);

namespace Tests\Core\Reformulation;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Reformulation\UsualShares;
use Tests\Support\CoreCase;

final class UsualSharesTest extends CoreCase
{
    /** @return array<int, string> likely percent by line, as told */
    private static function shares(array $keys, float $taken = 0.0, array $own = []): array
    {
        $open = array_map(self::catalogue()->get(...), $keys);

        return array_map(
            static fn (Band $share): string => sprintf('%.2f', $share->likely),
            UsualShares::of($open, $taken, $own),
        );
    }

    public function test_what_carries_fills_up_to_a_hundred(): void
    {
        $shares = self::shares(['distilled-water', 'glycerin', 'btms-50', 'jojoba-oil']);
        self::assertEqualsWithDelta(100.0, array_sum($shares), 0.05);
        self::assertSame(sprintf('%.2f', self::catalogue()->get('glycerin')->usualUse()), $shares[1]);
        self::assertGreaterThan(50, $shares[0]);
    }

    public function test_own_shares_go_before_the_usual_ones(): void
    {
        $own = ['glycerin' => [1.0, 2.0, 9.0]];
        self::assertSame('2.00', self::shares(['distilled-water', 'glycerin'], 0.0, $own)[1]);
        $band = UsualShares::of([1 => self::catalogue()->get('glycerin')], 60.0, $own)[1];
        self::assertSame([1.0, 2.0, 9.0], [$band->low, $band->likely, $band->high]);
    }

    public function test_there_is_nothing_to_fill_where_there_is_no_room(): void
    {
        self::assertSame([], self::shares(['glycerin'], 100.0));
        self::assertSame([], self::shares(['glycerin'], 98.0), 'three percent don’t fit into two');
        self::assertSame([], self::shares([]));
    }

    /** Whatever is asked: no share below nought, none above a hundred, the band around the likely one. */
    public function test_shares_stay_shares(): void
    {
        mt_srand(7);
        $keys = array_values(array_filter(
            array_unique(self::catalogue()->names()),
            static fn (string $key): bool => self::catalogue()->get($key)->usualUse() > 0,
        ));
        for ($i = 0; $i < 300; $i++) {
            $open = array_map(
                self::catalogue()->get(...),
                array_map(static fn ($at): string => (string) $keys[$at], (array) array_rand($keys, mt_rand(2, 7))),
            );
            $taken = mt_rand(0, 90);
            foreach (UsualShares::of($open, $taken, []) as $share) {
                self::assertGreaterThanOrEqual(0.0, $share->low);
                self::assertLessThanOrEqual(100.001 - $taken, $share->high);
                self::assertTrue($share->low <= $share->likely && $share->likely <= $share->high);
            }
        }
    }
}
