<?php

declare(strict_types=1);

namespace Tests\Core\Pins;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\SoundFormulas;

/** Made-up formulas over the range of what is made, and at the edges of what is said. */
final class Formulas
{
    /**
     * @param  list<array{0: string, 1: string, 2?: string, 3?: array<string, mixed>}>  $lines
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function of(string $family, array $lines, array $more = []): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Test',
            'family' => $family,
            'scale_resolution_g' => 0.01,
            'batch' => ['grams' => 200.0],
            ...$more,
            'lines' => array_map(static fn (array $line): array => array_filter([
                'ingredient' => $line[0], 'amount' => $line[1], 'phase' => $line[2] ?? null, ...($line[3] ?? []),
            ]), $lines),
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function weighed(array $document, Catalogue $catalogue): Composition
    {
        return (new Weighing($catalogue, new Tools))->of(FormulaDocument::read($document));
    }

    /** @return iterable<string, array<string, mixed>> without water */
    public static function fatty(): iterable
    {
        $blends = [
            'olive' => ['olive-oil' => 100],
            'grapeseed' => ['grapeseed-oil' => 100],
            'jojoba' => ['jojoba-oil' => 100],
            'castor with wax' => ['castor-oil' => 85, 'beeswax' => 15],
            'olive with little wax' => ['olive-oil' => 97, 'beeswax' => 3],
            'olive with wax' => ['olive-oil' => 88, 'beeswax' => 12],
            'candelilla' => ['sunflower-oil-high-oleic' => 85, 'candelilla-wax' => 15],
            'half castor' => ['castor-oil' => 40, 'olive-oil' => 40, 'beeswax' => 20],
            'shea' => ['shea-butter-refined' => 100],
            'shea and oil' => ['shea-butter-unrefined' => 70, 'apricot-kernel-oil' => 30],
            'cocoa and coconut' => ['cocoa-butter' => 30, 'coconut-oil' => 40, 'olive-oil' => 30],
            'mango, wax, ester' => ['mango-butter' => 50, 'beeswax' => 8, 'fractionated-coconut-oil' => 42],
            'not measured' => ['avocado-butter' => 50, 'olive-oil' => 50],
            'kept by tocopherol' => ['sweet-almond-oil' => 99.5, 'vitamin-e-tocopherols' => 0.5],
            'kept by little tocopherol' => ['sweet-almond-oil' => 99.98, 'vitamin-e-tocopherols' => 0.02],
            'kept by rosemary' => ['hemp-seed-oil' => 99.8, 'rosemary-oleoresin-extract' => 0.2],
            'too much rosemary' => ['hemp-seed-oil' => 95, 'rosemary-oleoresin-extract' => 5],
        ];
        foreach ($blends as $name => $parts) {
            yield $name => self::of('hair_oil', array_map(
                static fn (string $key, float $percent): array => [$key, "$percent %"],
                array_keys($parts),
                $parts,
            ));
        }
    }

    /** @return iterable<string, array<string, mixed>> with water */
    public static function watery(): iterable
    {
        $mixes = [
            'citric' => ['citric-acid' => 0.5], 'lactic' => ['lactic-acid' => 1.0],
            'spirit' => ['clear-spirit-40' => 30],
            'apple vinegar' => ['apple-cider-vinegar' => 10], 'honey' => ['honey' => 12],
            'soap' => ['castile-soap-liquid' => 3],
            'soda' => ['sodium-bicarbonate' => 1], 'lactate' => ['sodium-lactate' => 2, 'lactic-acid' => 0.5],
            'benzoate' => ['sodium-benzoate-potassium-sorbate' => 1, 'citric-acid' => 0.2],
            'gluconolactone' => ['gluconolactone-sodium-benzoate' => 1.5],
            'dehydroacetic' => ['benzyl-alcohol-dehydroacetic-acid' => 0.9],
            'carbomer' => ['carbomer' => 0.4], 'lye' => ['carbomer' => 0.4, 'sodium-hydroxide-solution' => 1.5],
            'banana' => ['banana-flesh' => 30, 'citric-acid' => 0.3], 'egg' => ['egg-yolk' => 15, 'lactic-acid' => 0.5],
            'aloe' => ['aloe-juice' => 30], 'yogurt' => ['yoghurt' => 40], 'hydrosol' => ['rose-hydrosol' => 60],
            'some hydrosol' => ['rose-hydrosol' => 10], 'plain' => ['glycerin' => 3],
        ];
        foreach ($mixes as $name => $parts) {
            $lines = array_map(
                static fn (string $key, float $percent): array => [$key, "$percent %"],
                array_keys($parts),
                $parts,
            );
            yield $name => self::of('water_spray', [['distilled-water', 'to 100'], ...$lines]);
        }
        foreach (SoundFormulas::all() as $name => $formula) {
            yield $name => self::of($formula[0], $formula[1], $formula[2] ?? []);
        }
    }

