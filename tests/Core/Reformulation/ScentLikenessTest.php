<?php

declare(strict_types=1);

namespace Tests\Core\Reformulation;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Reformulation\ScentLikeness;
use Ilvane\Core\Reformulation\Substitutes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What perfumers put side by side. Common practice, recalled. */
final class ScentLikenessTest extends CoreCase
{
    /** @return iterable<string, array{string, list<string>}> an oil, and what may come nearest to it */
    public static function kin(): iterable
    {
        yield 'bergamot without what burns in the sun' => [
            'bergamot-essential-oil-expressed', ['bergamot-essential-oil-fcf'],
        ];
        yield 'citrus peels are of a kind' => ['lemon-essential-oil-expressed', [
            'sweet-orange-essential-oil', 'grapefruit-essential-oil', 'bitter-orange-essential-oil',
            'mandarin-essential-oil', 'lime-essential-oil-expressed',
        ]];
        yield 'linalool and its acetate' => ['lavender-essential-oil', [
            'petitgrain-essential-oil', 'clary-sage-essential-oil',
        ]];
        yield 'eugenol' => ['clove-bud-essential-oil', ['cinnamon-leaf-essential-oil', 'bay-essential-oil']];
    }

    /** @param  list<string>  $near */
    #[DataProvider('kin')]
    public function test_the_nearest_are_what_one_would_reach_for(string $key, array $near): void
    {
        $likeness = new ScentLikeness(self::catalogue());
        $own = self::catalogue()->get($key);
        $distances = [];
        foreach (self::catalogue()->all() as $other) {
            if ($other->kind === Kind::EssentialOil && $other->key !== $key) {
                $distance = $likeness->distance($own, $other);
                $distances[$other->key] = $distance ?? 9.0;
                self::assertTrue($distance === null || ($distance >= 0.0 && $distance <= 5.0));
                self::assertEqualsWithDelta($distance ?? 0.0, $likeness->distance($other, $own) ?? 0.0, 1e-12);
            }
        }
        asort($distances);
        self::assertEqualsCanonicalizing($near, array_slice(array_keys($distances), 0, count($near)));
        self::assertSame(0.0, $likeness->distance($own, $own));
    }

    public function test_the_bench_offers_it_first(): void
    {
        $composition = self::weigh([
            'format' => 'ilvane.formula/1', 'name' => 'Oil', 'family' => 'hair_oil', 'lines' => [
                ['ingredient' => 'jojoba-oil', 'amount' => '99 g'],
                ['ingredient' => 'bergamot-essential-oil-expressed', 'amount' => '0.5 g'],
            ],
        ]);
        $instead = (new Substitutes(self::catalogue()))->for($composition->lines[1], $composition);
        self::assertSame('bergamot-essential-oil-fcf', $instead[0]['ingredient']->key);
    }
}
