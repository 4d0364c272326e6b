<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * At its limit a rule is silent, a hair beyond it speaks. The figures are those of the rules' own sources: common
 * practice where nothing else is said.
 */
final class EdgesTest extends CoreCase
{
    /** @param  callable(float): array<string, mixed>  $document */
    #[DataProvider('edges')]
    public function test_silent_at_the_limit_and_speaking_beyond_it(
        string $code,
        float $at,
        float $beyond,
        callable $document,
        ?string $severity = null,
    ): void {
        $said = static fn (float $x): ?Finding => self::only($code, $severity, $document($x));
        self::assertNull($said($at), "$code is silent at $at");
        self::assertNotNull($said($beyond), "$code speaks at $beyond");
    }

    /** @param  array<string, mixed>  $document */
    private static function only(string $code, ?string $severity, array $document): ?Finding
    {
        foreach (self::evaluate($document)->findings as $finding) {
            if ($finding->code === $code && ($severity === null || $finding->severity->value === $severity)) {
                return $finding;
            }
        }

        return null;
    }

    public static function edges(): iterable
    {
        $in = static fn (string $family, array $more = []): callable => static function (array ...$lines) use (
            $family,
            $more,
        ): array {
            return self::document($lines, ['family' => $family, ...$more]);
        };
        $gel = static fn (array ...$lines): array => $in('gel', ['ph' => 5.0])(
            ['distilled-water', 'to 100'],
            ['hydroxyethylcellulose', '1 %'],
            ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ...$lines,
        );
        $balm = $in('pomade');
        $whip = $in('whipped_butter');
        $oil = static fn (array ...$lines): array => $in('hair_oil')(['olive-oil', 'to 100'], ...$lines);
        $cream = static fn (float $fat, string $wax = '6 %', array ...$lines): array => $in('leave_in_emulsion', [
            'ph' => 5.0,
        ])(
            ['distilled-water', 'to 100'],
            ['emulsifying-wax-nf', $wax],
            ['olive-oil', "$fat %"],
            ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ...$lines,
        );

        yield 'the lines add up to more than the batch' => [
            'measure.batch_ignored', 1.0, 1.01,
            static fn (float $x): array => self::document([['olive-oil', (200 + $x).' g']], [
                'family' => 'hair_oil', 'batch' => ['grams' => 200.0],
            ]),
        ];
        // less of it: fruit that still holds a little oil for a day
        yield 'fruit that holds the oil' => [
            'emulsion.no_emulsifier', 10.0, 9.99,
            static fn (float $x): array => $in('fresh_mask')(
                ['distilled-water', 'to 100'],
                ['banana-flesh', "$x %"],
                ['olive-oil', '5 %'],
            ),
        ];

        // doses
        yield 'humectants together' => [
            'humectant.high', 10.0, 10.01,
            static fn (float $x): array => $gel(['glycerin', '5 %'], ['propanediol', ($x - 5).' %']),
        ];
        yield 'one humectant' => [
            'humectant.high', 10.0, 10.01, static fn (float $x): array => $gel(['glycerin', "$x %"]),
        ];
        yield 'powder left in' => [
            'powder.high', 3.0, 3.01, static fn (float $x): array => $gel(['amla-powder', "$x %", 'water']),
        ];
        yield 'a powder too much of it' => [
            'dose.high', 5.0, 5.01, static fn (float $x): array => $gel(['amla-powder', "$x %", 'water']),
        ];
        yield 'cayenne' => [
            'irritant.strong', 0.5, 0.51, static fn (float $x): array => $gel(['cayenne-powder', "$x %", 'water']),
        ];
        yield 'cayenne, rinsed off' => [
            'irritant.strong', 1.0, 1.01,
            static fn (float $x): array => [...$gel(['cayenne-powder', "$x %", 'water']), 'use' => 'rinse_off'],
        ];
        yield 'an active too much' => [
            'dose.high', 5.0, 5.01, static fn (float $x): array => $gel(['niacinamide', "$x %"]),
        ];
        yield 'an active too little' => [
            'dose.low', 0.5, 0.49, static fn (float $x): array => $gel(['niacinamide', "$x %"]),
        ];
        yield 'an antioxidant too little' => [
            'dose.low', 0.05, 0.049, static fn (float $x): array => $oil(['vitamin-e-tocopherols', "$x %"]),
        ];
        yield 'an antioxidant too much' => [
            'dose.high', 1.0, 1.01, static fn (float $x): array => $oil(['vitamin-e-tocopherols', "$x %"]),
        ];
        yield 'a preservative too little' => [
            'preservation.low', 0.5, 0.49,
            static fn (float $x): array => $in('gel', ['ph' => 5.0])(
                ['distilled-water', 'to 100'],
                ['hydroxyethylcellulose', '1 %'],
                ['phenoxyethanol-ethylhexylglycerin', "$x %"],
            ),
        ];
        yield 'a preservative above its use' => [
            'preservation.high', 1.0, 1.01,
            static fn (float $x): array => $in('gel', ['ph' => 5.0])(
                ['distilled-water', 'to 100'],
                ['hydroxyethylcellulose', '1 %'],
                ['phenoxyethanol-ethylhexylglycerin', "$x %"],
            ),
        ];
        yield 'phenoxyethanol above Annex V, entry 29' => [
            'preservation.over_limit', 1.0, 1.01,
            static fn (float $x): array => $in('gel', ['ph' => 5.0])(
                ['distilled-water', 'to 100'],
                ['hydroxyethylcellulose', '1 %'],
                ['phenoxyethanol', "$x %"],
            ),
        ];
        yield 'alcohol alone' => [
            'preservation.alcohol', 21.28, 21.27, // 94 % by weight of it is alcohol: 20 % of alcohol
            static fn (float $x): array => $in('water_spray')(['ethanol-96', "$x %"], ['distilled-water', 'to 100']),
        ];

        // scent
        yield 'scent, adults, plenty' => [
            'scent.total_high', 1.0, 1.01, static fn (float $x): array => $oil(['lavender-essential-oil', "$x %"]),
        ];
        yield 'scent, adults, too much' => [
            'scent.total_high', 2.0, 2.01, static fn (float $x): array => $oil(['lavender-essential-oil', "$x %"]),
            'stop',
        ];
        foreach (['child_under_12' => 0.5, 'child_under_6' => 0.25, 'pregnant' => 1.0] as $audience => $most) {
            yield "scent, $audience" => [
                'scent.total_high', $most, $most + 0.01,
                static fn (float $x): array => [
                    ...$oil(['lavender-essential-oil', "$x %"]), 'for' => ['audience' => $audience],
                ],
                'stop',
            ];
        }
        yield 'one scent' => [
            'scent.single_high', 0.5, 0.51, static fn (float $x): array => $oil(['clove-bud-essential-oil', "$x %"]),
        ];
        foreach ([
            'bergamot-essential-oil-expressed' => 0.4, 'lemon-essential-oil-expressed' => 2.0,
            'grapefruit-essential-oil' => 4.0,
        ] as $key => $most) {
            yield "$key in the sun" => [
                'scent.phototoxic', $most, $most + 0.01, static fn (float $x): array => $oil([$key, "$x %"]), 'stop',
            ];
        }

        // emulsions
        yield 'fat packed as close as balls' => [ // 74.05 % by volume, fat 0.92 g/mL
            'emulsion.inner_phase_high', 72.4, 72.45, static fn (float $x): array => $cream($x, '8 %'),
        ];
        yield 'too little emulsifier' => [ // 0.18 g for a gram of fat
            'emulsion.load_low', 20.0, 20.1, static fn (float $x): array => $cream($x, '3.6 %'),
        ];
        yield 'so little that it parts' => [
            'emulsion.load_low', 40.0, 40.2, static fn (float $x): array => $cream($x, '3.6 %'), 'stop',
        ];
        yield 'too much emulsifier' => [
            'emulsion.load_high', 8.0, 8.01, static fn (float $x): array => $cream(15.0, "$x %"),
        ];
        yield 'cold water into it' => [
            'emulsion.water_not_heated', 10.0, 10.1,
            static fn (float $x): array => $cream(12.0, '6 %', ['aloe-juice', "$x %", 'cooldown']), 'stop',
        ];

        // fats
        yield 'a balm of nothing but wax' => [
            'texture.too_hard', 30.0, 30.01,
            static fn (float $x): array => $balm(['beeswax', "$x %"], ['olive-oil', 'to 100']),
        ];
        yield 'a whip too hard' => [ // cocoa butter, 76 % solid at 20 °C: hard from 55 %
            'texture.too_hard', 72.3, 72.4,
            static fn (float $x): array => $whip(['cocoa-butter', "$x %"], ['olive-oil', 'to 100']),
        ];
        yield 'a whip too soft' => [ // refined shea, 42 % solid at 20 °C: holds a shape from 15 %
            'texture.too_soft', 35.8, 35.7,
            static fn (float $x): array => $whip(['shea-butter-refined', "$x %"], ['olive-oil', 'to 100']),
        ];

        // heat
        $heated = static fn (array $document, string $what): callable => static fn (float $x): array => [
            ...$document, 'process' => [$what => $x],
        ];
        $milk = self::sound();
        yield 'a bath kept at 90 °C brings its pots half a degree below that' => [
            'heat.unreachable', 89.5, 89.6, $heated($milk, 'heat_to_c'),
        ];
        yield 'the wax doesn’t melt' => ['heat.below_melting', 70.0, 69.9, $heated($milk, 'heat_to_c')];
        yield 'hot fat' => ['safety.hot_fat', 59.9, 60.0, $heated($oil(['beeswax', '1 %', 'oil']), 'heat_to_c')];
        yield 'stirred in too hot' => ['heat.gate', 42.0, 42.1, $heated($milk, 'gate_c'), 'mind'];
        yield 'heated with the rest' => [ // panthenol bears 60 °C; a bath swings by 5
            'heat.over_ceiling', 65.0, 65.1,
            $heated($in('leave_in_emulsion', ['ph' => 5.0])(
                ['distilled-water', 'to 100'],
                ['emulsifying-wax-nf', '5 %'],
                ['olive-oil', '12 %'],
                ['panthenol-liquid', '1 %', 'water'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %', 'cooldown'],
            ), 'heat_to_c'),
        ];

        // amounts
        yield 'more than a hundred' => [
            'measure.sum_not_100', 100.1, 100.11,
            static fn (float $x): array => $in('hair_oil')(['olive-oil', ($x - 40).' %'], ['castor-oil', '40 %']),
        ];
        yield 'less than a hundred' => [
            'measure.sum_not_100', 99.9, 99.89,
            static fn (float $x): array => $in('hair_oil')(['olive-oil', ($x - 40).' %'], ['castor-oil', '40 %']),
        ];
        yield 'too little for the scale' => [ // half a division of 0.01 g is 5 % of 0.1 g
            'measure.unweighable', 0.05, 0.049,
            static fn (float $x): array => $oil(['rosemary-oleoresin-extract', "$x %"]),
        ];
        yield 'more than the bottles hold' => [ // a fiftieth over the brim: 204 mL into two of 100
            'yield.exceeds_containers', 186.0, 186.1, // olive oil, 0.912 g/mL
            static fn (float $x): array => $in('hair_oil', [
                'batch' => ['grams' => $x], 'packaging' => ['container' => 'amber-screw-100', 'count' => 2],
            ])(['olive-oil', '100 %']),
        ];
        yield 'poured too hot' => [
            'packaging.too_hot', 60.0, 60.1,
            static fn (float $x): array => $in('pomade', [
                'packaging' => ['container' => 'amber-jar-60', 'count' => 4], 'process' => ['heat_to_c' => $x],
            ])(['candelilla-wax', '1 %'], ['shea-butter-refined', 'to 100']),
        ];
        yield 'a year claimed' => [
            'keeping.claim_too_long', 180.0, 181.0,
            static fn (float $x): array => [...self::sound(), 'keeping' => ['claimed_days' => $x]],
        ];
    }
}
