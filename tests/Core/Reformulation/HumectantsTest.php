<?php

declare(strict_types=1);

namespace Tests\Core\Reformulation;

use Ilvane\Core\Physics\WaterBinding;
use Ilvane\Core\Reformulation\Substitutes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What stands in for a humectant binds about as much water. */
final class HumectantsTest extends CoreCase
{
    /** @return iterable<string, array{string, float}> activity lost by a tenth in water, worked out by hand */
    public static function binding(): iterable
    {
        // 0.1/92.094 = 0.0010858 mol in 0.9/18.015 = 0.0499584 mol
        yield 'glycerin' => ['glycerin', 0.02127];
        // 0.1/342.3 = 0.00029214
        yield 'sugar' => ['table-sugar', 0.00581];
        // half of it salt of two particles: 0.05 · 2/151.1 = 0.00066181 in 0.95/18.015 = 0.0527338
        yield 'sodium pca, half water' => ['sodium-pca', 0.01239];
    }

    #[DataProvider('binding')]
    public function test_it_is_raoults_law(string $key, float $lost): void
    {
        self::assertEqualsWithDelta($lost, WaterBinding::of(self::catalogue()->get($key)), 5e-6);
    }

    public function test_for_what_is_not_in_the_table_nothing_is_said(): void
    {
        self::assertNull(WaterBinding::of(self::catalogue()->get('hyaluronic-acid')));
        self::assertNull(WaterBinding::of(self::catalogue()->get('jojoba-oil')));
    }

    public function test_a_glycol_is_more_like_glycerin_than_sugar_is(): void
    {
        $line = self::weigh(self::document([['distilled-water', 'to 100'], ['glycerin', '3 %']]))->lines[1];
        $composition = self::weigh(self::document([['distilled-water', 'to 100'], ['glycerin', '3 %']]));
        $order = array_map(
            static fn (array $one): string => $one['ingredient']->key,
            (new Substitutes(self::catalogue()))->for($line, $composition),
        );
        $at = static fn (string $key): int => array_search($key, $order, true) === false
            ? self::fail("$key is no substitute")
            : (int) array_search($key, $order, true);
        self::assertLessThan($at('sorbitol'), $at('propanediol'));
        self::assertLessThan($at('table-sugar'), $at('propanediol'));
    }
}
