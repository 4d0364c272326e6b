<?php

declare(strict_types=1);

namespace Tests\Core\Material;

use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\Folded;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Material\UnknownMaterial;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** The shipped tables hold together. */
final class CatalogueDataTest extends CoreCase
{
    /** @return list<array<string, string>> */
    private static function csv(string $file): array
    {
        $handle = fopen(dirname(__DIR__, 3)."/data/$file.csv", 'r') ?: throw new \RuntimeException($file);
        $head = fgetcsv($handle, escape: '') ?: [];
        $rows = [];
        while (($cells = fgetcsv($handle, escape: '')) !== false) {
            self::assertCount(count($head), $cells, "$file: ".($cells[0] ?? ''));
            $rows[] = array_combine($head, $cells);
        }

        return $rows;
    }

    public function test_every_row_is_well_formed(): void
    {
        $words = static fn (string $enum): array => array_column($enum::cases(), 'value');
        $seen = [];
        foreach (self::csv('ingredients') as $row) {
            $key = $row['key'];
            self::assertMatchesRegularExpression('/^[a-z0-9]+(-[a-z0-9]+)*$/', $key);
            self::assertArrayNotHasKey($key, $seen);
            $seen[$key] = true;
            self::assertContains($row['kind'], $words(Kind::class), $key);
            self::assertContains($row['default_phase'], $words(Phase::class), $key);
            self::assertContains($row['charge'], $words(Charge::class), $key);
            foreach (['allergen_flags' => Allergen::class, 'caution_flags' => Caution::class] as $column => $enum) {
                foreach ($row[$column] === '' ? [] : explode('|', $row[$column]) as $flag) {
                    self::assertContains($flag, $words($enum), "$key $column");
                }
            }
            foreach (['name_en', 'name_fr', 'inci', 'aliases', 'source', 'use_max_pct', 'storage'] as $column) {
                self::assertNotSame('', $row[$column], "$key $column");
            }
            foreach ([
                ['use_min_pct', 'use_typ_pct', 'use_max_pct', 'rinse_off_max_pct'],
                ['melt_low_c', 'melt_high_c'],
                ['ph_min', 'ph_max'],
                ['shelf_life_months_opened', 'shelf_life_months_unopened'],
                ['sfc_35', 'sfc_30', 'sfc_25', 'sfc_20', 'sfc_10'],
            ] as $rising) {
                $values = array_map(
                    floatval(...),
                    array_filter(
                        array_map(static fn (string $column): string => $row[$column], $rising),
                        static fn (string $cell): bool => $cell !== '',
                    ),
                );
                $sorted = $values;
                sort($sorted);
                self::assertSame($sorted, array_values($values), $key.': '.implode(' <= ', $rising));
            }
            if ($row['legal_max_pct'] !== '') {
                self::assertLessThanOrEqual((float) $row['legal_max_pct'], (float) $row['use_max_pct'], $key);
            }
            if ($row['caution_flags'] !== '') {
                self::assertNotSame('', $row['caution_note'], "$key is flagged without a note");
            }
        }
    }

    public function test_no_name_stands_for_two_ingredients(): void
    {
        $owner = [];
        foreach (self::csv('ingredients') as $row) {
            foreach (array_unique(array_map(Folded::of(...), explode('|', $row['aliases']))) as $alias) {
                self::assertArrayNotHasKey($alias, $owner, "$alias: ".($owner[$alias] ?? '')." and {$row['key']}");
                $owner[$alias] = $row['key'];
            }
        }
        foreach ($owner as $alias => $key) {
            self::assertSame($key, self::catalogue()->named((string) $alias)?->key);
        }
    }

    public function test_blends_add_up_and_belong_to_something(): void
    {
        $sums = [];
        foreach (self::csv('preservative_components') as $row) {
            $sums[$row['key']] = ($sums[$row['key']] ?? 0.0) + (float) $row['pct_of_blend_typ'];
            self::assertSame(Kind::Preservative, self::catalogue()->get($row['key'])->kind);
        }
        foreach (self::csv('blend_components') as $row) {
            $sums[$row['key']] = ($sums[$row['key']] ?? 0.0) + (float) $row['pct_of_blend'];
        }
        foreach ($sums as $key => $sum) {
            self::assertEqualsWithDelta(100.0, $sum, 0.6, $key);
        }
        foreach (self::catalogue()->all() as $ingredient) {
            if ($ingredient->kind === Kind::Preservative) {
                self::assertNotSame([], $ingredient->preservativeComponents, $ingredient->key);
                self::assertNotNull($ingredient->coverage, $ingredient->key);
            }
        }
    }

