<?php

declare(strict_types=1);

namespace Ilvane\Core\Practising;

/**
 * Mistakes that stand in the formula.
 *
 * @phpstan-import-type Operation from Mistake
 */
final class FormulaMistakes
{
    private const EMULSIONS = ['light-milk', 'rich-cream', 'nonionic-lotion'];

    private const WATERY = ['light-milk', 'rich-cream', 'nonionic-lotion', 'refresher', 'hold-gel'];

    private const CATIONIC = ['light-milk', 'rich-cream'];

    private const PH_AIMED = ['light-milk', 'rich-cream', 'refresher'];

    private const BUTTERS = ['shea-whip', 'mango-whip'];

    private const OILS = ['sealing-oil', 'light-oil'];

    /** @return list<Mistake> */
    public static function all(): array
    {
        return [...self::keeping(), ...self::holding(), ...self::onTheSkin(), ...self::measuringAndFilling()];
    }

    /** @return list<Mistake> */
    private static function keeping(): array
    {
        return [
            Mistake::inFormula('preservative_left_out', 'preservation.missing', self::WATERY, [self::without('preservative')]),
            Mistake::inFormula('preservative_too_little', 'preservation.low', self::WATERY, [self::amount('preservative')], [0.05, 0.25]),
            Mistake::inFormula('preservative_too_much', 'preservation.over_limit', ['light-milk', 'rich-cream', 'refresher', 'hold-gel'], [self::amount('preservative')], [1.6, 2.8]),
            Mistake::inFormula('preservative_too_hot', 'preservation.heated', self::EMULSIONS, [self::set('/lines/{preservative}/phase', 'oil')]),
            Mistake::inFormula('preservative_wrong_ph', 'preservation.ph_unsuited', ['nonionic-lotion'], [self::set('/ph', '{percent}')], [7.0, 8.5]),
            Mistake::inFormula('scent_as_preservative', 'preservation.scent_is_not', self::EMULSIONS, [self::without('preservative'), self::add('tea-tree-essential-oil', 'cooldown')], [0.2, 0.5]),
            Mistake::inFormula('vitamin_as_preservative', 'preservation.vitamin_e_is_not', self::EMULSIONS, [self::without('preservative')]),
            Mistake::inFormula('fresh_plant_in_oil', 'plant.fresh_in_oil', ['calendula-oil', 'nettle-oil'], [['op' => 'add', 'path' => '/lines/-', 'value' => ['ingredient' => 'rosemary-fresh', 'amount' => '{percent} g', 'phase' => 'infusion']]], [10.0, 40.0]),
            Mistake::inFormula('says_too_long', 'keeping.claim_too_long', self::WATERY, [self::set('/keeping/claimed_days', 720)]),
            Mistake::inFormula('pulp_not_strained', 'plant.unstrained', ['banana-mask', 'avocado-mask'], [['op' => 'remove', 'path' => '/lines/{pulp}/prepared']]),
        ];
    }

    /** @return list<Mistake> */
    private static function holding(): array
    {
        return [
            Mistake::inFormula('no_emulsifier', 'emulsion.no_emulsifier', self::EMULSIONS, [self::without('emulsifier')]),
            Mistake::inFormula('too_little_emulsifier', 'emulsion.load_low', self::EMULSIONS, [self::amount('emulsifier')], [0.2, 0.9]),
            Mistake::inFormula('charges_clash', 'emulsion.charge_clash', self::CATIONIC, [self::add('carbomer', 'water')], [0.2, 0.5]),
            Mistake::inFormula('water_in_butter', 'emulsion.water_in_butter', self::BUTTERS, [self::add('aloe-juice', 'oil')], [3.0, 9.0]),
            Mistake::inFormula('too_hard_a_butter', 'texture.too_hard', ['mango-whip'], [self::set('/lines/1/ingredient', 'cocoa-butter')]),
            Mistake::inFormula('gum_dumped_in', 'gum.wet_first', ['hold-gel'], [['op' => 'remove', 'path' => '/lines/{gum}/prepared']]),
            Mistake::inFormula('powder_left_in', 'powder.high', self::EMULSIONS, [self::add('amla-powder', 'water')], [4.0, 9.0]),
            Mistake::inFormula('too_much_humectant', 'humectant.high', ['light-milk', 'rich-cream', 'refresher', 'hold-gel'], [self::amount('humectant')], [12.0, 20.0]),
        ];
    }

