<?php

declare(strict_types=1);

namespace Tests\Support;

/** Three long chains from plants to the bottle: as a maker notes them, and as documents. */
final class Chains
{
    public const MILK = <<<'NOTE'
        Harvest milk, makes 200 g

        First the tea:
        5 g dried nettle
        240 g distilled water
        Leave overnight, strain.

        For the juice:
        80 g fresh aloe leaf
        Blend, strain.

        Calendula oil:
        6 g dried calendula
        60 g high oleic sunflower oil
        3 weeks in the dark, strain

        Water phase
        126 g of the tea
        20 g of the juice
        6 g glycerin
        Oil phase
        14 g BTMS-50
        8 g cetyl alcohol
        24 g of the calendula oil
        Cool down
        2 g phenoxyethanol and ethylhexylglycerin
        NOTE;

    public const BUTTER = <<<'NOTE'
        Green herb whipped butter

        Cook the oil first:
        150 g refined coconut oil
        100 g sesame oil
        12 g amla powder
        8 g bhringraj powder
        40 g fresh curry leaves
        Cook on low heat until the water is gone, strain.

        Butter:
        200 g refined shea butter
        80 g of the herb oil
        2 g vitamin E

        Melt the shea, stir in the oil, chill and whip.
        NOTE;

    public const PEPPER = <<<'NOTE'
        Warm scalp oil for my 2 year old

        For the pepper oil: 1 g cayenne powder, 200 g high oleic sunflower oil. Let it stand for 10 days, strain.

        Then the scalp oil:
        20 g of the pepper oil
        79 g jojoba oil
        1 g vitamin E
        NOTE;

    /**
     * The note, the document, codes that must be found, and names that must stand on the label.
     *
     * @return iterable<string, array{string, array<string, mixed>, list<string>, list<string>}>
     */
    public static function all(): iterable
    {
        yield 'tea, juice and infused oil into a milk' => [self::MILK, [
            'format' => 'ilvane.formula/1', 'name' => 'Harvest milk', 'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200],
            'parts' => [
                ['key' => 'tea', 'name' => 'Tea', 'makes' => 'tea', 'lines' => [
                    ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
                    ['ingredient' => 'distilled-water', 'amount' => '240 g'],
                ], 'process' => ['steps' => [['do' => 'steep', 'minutes' => 720], ['do' => 'strain']]]],
                ['key' => 'juice', 'name' => 'Juice', 'makes' => 'juice', 'lines' => [
                    ['ingredient' => 'aloe-leaf-fresh', 'amount' => '80 g'],
                ]],
                ['key' => 'oil', 'name' => 'Calendula oil', 'makes' => 'infused_oil', 'lines' => [
                    ['ingredient' => 'calendula-dried', 'amount' => '6 g'],
                    ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '60 g'],
                ], 'process' => ['steps' => [['do' => 'steep', 'minutes' => 30240], ['do' => 'strain']]]],
            ],
            'lines' => [
                ['part' => 'tea', 'amount' => '126 g', 'phase' => 'water'],
                ['part' => 'juice', 'amount' => '20 g', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '6 g', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '14 g', 'phase' => 'oil'],
                ['ingredient' => 'cetyl-alcohol', 'amount' => '8 g', 'phase' => 'oil'],
                ['part' => 'oil', 'amount' => '24 g', 'phase' => 'oil'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '2 g', 'phase' => 'cooldown'],
            ],
        ], ['plant.latex', 'acidity.untested'], ['Urtica Dioica', 'Aloe Barbadensis', 'Calendula Officinalis']];
        yield 'powders and wet leaves cooked out, into a butter' => [self::BUTTER, [
            'format' => 'ilvane.formula/1', 'name' => 'Green herb whipped butter', 'family' => 'whipped_butter',
            'parts' => [['key' => 'oil', 'name' => 'Oil', 'makes' => 'cooked_out_oil', 'lines' => [
                ['ingredient' => 'coconut-oil', 'amount' => '150 g'],
                ['ingredient' => 'sesame-oil', 'amount' => '100 g'],
                ['ingredient' => 'amla-powder', 'amount' => '12 g'],
                ['ingredient' => 'bhringraj-powder', 'amount' => '8 g'],
                ['ingredient' => 'curry-leaf-fresh', 'amount' => '40 g'],
            ]]],
            'lines' => [
                ['ingredient' => 'shea-butter-refined', 'amount' => '200 g', 'phase' => 'oil'],
                ['part' => 'oil', 'amount' => '80 g', 'phase' => 'oil'],
                ['ingredient' => 'vitamin-e-tocopherols', 'amount' => '2 g', 'phase' => 'oil'],
            ],
        ], ['infusion.cooked_out', 'label.allergen'], [
            'Emblica Officinalis', 'Eclipta', 'Murraya Koenigii', 'Sesamum Indicum', 'Cocos Nucifera',
            'Butyrospermum Parkii',
        ]];
        yield 'a pepper oil, thinned' => [self::PEPPER, [
            'format' => 'ilvane.formula/1', 'name' => 'Warm scalp oil', 'family' => 'hair_oil',
            'for' => ['audience' => 'child_under_3'],
            'parts' => [['key' => 'oil', 'name' => 'Pepper oil', 'makes' => 'infused_oil', 'lines' => [
                ['ingredient' => 'cayenne-powder', 'amount' => '1 g'],
                ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '200 g'],
            ], 'process' => ['steps' => [['do' => 'steep', 'minutes' => 14400], ['do' => 'strain']]]]],
            'lines' => [
                ['part' => 'oil', 'amount' => '20 g'],
                ['ingredient' => 'jojoba-oil', 'amount' => '79 g'],
                ['ingredient' => 'vitamin-e-tocopherols', 'amount' => '1 g'],
            ],
        ], ['scent.audience'], ['Capsicum', 'Simmondsia']];
    }
}
