<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Person\SkinLimit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What one's own skin has borne, from what was written down. */
final class SkinLimitTest extends TestCase
{
    /** @return iterable<string, array{list<array{float, float, string}>, array{?float, ?float, ?float}|null}> */
    public static function diaries(): iterable
    {
        yield 'nothing tried' => [[], null];
        yield 'fine so far' => [[[0.5, 10.0, 'nothing'], [1.0, 20.0, 'warm'], [1.0, 5.0, 'warm']], [1.0, 20.0, null]];
        yield 'too much once' => [[[0.5, 10.0, 'warm'], [2.0, 5.0, 'too_hot']], [0.5, 10.0, 2.0]];
        // it was fine at 1 another day, but at 1 it also burned: 1 is too much
        yield 'fine one day, burning another' => [
            [[1.0, 10.0, 'warm'], [1.0, 10.0, 'burning'], [0.5, 30.0, 'warm']],
            [0.5, 30.0, 1.0],
        ];
        yield 'only too much' => [[[0.3, 2.0, 'rash'], [0.8, 2.0, 'burning']], [null, null, 0.3]];
        yield 'stronger was fine, weaker was not' => [[[2.0, 5.0, 'warm'], [1.0, 60.0, 'rash']], [null, null, 1.0]];
        yield 'a word nobody knows counts as too much' => [[[1.0, 5.0, 'odd']], [null, null, 1.0]];
    }

    /**
     * @param  list<array{float, float, string}>  $tries
     * @param  array{?float, ?float, ?float}|null  $is
     */
    #[DataProvider('diaries')]
    public function test_it_is_what_was_borne_below_what_was_not(array $tries, ?array $is): void
    {
        $limit = SkinLimit::of(array_map(
            static fn (array $try): array => ['strength' => $try[0], 'minutes' => $try[1], 'felt' => $try[2]],
            $tries,
        ));
        self::assertSame($is, $limit === null ? null : [$limit->fine, $limit->minutes, $limit->tooMuch]);
    }
}