    /** @return iterable<string, array<string, mixed>> each of a few formulas with one thing changed */
    public static function swept(): iterable
    {
        foreach (self::bases() as $name => [$family, $lines, $more]) {
            yield $name => self::of($family, $lines, $more);
            foreach ($lines as $i => [$key, $amount]) {
                if (! is_numeric(rtrim($amount, ' %'))) {
                    continue;
                }
                foreach ([0.4, 1.6, 3.0] as $times) {
                    $changed = $lines;
                    $changed[$i][1] = round($times * (float) $amount, 3).' %';
                    yield "$name, $times times the $key" => self::of($family, $changed, $more);
                }
                yield "$name, $key weighed" => self::of($family, array_map(
                    static fn (array $line): array => [
                        $line[0],
                        (is_numeric(rtrim($line[1], ' %')) ? round(3 * (float) $line[1], 2) : 200).' g',
                        ...array_slice($line, 2),
                    ],
                    array_replace($lines, [$i => [$key, (2.2 * (float) $amount).' %', ...array_slice($lines[$i], 2)]]),
                ), [...$more, 'batch' => null]);
            }
            foreach ([4.0, 15.0, 60.0, 1500.0, 5000.0] as $grams) {
                yield "$name, $grams g" => self::of($family, $lines, [...$more, 'batch' => ['grams' => $grams]]);
            }
            foreach ([2.4, 3.4, 3.6, 4.5, 5.6, 6.4, 7.1, 8.6, 11.2] as $ph) {
                yield "$name, pH $ph" => self::of($family, $lines, [...$more, 'ph' => $ph]);
            }
            yield "$name, rinsed off" => self::of($family, $lines, [...$more, 'use' => 'rinse_off']);
            foreach ([40.0, 58.0, 72.0, 84.0, 101.0] as $celsius) {
                yield "$name, heated to $celsius" => self::of($family, $lines, [
                    ...$more, 'process' => [...$more['process'] ?? [], 'heat_to_c' => $celsius],
                ]);
            }
            foreach (self::added() as [$key, $amount, $phase, $rest]) {
                $all = [...$lines, [$key, $amount, $phase, $rest]];
                yield "$name, with $amount $key" => self::of($family, $all, $more);
            }
        }
    }

    /** @return list<array{string, string, string|null, array<string, mixed>}> */
    private static function added(): array
    {
        return array_map(static fn (array $line): array => [$line[0], $line[1], $line[2] ?? null, $line[3] ?? []], [
            ['lemon-essential-oil-expressed', '1.9 %'], ['lemon-essential-oil-expressed', '2.1 %'],
            ['bergamot-essential-oil-expressed', '0.41 %'], ['grapefruit-essential-oil', '4.1 %'],
            ['clove-bud-essential-oil', '0.6 %'], ['lavender-essential-oil', '3 drops'],
            ['lavender-essential-oil', '40 drops'], ['peppermint-essential-oil', '2.1 %'],
            ['glycerin', '9 %'], ['glycerin', '10.1 %'], ['honey', '12 %'], ['xanthan-gum', '0.29 %'],
            ['xanthan-gum', '0.31 %'], ['cationic-guar', '0.5 %'], ['carbomer', '0.3 %'],
            ['sodium-bicarbonate', '0.5 %'], ['citric-acid', '0.5 %'], ['castile-soap-liquid', '2 %'],
            ['cayenne-powder', '1 %'], ['amla-powder', '3.1 %'], ['amla-powder', '11 %'], ['egg-yolk', '5.2 %'],
            ['polysorbate-80', '2 %'], ['ethanol-96', '16 %'], ['ethanol-96', '21 %'], ['turmeric-powder', '1 %'],
            ['beeswax', '6 %'], ['stearic-acid', '3 %'], ['cetrimonium-chloride', '2.6 %'], ['biotin', '0.5 %'],
            ['niacinamide', '7 %'], ['vitamin-e-tocopherols', '2.2 %'], ['neem-oil', '6 %'],
            ['rosemary-fresh', '5 %'], ['calendula-dried', '5 %', 'infusion', ['prepared' => 'dried']],
            ['flax-seed', '4 %', 'water', ['prepared' => 'strained']], ['aloe-juice', '31 %'],
            ['panthenol-powder', '0.004 g'], ['hyaluronic-acid', '0.02 %'], ['sea-buckthorn-berry-oil', '2 tsp'],
        ]);
    }

