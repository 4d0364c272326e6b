<?php

declare(strict_types=1);

namespace Tests\Support;

/** Made-up formulas of every family, each within usual practice: a check that minds one of them is wrong. */
final class SoundFormulas
{
    /**
     * @return array<string, array{0: string, 1: list<array{0: string, 1: string, 2?: string, 3?: array<string,
     *   mixed>}>, 2?: array<string, mixed>}> name => family, lines, more
     */
    public static function all(): array
    {
        return [
            'conditioning leave-in' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100'],
                ['glycerin', '3 %'],
                ['btms-50', '4 %'],
                ['shea-butter-unrefined', '4 %'],
                ['apricot-kernel-oil', '6 %'],
                ['panthenol-liquid', '1 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                ['vitamin-e-tocopherols', '0.3 %'],
                ['lavender-essential-oil', '0.3 %'],
            ], ['ph' => 4.8]],
            'light lotion, wax type' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100'],
                ['emulsifying-wax-nf', '5 %'],
                ['cetyl-alcohol', '2 %'],
                ['sweet-almond-oil', '12 %'],
                ['glycerin', '3 %'],
                ['xanthan-gum', '0.2 %', 'water', ['prepared' => 'wetted']],
                ['phenoxyethanol-caprylyl-glycol', '0.9 %'],
            ], ['ph' => 5.2]],
            'olivate cream' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100'],
                ['cetearyl-olivate-sorbitan-olivate', '5 %'],
                ['cetearyl-alcohol', '2 %'],
                ['camellia-seed-oil', '10 %'],
                ['mango-butter', '4 %'],
                ['propanediol', '3 %'],
                ['benzyl-alcohol-dehydroacetic-acid', '0.9 %'], ['vitamin-e-tocopherols', '0.5 %'],
            ], ['ph' => 5.0]],
            'unscented milk with aloe' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100'],
                ['aloe-juice', '10 %'],
                ['glyceryl-stearate-peg-100-stearate', '4 %'],
                ['cetyl-alcohol', '2 %'],
                ['jojoba-oil', '8 %'],
                ['glycerin', '2 %'],
                ['phenoxyethanol-ethylhexylglycerin', '1 %'],
            ], ['ph' => 5.0]],
            'slip with cationic guar' => ['leave_in_emulsion', [
                ['distilled-water', 'to 100'],
                ['btms-25', '6 %'],
                ['cetyl-alcohol', '1.5 %'],
                ['argan-oil', '4 %'],
                ['cationic-guar', '0.2 %', 'water', ['prepared' => 'wetted']],
                ['panthenol-liquid', '1 %'],
                ['benzyl-alcohol-dehydroacetic-acid', '0.9 %'], ['hydrolysed-oat-protein', '1 %'],
            ], ['ph' => 4.6]],
            'weighed leave-in' => ['leave_in_emulsion', [
                ['distilled-water', '157 g'],
                ['glycerin', '6 g'],
                ['btms-50', '9 g'],
                ['coconut-oil', '10 g'],
                ['avocado-oil', '12 g'],
                ['phenoxyethanol-ethylhexylglycerin', '1.8 g'],
            ], ['ph' => 4.7, 'batch' => null]],
            'whipped shea' => [
                'whipped_butter',
                [
                    ['shea-butter-refined', '120 g'],
                    ['sunflower-oil-high-oleic', '60 g'],
                    ['vitamin-e-tocopherols', '1 g'],
                ],
                ['batch' => null],
            ],
            'mango and jojoba whip' => [
                'whipped_butter',
                [
                    ['mango-butter', '65 %'],
                    ['jojoba-oil', '34 %'],
                    ['vitamin-e-tocopherols', '0.5 %'],
                    ['lavender-essential-oil', '0.5 %'],
                ],
            ],
            'shea with a firmer heart' => [
                'whipped_butter',
                [
                    ['shea-butter-unrefined', '60 %'],
                    ['cocoa-butter', '8 %'],
                    ['grapeseed-oil', '31.5 %'],
                    ['vitamin-e-tocopherols', '0.5 %'],
                ],
            ],
            'beeswax pomade' => [
                'pomade',
                [
                    ['beeswax', '10 %'],
                    ['castor-oil', '44 %'],
                    ['shea-butter-refined', '40 %'],
                    ['coconut-oil', '5.5 %'],
                    ['vitamin-e-tocopherols', '0.5 %'],
                ],
            ],
            'plain oil blend' => [
                'hair_oil',
                [
                    ['jojoba-oil', '40 ml'],
                    ['argan-oil', '30 ml'],
                    ['castor-oil', '20 ml'],
                    ['vitamin-e-tocopherols', '0.5 g'],
                ],
                ['batch' => null],
            ],
            'scented oil' => [
                'hair_oil',
                [
                    ['grapeseed-oil', '70 %'],
                    ['castor-oil', '28.7 %'],
                    ['vitamin-e-tocopherols', '0.5 %'],
                    ['rosemary-essential-oil', '0.8 %'],
                ],
            ],
            'oil for a pregnant reader' => [
                'hair_oil',
                [['sweet-almond-oil', '99.5 %'], ['vitamin-e-tocopherols', '0.5 %']],
                ['for' => ['audience' => 'pregnant']],
            ],
            'oil for a toddler' => [
                'hair_oil',
                [['sunflower-oil-high-oleic', '99.6 %'], ['vitamin-e-tocopherols', '0.4 %']],
                ['for' => ['audience' => 'child_under_3']],
            ],
            'rosemary in oil' => [
                'infused_oil',
                [['rosemary-dried', '20 g', 'infusion'], ['olive-oil', '200 g'], ['vitamin-e-tocopherols', '1 g']],
                ['batch' => null],
            ],
            'calendula in sunflower' => [
                'infused_oil',
                [
                    ['calendula-dried', '30 g', 'infusion'],
                    ['sunflower-oil-high-oleic', '300 g'],
                    ['vitamin-e-tocopherols', '1.5 g'],
                ],
                ['batch' => null],
            ],
            'preserved mist' => [
                'water_spray',
                [
                    ['distilled-water', 'to 100'],
                    ['glycerin', '3 %'],
                    ['panthenol-liquid', '1 %'],
                    ['phenoxyethanol-ethylhexylglycerin', '1 %'],
                ],
                ['ph' => 5.0],
            ],
            'rose mist for the fridge' => [
                'water_spray',
                [['rose-hydrosol', '60 g'], ['distilled-water', '40 g']],
                ['batch' => null, 'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => 3]],
            ],
            'xanthan gel' => [
                'gel',
                [
                    ['distilled-water', 'to 100'],
                    ['xanthan-gum', '0.8 %', 'water', ['prepared' => 'wetted']],
                    ['glycerin', '3 %'],
                    ['phenoxyethanol-ethylhexylglycerin', '1 %'],
                ],
                ['ph' => 5.0],
            ],
            'flaxseed gel, fresh' => [
                'gel',
                [['flaxseed-gel', '100 g']],
                ['batch' => null, 'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => 2]],
            ],
            'avocado mask' => [
                'fresh_mask',
                [['avocado-flesh', '80 g', null, ['prepared' => 'strained']], ['honey', '10 g'], ['olive-oil', '10 g']],
                ['batch' => null],
            ],
            'banana and yoghurt mask' => [
                'fresh_mask',
                [['banana-flesh', '100 g', null, ['prepared' => 'strained']], ['yoghurt', '40 g'], ['honey', '15 g']],
                ['batch' => null],
            ],
            'tea in cubes' => [
                'frozen_bar',
                [['green-tea-infusion', '90 g'], ['aloe-juice', '10 g']],
                ['batch' => null, 'keeping' => ['intended' => 'fresh', 'storage' => 'freezer']],
            ],
        ];
    }
}