    public function test_side_tables_name_known_ingredients(): void
    {
        foreach ([
            'essential_oil_constituents' => 'key',
            'plant_constituents' => 'key',
            'piece_weights' => 'ingredient',
            'preservative_coverage' => 'key',
        ] as $file => $column) {
            foreach (self::csv($file) as $row) {
                self::assertTrue(self::catalogue()->has($row[$column]), "$file: {$row[$column]}");
            }
        }
        self::assertGreaterThan(
            10,
            count(self::csv('vessels'))
                + count(self::csv('packaging'))
                + count(self::csv('preparations'))
                + count(self::csv('charge_pairs')),
        );
    }

    #[DataProvider('names')]
    public function test_names_are_found_in_both_languages(string $name, string $key): void
    {
        self::assertSame($key, self::catalogue()->named($name)?->key);
    }

    public static function names(): iterable
    {
        yield ['Shea Butter', 'shea-butter-unrefined'];
        yield ['beurre de karité', 'shea-butter-unrefined'];
        yield ['BTMS-50', 'btms-50'];
        yield ['Huile d’amande douce', 'sweet-almond-oil'];
        yield ['ROSEMARY ESSENTIAL OIL', 'rosemary-essential-oil'];
        yield ['eau', 'distilled-water'];
    }

    public function test_names_too_unsafe_to_guess_are_not_guessed(): void
    {
        foreach (['lemon', 'eucalyptus', 'hibiscus powder', 'squalene', 'oil', ''] as $name) {
            self::assertNull(self::catalogue()->named($name), $name);
        }
    }

    public function test_the_search_goes_by_beginnings_of_words(): void
    {
        $keys = array_map(static fn ($ingredient): string => $ingredient->key, self::catalogue()->search('alm oil'));
        self::assertContains('sweet-almond-oil', $keys);
        self::assertSame([], self::catalogue()->search('zzzz'));
        self::assertSame([], self::catalogue()->search(" \0 "));
        self::assertCount(3, self::catalogue()->search('oil', 3));
    }

    public function test_an_unknown_key_throws(): void
    {
        $this->expectException(UnknownMaterial::class);
        self::catalogue()->get('philosophers-stone');
    }

    /** @param  list<string>  $among */
    #[DataProvider('searches')]
    public function test_the_search_goes_by_part_use_inci_and_french(string $wanted, array $among): void
    {
        $found = array_map(static fn ($it): string => $it->key, self::catalogue()->search($wanted, 200));
        foreach ($among as $key) {
            self::assertContains($key, $found, $wanted);
        }
    }

    public static function searches(): iterable
    {
        yield 'a part within a word' => ['oxyethanol', ['phenoxyethanol']];
        yield 'emulsifiers' => ['emulsifier', ['btms-50', 'emulsifying-wax-nf', 'cetearyl-glucoside']];
        yield 'in French, many' => ['émulsifiants', ['btms-50', 'cetearyl-glucoside']];
        yield 'herbs for oils' => ['herb oil', ['calendula-dried', 'nettle-dried']];
        yield 'carriers' => ['carrier', ['jojoba-oil', 'marula-oil']];
        yield 'what detangles' => ['detangler', ['btms-25', 'polyquaternium-7']];
        yield 'INCI' => ['sclerocarya birrea', ['marula-oil']];
        yield 'INCI, a part of it' => ['Butyrospermum', ['shea-butter-refined']];
        yield 'French' => ['argile', ['kaolin-clay', 'green-clay', 'bentonite-clay']];
        yield 'what has no place at home' => ['not for home', ['hydroquinone', 'borax']];
    }

    public function test_an_exact_name_comes_before_all_that_is_used_so(): void
    {
        self::assertSame('glycerin', self::catalogue()->search('glycerin')[0]->key);
        self::assertSame('beeswax', self::catalogue()->search('beeswax')[0]->key);
        self::assertSame([], self::catalogue()->search('qqq'));
    }

    /** Who says so stands beside every figure, and every side table speaks of what there is. */
    public function test_every_row_of_every_table_names_its_source(): void
    {
        foreach ([
            'bioburden', 'blend_components', 'contents', 'essential_oil_constituents', 'fatty_acids', 'figure_sources',
            'limits', 'partition', 'piece_weights', 'plant_constituents',
            'preservative_components', 'preservative_coverage', 'presets',
            'solubility', 'traits', 'wax_gels', 'charge_pairs', 'vague_names', 'unsaid_kinds', 'choices',
        ] as $file) {
            foreach (self::csv($file) as $row) {
                self::assertNotSame('', $row['source'], "$file: ".implode(',', array_slice($row, 0, 2)));
                $key = $row['key'] ?? $row['ingredient'] ?? $row['of'] ?? '';
                if ($key !== '' && ! str_contains($key, ':')) {
                    self::assertTrue(self::catalogue()->has($key), "$file: $key");
                }
            }
        }
        foreach (self::csv('fatty_acids') as $row) {
            self::assertLessThanOrEqual(100.0, (float) $row['oleic_pct'] + (float) $row['linoleic_pct']
                + (float) $row['linolenic_pct'], $row['key']);
        }
    }
}