    /** @return array<string, array{string, list<array{0: string, 1: string, 2?: string}>, array<string, mixed>}> */
    private static function bases(): array
    {
        return [
            'milk' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100', 'water'], ['glycerin', '3 %', 'water'], ['btms-50', '4 %', 'oil'],
                ['shea-butter-unrefined', '4 %', 'oil'], ['apricot-kernel-oil', '6 %', 'oil'],
                ['benzyl-alcohol-dehydroacetic-acid', '0.9 %', 'cooldown'],
                ['lavender-essential-oil', '0.3 %', 'cooldown'],
            ], ['ph' => 4.8]],
            'lotion' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100'], ['polysorbate-80', '2.5 %'], ['sorbitan-oleate', '1.8 %'],
                ['cetyl-alcohol', '1.5 %'], ['olive-oil', '12 %'], ['sodium-benzoate-potassium-sorbate', '0.9 %'],
                ['citric-acid', '0.2 %'],
            ], []],
            'whip' => ['whipped_butter', [
                ['shea-butter-refined', '62 %'], ['coconut-oil', '12 %'], ['jojoba-oil', '25 %'],
                ['vitamin-e-tocopherols', '0.5 %'], ['peppermint-essential-oil', '0.5 %'],
            ], ['packaging' => ['container' => 'pp-jar-100', 'count' => 4]]],
            'oil' => ['hair_oil', [
                ['grapeseed-oil', '40 %'], ['castor-oil', '57.5 %'], ['rosemary-oleoresin-extract', '0.2 %'],
                ['rosemary-essential-oil', '1 %'], ['tea-tree-essential-oil', '1.3 %'],
            ], ['packaging' => ['container' => 'amber-dropper-50', 'count' => 4]]],
            'mist' => ['water_spray', [
                ['distilled-water', '55.9 %'], ['rose-hydrosol', '40 %'], ['panthenol-liquid', '2 %'],
                ['polysorbate-20', '1.2 %'], ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ], ['ph' => 5.0]],
            'gel' => ['gel', [
                ['distilled-water', 'to 100'], ['hydroxyethylcellulose', '1 %'], ['glycerin', '2 %'],
                ['hydrolysed-wheat-protein', '1 %'], ['gluconolactone-sodium-benzoate', '1.5 %'],
            ], []],
            'mask' => ['fresh_mask', [
                ['banana-flesh', '50 %'], ['honey', '10 %'], ['yoghurt', '30 %'], ['olive-oil', '10 %'],
            ], []],
            'balm' => ['pomade', [
                ['beeswax', '14 %'], ['candelilla-wax', '4 %'], ['castor-oil', '50 %'], ['shea-butter-refined', '32 %'],
            ], ['process' => ['heat_to_c' => 75.0]]],
        ];
    }

    /** @return iterable<string, array<string, mixed>> at and around what a model or a rule goes by */
    public static function edges(): iterable
    {
        $thin = static fn (array ...$lines): array => self::of('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['polysorbate-80', '3 %'],
            ['phenoxyethanol-ethylhexylglycerin', '0.9 %'], ...$lines,
        ], ['ph' => 5.0]);
        foreach ([0.45, 0.5, 0.52, 0.56, 2.0, 30.0, 55.0, 60.0, 62.0, 65.0, 67.0] as $fat) {
            yield "thin with $fat % oil" => $thin(['olive-oil', "$fat %"]);
            yield "thin with $fat % of an oil nobody weighed" => $thin(['lanolin', "$fat %"]);
        }
        foreach ([0.09, 0.1, 0.105, 0.19, 0.2, 0.21, 0.23] as $gum) {
            yield "thin with $gum % gum" => $thin(['olive-oil', '8 %'], ['xanthan-gum', "$gum %"]);
            yield "afloat with $gum % gum" => self::of('water_spray', [
                ['distilled-water', 'to 100'], ['lavender-essential-oil', '0.5 %'], ['xanthan-gum', "$gum %"],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ], ['ph' => 5.0]);
        }
        foreach ([0.98, 1.0, 1.02, 1.08] as $wax) {
            yield "thin with $wax % wax" => $thin(['olive-oil', '8 %'], ['cetyl-alcohol', "$wax %"]);
        }
        foreach (range(10, 40, 2) as $tenths) {
            yield "balanced by $tenths tenths" => self::of('leave_in_emulsion', [
                ['distilled-water', 'to 100'], ['polysorbate-80', ($tenths / 10).' %'],
                ['sorbitan-oleate', ((50 - $tenths) / 10).' %'], ['olive-oil', '14 %'], ['argan-oil', '3 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ], ['ph' => 5.0]);
        }
        foreach ([2.0, 3.4, 3.5, 3.6, 3.8, 4.2, 8.0, 12.0] as $unknown) {
            yield "with $unknown % of an oil of no known balance" => self::of('leave_in_emulsion', [
                ['distilled-water', 'to 100'], ['polysorbate-80', '1 %'], ['sorbitan-oleate', '4 %'],
                ['olive-oil', (17 - $unknown).' %'], ['argan-oil', "$unknown %"],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ], ['ph' => 5.0]);
        }
        foreach ([13.5, 15.0, 15.9, 15.96, 16.0, 17.5, 20.0, 21.28, 21.5, 23.0] as $spirit) {
            yield "with $spirit % spirit" => self::of('water_spray', [
                ['distilled-water', 'to 100'], ['ethanol-96', "$spirit %"],
            ]);
        }
        foreach ([0.3, 0.45, 0.5, 0.52, 0.56, 0.7] as $off) {
            yield "a batch $off % off" => self::of('hair_oil', [['olive-oil', '100 g'], ['castor-oil', '100 g']], [
                'batch' => ['grams' => 200 * (1 + $off / 100)],
            ]);
        }
        foreach ([3.7, 3.9, 4.0, 4.05, 4.3, 5.0, 6.0] as $liquid) {
            yield "$liquid % panthenol in an oil" => self::of('hair_oil', [
                ['olive-oil', 'to 100'], ['panthenol-liquid', "$liquid %"],
            ]);
        }
        foreach ([17.0, 19.5, 20.0, 20.5, 21.9, 24.0] as $milk) {
            yield "$milk % milk and a chelator" => $thin(
                ['almond-milk', "$milk %"],
                ['disodium-edta', '0.1 %'],
                ['olive-oil', '5 %'],
            );
        }
        foreach (['sodium-benzoate', 'potassium-sorbate', 'benzyl-alcohol-salicylic-acid-sorbic-acid'] as $key) {
            foreach ([0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.6, 0.8, 1.0] as $percent) {
                foreach ([3.2, 4.4] as $ph) {
                    yield "$percent % $key at $ph" => self::of('water_spray', [
                        ['distilled-water', 'to 100'], [$key, "$percent %"],
                    ], ['ph' => $ph]);
                }
            }
        }
        foreach ([98.0, 100.5, 100.9, 101.0, 101.05, 101.2, 110.0] as $grams) {
            yield "$grams g of a part that gives 100" => [
                ...self::of('hair_oil', [['castor-oil', '50 g']], ['batch' => null, 'parts' => [[
                    'key' => 'p1', 'name' => 'Oil', 'makes' => 'infused_oil',
                    'gives' => ['amount' => '100 g', 'basis' => 'weighed'],
                    'lines' => [
                        ['ingredient' => 'calendula-dried', 'amount' => '10 g'],
                        ['ingredient' => 'olive-oil', 'amount' => '122 g'],
                    ],
                    'process' => ['steps' => [['do' => 'steep', 'minutes' => 720], ['do' => 'strain']]],
                ]]]),
                'lines' => [
                    ['part' => 'p1', 'amount' => "$grams g"], ['ingredient' => 'castor-oil', 'amount' => '50 g'],
                ],
            ];
        }
        foreach ([2.5, 2.49, 3.0, 3.1, 3.5, 3.49, 7.0, 7.1, 8.5, 8.6, 11.0, 11.01] as $ph) {
            foreach (['leave_on', 'rinse_off'] as $use) {
                yield "pH $ph, $use" => self::of('water_spray', [
                    ['distilled-water', 'to 100'], ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                ], ['ph' => $ph, 'use' => $use]);
            }
        }
        foreach (['citric-acid' => [0.05, 0.1, 0.3, 1.0], 'sodium-bicarbonate' => [0.2, 1.0]] as $key => $all) {
            foreach ($all as $percent) {
                yield "$percent % $key, no pH told" => self::of('water_spray', [
                    ['distilled-water', 'to 100'], [$key, "$percent %"],
                    ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                ]);
            }
        }
        foreach ([59.0, 60.0, 65.0, 99.0, 100.0, 101.0, 110.0] as $celsius) {
            yield "a fresh plant in oil at $celsius" => self::of('hair_oil', [
                ['olive-oil', '90 %', 'oil'], ['beeswax', '2 %', 'oil'],
                ['rosemary-fresh', '8 %', 'oil', ['prepared' => 'cooked_out']],
            ], ['process' => ['heat_to_c' => $celsius]]);
        }
        foreach ([30.0, 60.0, 180.0, 181.0, 365.0, 366.0] as $days) {
            yield "$days days claimed, fresh" => self::of('water_spray', [['distilled-water', '50 %'], [
                'aloe-juice', '50 %',
            ]], ['keeping' => ['claimed_days' => $days]]);
        }
        foreach ([1, 2, 3, 4, 5, 6, 7, 8] as $days) {
            yield "$days days claimed for a rinse of rice" => self::of('fresh_mask', [['rice-water-plain', '100 %']], [
                'keeping' => ['claimed_days' => $days, 'storage' => 'fridge'], 'use' => 'rinse_off',
            ]);
        }
    }

    /** What any formula may be made of here: a list of its own, so that a new material changes no pin. */
    private const ANYTHING = [
        'olive-oil', 'grapeseed-oil', 'castor-oil', 'jojoba-oil', 'fractionated-coconut-oil', 'shea-butter-refined',
        'cocoa-butter', 'coconut-oil', 'beeswax', 'candelilla-wax', 'cetyl-alcohol', 'btms-50', 'emulsifying-wax-nf',
        'polysorbate-80', 'sorbitan-oleate', 'lecithin', 'cetrimonium-chloride', 'xanthan-gum', 'cationic-guar',
        'carbomer', 'glycerin', 'propanediol', 'panthenol-liquid', 'honey', 'phenoxyethanol-ethylhexylglycerin',
        'sodium-benzoate-potassium-sorbate', 'benzyl-alcohol-dehydroacetic-acid', 'potassium-sorbate',
        'vitamin-e-tocopherols', 'rosemary-oleoresin-extract', 'hydrolysed-wheat-protein', 'niacinamide', 'caffeine',
        'citric-acid', 'sodium-bicarbonate', 'disodium-edta', 'distilled-water', 'rose-hydrosol', 'aloe-juice',
        'rice-water-plain', 'coconut-milk-canned', 'banana-flesh', 'egg-yolk', 'yoghurt', 'amla-powder',
        'cayenne-powder', 'lavender-essential-oil', 'lemon-essential-oil-expressed', 'clove-bud-essential-oil',
        'peppermint-essential-oil', 'fragrance-oil', 'ethanol-96', 'castile-soap-liquid', 'stearic-acid',
    ];

    /** @return iterable<string, array<string, mixed>> made up by a seed, weighed in every way there is */
    public static function madeUp(): iterable
    {
        $dice = new Randomizer(new Mt19937(1612));
        $families = [
            'hair_oil', 'whipped_butter', 'leave_in_emulsion', 'water_spray', 'gel', 'fresh_mask', 'pomade',
            'leave_in_emulsion', 'leave_in_emulsion',
        ];
        $count = count(self::ANYTHING) - 1;
        for ($n = 0; $n < 260; $n++) {
            $isWeighed = $n % 3 === 1;
            $lines = [];
            $keys = [];
            for ($i = $dice->getInt(3, 8); $i > 0; $i--) {
                $keys[] = self::ANYTHING[$dice->getInt(0, $count)];
            }
            foreach (array_unique($keys) as $key) {
                $some = $dice->getInt(1, 400) / 20;
                $isScent = str_contains($key, 'essential') || $key === 'fragrance-oil';
                $lines[] = [$key, match (true) {
                    $isScent && $n % 2 === 1 => $dice->getInt(1, 60).' drops',
                    $isScent => round($some / 10, 2).' %',
                    $isWeighed => round($some * 3, 1).' g',
                    $n % 7 === 3 => $dice->getInt(1, 6).' tsp',
                    default => round($some, 2).' %',
                }];
            }
            array_unshift($lines, [
                $n % 2 === 0 ? 'distilled-water' : 'sunflower-oil-high-oleic',
                $isWeighed || $n % 7 === 3 ? '120 g' : 'to 100',
            ]);
            $isLoose = $isWeighed || $n % 7 === 3;
            $batch = $dice->getInt(1, 60) * 10.0;
            $more = array_filter([
                'ph' => $n % 4 === 0 ? null : $dice->getInt(28, 84) / 10,
                'use' => $n % 5 === 0 ? 'rinse_off' : null,
                'for' => $n % 11 === 0 ? ['audience' => ['child_under_6', 'pregnant', 'child_under_3'][$n % 3]] : null,
                'scale_resolution_g' => $n % 6 === 0 ? 1.0 : 0.01,
            ], static fn (mixed $value): bool => $value !== null);
            yield "made up, $n" => self::of($families[$n % count($families)], $lines, [
                ...$more, 'batch' => $isLoose ? null : ['grams' => $batch],
            ]);
        }
    }
}