    /** @return list<Mistake> */
    private static function onTheSkin(): array
    {
        return [
            Mistake::inFormula('sour', 'acidity.low', self::PH_AIMED, [self::set('/ph', '{percent}')], [2.5, 3.3]),
            Mistake::inFormula('alkaline', 'acidity.high', self::PH_AIMED, [self::set('/ph', '{percent}')], [7.5, 9.0]),
            Mistake::inFormula('too_many_scent_drops', 'scent.total_high', [...self::EMULSIONS, ...self::OILS], [self::add('lavender-essential-oil', 'cooldown')], [3.0, 5.0]),
            Mistake::inFormula('citrus_in_the_sun', 'scent.phototoxic', [...self::OILS, ...self::EMULSIONS], [self::add('bergamot-essential-oil-expressed', 'cooldown')], [0.5, 0.95]),
            Mistake::inFormula('peppermint_for_a_child', 'scent.audience', [...self::OILS, ...self::EMULSIONS], [self::add('peppermint-essential-oil', 'cooldown'), self::set('/for', ['audience' => 'child_under_3'])], [0.1, 0.4]),
            Mistake::inFormula('promises_growth', 'label.claim', [...self::EMULSIONS, ...self::OILS], [self::set('/directions', 'Massage in daily: regrowth in weeks, never goes off.')], ways: [
                'calm_words' => [self::set('/directions', 'Massage in, rinse hands.')],
                'louder_words' => [self::set('/directions', 'Clinically proven regrowth.')],
                'small_print' => [self::set('/notes', 'Results vary.')],
            ]),
        ];
    }

    /** @return list<Mistake> */
    private static function measuringAndFilling(): array
    {
        return [
            Mistake::inFormula('not_100', 'measure.sum_not_100', [...self::BUTTERS, ...self::OILS], [self::amount('first')], [90.0, 97.0]),
            Mistake::inFormula('hot_into_plastic', 'packaging.too_hot', ['beeswax-pomade', 'plant-wax-pomade'], [self::set('/packaging', ['container' => 'pet-jar-200', 'count' => 1])], ways: [
                'into_plastic_tub' => [self::set('/packaging', ['container' => 'pp-jar-100', 'count' => 2])],
                'into_thin_bottle' => [self::set('/packaging', ['container' => 'pet-disc-250', 'count' => 1])],
                'into_glass' => [self::set('/packaging', ['container' => 'clear-jar-120', 'count' => 2])],
                'fill_faster' => [self::set('/notes', 'fill faster')],
            ]),
            Mistake::inFormula('too_few_jars', 'yield.exceeds_containers', self::EMULSIONS, [self::set('/packaging', ['container' => 'pp-jar-100', 'count' => 1])]),
        ];
    }

    /** @return Operation */
    private static function add(string $ingredient, string $phase): array
    {
        return ['op' => 'add', 'path' => '/lines/-', 'value' => ['ingredient' => $ingredient, 'amount' => '{percent} %', 'phase' => $phase]];
    }

    /** @return Operation */
    private static function without(string $kind): array
    {
        return ['op' => 'remove', 'path' => "/lines/{{$kind}}"];
    }

    /** @return Operation */
    private static function amount(string $kind): array
    {
        return ['op' => 'replace', 'path' => "/lines/{{$kind}}/amount", 'value' => '{percent} %'];
    }

    /** @return Operation */
    private static function set(string $path, mixed $value): array
    {
        return ['op' => 'add', 'path' => $path, 'value' => $value];
    }
}
