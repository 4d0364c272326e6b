<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Safety\Infusion\InfusionRules;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a plant gives to oil, how much of it an oil draws from, how strong it may be: three limits kept apart. */
final class PlantsTest extends InfusionCase
{
    private static function of(string $key, float $grams, array $changes = []): array
    {
        return [
            ...['plants' => [['ingredient' => $key, 'amount' => "$grams g"]], 'jar_ml' => null], ...$changes,
        ];
    }

    /** @return list<string> */
    private static function said(array $changes): array
    {
        return array_map(
            static fn ($finding): string => "$finding->code {$finding->severity->value}",
            InfusionRules::examine(self::infuse($changes)),
        );
    }

    /** Grams in 300 g of oil: common practice. */
    #[DataProvider('much')]
    public function test_more_plant_than_the_oil_draws_from(string $key, float $at, float $beyond): void
    {
        self::assertNotContains('plant.much mind', self::said(self::of($key, $at)));
        self::assertContains('plant.much mind', self::said(self::of($key, $beyond)));
    }

    public static function much(): iterable
    {
        yield 'petals, 40 in 100' => ['calendula-dried', 120.0, 120.1];
        yield 'a powder, 30 in 100' => ['amla-powder', 90.0, 90.1];
        yield 'cloves, 15 in 100' => ['clove-buds', 45.0, 45.1];
        yield 'cayenne, 10 in 100' => ['cayenne-powder', 30.0, 30.1];
    }

    public function test_a_powder_left_in_and_an_oil_drawn_of_it_are_not_one_limit(): void
    {
        // 30 g of amla in 300 g of oil: far more than the 5 % that may stay in, and no oil too strong
        self::assertNotContains('dose.high mind', self::said(self::of('amla-powder', 30)));
        self::assertContains('irritant.strong stop', self::said(self::of('cayenne-powder', 9)), 'what burns burns');
    }

    public function test_what_gives_to_water_is_told(): void
    {
        self::assertContains('plant.gives_to_water note', self::said(self::of('marshmallow-root', 20)));
        self::assertNotContains('plant.gives_to_water note', self::said(self::of('calendula-dried', 20)));
    }

    /** Half is lost in ten days at 60 °C, of a delicate part in one: eight hours cost 2.3 %, not 20.6 %. */
    public function test_pungent_and_fat_soluble_parts_bear_heat(): void
    {
        $oven = ['method' => 'low_oven', 'temperature_c' => 60, 'days' => null, 'minutes' => 480];
        self::assertEqualsWithDelta(0.9772, self::infuse(self::of('cayenne-powder', 3, $oven))->end->kept, 0.0002);
        self::assertEqualsWithDelta(0.7937, self::infuse(self::of('calendula-dried', 30, $oven))->end->kept, 0.0002);
        $both = self::of('cayenne-powder', 3, $oven);
        $both['plants'][] = ['ingredient' => 'calendula-dried', 'amount' => '10 g'];
        self::assertEqualsWithDelta(0.7937, self::infuse($both)->end->kept, 0.0002, 'the delicate one decides');
    }

    /** Plants differ by 1.4 to either side: three weeks may be two or four. */
    public function test_ready_says_how_sure_it_is(): void
    {
        $jar = self::infuse(['days' => 42]);
        [$from, $to] = $jar->readyBetween();
        self::assertEqualsWithDelta($jar->readyDay / 1.4, $from, 0.01);
        self::assertEqualsWithDelta($jar->readyDay * 1.4, $to, 0.01);
        self::assertEqualsWithDelta(20.6, $jar->readyDay, 0.5);
        [, $late] = self::infuse(['days' => 21])->readyBetween();
        self::assertEqualsWithDelta($to, $late, 0.01, 'slow plants are given longer than planned');
        self::assertSame([null, null], self::infuse(['wished_strength' => 90])->readyBetween());
    }
}
