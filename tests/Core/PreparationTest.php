<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Learned;
use Ilvane\Core\Preparation\Perishing;
use Ilvane\Core\Preparation\Quantities;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Lives and ratios: common practice, the short end of what makers say. */
final class PreparationTest extends CoreCase
{
    private static function method(string $key): PreparationMethod
    {
        return self::catalogue()->preparations()[$key];
    }

    public function test_enough_plant_and_water_for_what_is_wanted(): void
    {
        $amounts = Quantities::toGet(200.0, self::method('marshmallow-decoction'));
        self::assertEqualsWithDelta(200 / 0.68, $amounts->water, 1e-9);
        self::assertEqualsWithDelta(0.05, $amounts->plant / $amounts->water, 1e-12, 'root about 1:20');
        self::assertEqualsWithDelta(200.0, $amounts->expected->likely, 1e-9);
        $leaf = Quantities::toGet(90.0, self::method('aloe-gel-from-leaf'));
        self::assertSame(0.0, $leaf->water, 'no water goes into aloe gel');
        self::assertEqualsWithDelta(200.0, $leaf->plant, 1e-9);
    }

    public function test_own_makings_take_over(): void
    {
        $method = self::method('marshmallow-decoction');
        $own = Quantities::toGet(200.0, $method, [0.5, 0.5, 0.5]);
        self::assertEqualsWithDelta(
            0.4 * 0.68 + 0.6 * 0.5,
            $own->yield->value->likely,
            1e-12,
            'three of them: three fifths of the way',
        );
        self::assertGreaterThan(Quantities::toGet(200.0, $method)->water, $own->water);
        self::assertEqualsWithDelta(0.5, Quantities::yieldOf(100, 10, 200), 1e-12);
        self::assertEqualsWithDelta(0.4, Quantities::yieldOf(80, 200, 0), 1e-12);
    }

    public function test_what_is_learned_begins_as_the_default(): void
    {
        $default = Band::of(1, 2, 3);
        self::assertSame($default, Learned::from($default, [])->value);
        $one = Learned::from($default, [2.9]);
        self::assertEqualsWithDelta(2 * 2 / 3 + 2.9 / 3, $one->value->likely, 1e-12);
        self::assertNull($one->spread);
        $many = Learned::from($default, [9, 9, 9, 2.0, 2.2, 2.1, 2.0, 2.2]);
        self::assertSame(5, $many->count);
        self::assertEqualsWithDelta(2.1, $many->ownMean, 1e-12);
        self::assertEqualsWithDelta(0.1, $many->spread, 1e-12);
        self::assertLessThan($default->width(), $many->value->width());
    }

    #[DataProvider('lives')]
    public function test_how_long_they_keep(string $method, float $fridgeDays): void
    {
        self::assertSame(
            24 * $fridgeDays,
            Perishing::lasts(self::method($method), [['hour' => 0.0, 'storage' => Storage::Fridge]]),
        );
    }

    public static function lives(): iterable
    {
        yield 'aloe gel' => ['aloe-gel-from-leaf', 1];
        yield 'rice water, soaked' => ['rice-water-plain-soak', 1];
        yield 'rice water, boiled' => ['rice-water-boiled', 2];
        yield 'tea' => ['herbal-tea-infusion', 3];
        yield 'mucilage' => ['flaxseed-gel-prep', 2];
    }

    /** What is made and then put on the bench is one thing: the bench gives it no longer than the kitchen did. */
    public function test_it_keeps_no_longer_on_the_bench_than_as_it_was_made(): void
    {
        $longest = [];
        foreach (self::catalogue()->preparations() as $method) {
            $days = Perishing::hours($method, Storage::Fridge) / 24;
            $longest[$method->ingredient] = max($longest[$method->ingredient] ?? 0.0, $days);
        }
        self::assertGreaterThan(18, count($longest));
        foreach ($longest as $ingredient => $days) {
            $bench = self::evaluate(self::document([[$ingredient, '100 g']], [
                'family' => 'gel',
                'keeping' => ['intended' => 'fresh', 'storage' => 'fridge'],
            ]))->assessment->keeping->days;
            self::assertNotNull($bench, $ingredient);
            self::assertGreaterThanOrEqual(1.0, $bench, $ingredient);
            self::assertLessThanOrEqual(floor($days), $bench, $ingredient);
        }
    }

    public function test_a_colder_fridge_keeps_it_longer_and_a_warm_one_shorter(): void
    {
        $gel = self::method('flaxseed-gel-prep'); // 3 days at most, whatever the fridge
        self::assertSame([72.0, 48.0, 24.0], array_map(
            static fn (float $celsius): float => Perishing::hours($gel, Storage::Fridge, $celsius),
            [4.0, 8.0, 14.0],
        ));
    }

    public function test_every_method_keeps_shortest_on_the_counter_and_thirty_to_ninety_days_frozen(): void
    {
        foreach (self::catalogue()->preparations() as $method) {
            $hours = array_map(
                static fn (Storage $storage): float => Perishing::hours($method, $storage),
                Storage::cases(),
            );
            self::assertLessThanOrEqual($hours[1], $hours[0], $method->key);
            self::assertLessThan($hours[2], $hours[1], $method->key);
            self::assertLessThanOrEqual(24.0, $hours[0], "$method->key: the same day");
            self::assertGreaterThanOrEqual(30 * 24, $hours[2], $method->key);
            self::assertLessThanOrEqual(90 * 24, $hours[2], $method->key);
            self::assertTrue(self::catalogue()->has($method->ingredient), $method->key);
            foreach ($method->plants as $plant) {
                self::assertTrue(self::catalogue()->has($plant), "$method->key: $plant");
            }
            self::assertFileExists(dirname(__DIR__, 2).'/lang/en/preparations.php');
            $words = (require dirname(__DIR__, 2).'/lang/en/preparations.php')[$method->key] ?? [];
            self::assertNotEmpty($words['steps'] ?? [], "$method->key has its steps");
        }
    }

    public function test_life_used_up_is_not_given_back_by_moving_it(): void
    {
        $tea = self::method('herbal-tea-infusion'); // 12 h on the counter, 72 in the fridge
        $lasts = static fn (array $stays): float => Perishing::lasts(
            $tea,
            array_map(static fn (array $stay): array => ['hour' => $stay[0], 'storage' => $stay[1]], $stays),
        );
        self::assertEqualsWithDelta(
            6 + 36.0,
            $lasts([[0.0, Storage::Room], [6.0, Storage::Fridge]]),
            1e-9,
            'half its life on the counter leaves half of the other',
        );
        self::assertEqualsWithDelta(
            12.0,
            $lasts([[0.0, Storage::Room], [30.0, Storage::Fridge]]),
            1e-9,
            'gone before it was moved',
        );
        $frozen = $lasts([[0.0, Storage::Fridge], [24.0, Storage::Freezer]]);
        self::assertEqualsWithDelta(24 + 2 / 3 * 90 * 24, $frozen, 1e-6);
        self::assertEqualsWithDelta(
            24.0 * 10 + 24.0,
            $lasts([[0.0, Storage::Freezer], [24.0 * 10, Storage::Fridge]]),
            1e-9,
            'thawed: a day',
        );
        self::assertEqualsWithDelta(
            24.0 * 10 + 24.0,
            $lasts([[0.0, Storage::Freezer], [24.0 * 10, Storage::Fridge], [24.0 * 10 + 2, Storage::Freezer]]),
            1e-9,
            'frozen again it stays so',
        );
    }
}
