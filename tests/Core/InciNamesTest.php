<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Material\InciNames;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The list printed on something bought, read name by name. */
final class InciNamesTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function lists(): iterable
    {
        yield 'as printed' => [
            'Ingredients: Aqua (Water), Cetearyl Alcohol, Behentrimonium Chloride, Parfum (Fragrance), Linalool.',
            ['Aqua', 'Cetearyl Alcohol', 'Behentrimonium Chloride', 'Parfum', 'Linalool'],
        ];
        yield 'in capitals' => [
            'INGRÉDIENTS : AQUA/WATER/EAU, CETEARYL ALCOHOL, GLYCERIN, PEG-40 CASTOR OIL, CI 19140',
            ['Aqua', 'Cetearyl Alcohol', 'Glycerin', 'Peg-40 Castor Oil', 'Ci 19140'],
        ];
        yield 'with dots, stars and line ends' => [
            "Eau • Cocos Nucifera (Coconut) Oil* • Glycerin**\nPhenoxyethanol · Aqua",
            ['Aqua', 'Cocos Nucifera Oil', 'Glycerin', 'Phenoxyethanol'],
        ];
        yield 'nothing to read' => ["12 % ; -- ,\n .", []];
        yield 'nothing' => ['', []];
    }

    /** @param  list<string>  $names */
    #[DataProvider('lists')]
    public function test_names_in_their_order_each_once(string $list, array $names): void
    {
        self::assertSame($names, InciNames::read($list));
    }

    public function test_shares_keep_the_order_and_make_a_whole(): void
    {
        $shares = InciNames::shares(['Aqua', 'Cetearyl Alcohol', 'Glycerin', 'Parfum'], 0.8);
        self::assertSame(['Aqua', 'Cetearyl Alcohol', 'Glycerin', 'Parfum'], array_keys($shares));
        self::assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
        self::assertSame(0.8, $shares['Aqua']);
        $sorted = $shares;
        arsort($sorted);
        self::assertSame($sorted, $shares);
        self::assertEqualsWithDelta(1.0, array_sum(InciNames::shares(['Glycerin', 'Aqua'], 0.8)), 1e-9);
        self::assertSame([], InciNames::shares([], 0.8));
    }

    public function test_a_hostile_list_is_cut(): void
    {
        self::assertLessThanOrEqual(100, count(InciNames::read(implode(', ', array_map(
            static fn (int $i): string => 'Name'.chr(97 + $i % 26).chr(97 + intdiv($i, 26) % 26),
            range(0, 5000),
        )))));
        self::assertSame([], InciNames::read(str_repeat('x', 20_000)));
    }
}
