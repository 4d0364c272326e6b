<?php

declare(strict_types=1);

namespace Ilvane\Core\Practising;

/** Mistakes at the hob: what is done so far, what is about to be done, and what could be done instead. */
final class MakingMistakes
{
    private const COLD_OIL_FIRST = ['light-milk', 'rich-cream'];

    private const EMULSIONS = ['light-milk', 'rich-cream', 'nonionic-lotion'];

    private const BUTTERS = ['shea-whip', 'mango-whip'];

    private const BLEND = ['do' => 'blend', 'burst_s' => 75, 'rest_s' => 60, 'times' => 3];

    private const ADD = ['do' => 'add', 'phase' => 'cooldown'];

    private const FILL = ['do' => 'fill'];

    private const WHIP = ['do' => 'whip'];

    /** From the pouring together to the end. */
    private const THE_REST = [['do' => 'combine'], self::BLEND, ['do' => 'gate', 'to_c' => 40], self::ADD, self::FILL];

    /** @return list<Mistake> */
    public static function all(): array
    {
        return [...self::ofEmulsions(), ...self::ofButters()];
    }

    /** @return list<Mistake> */
    private static function ofEmulsions(): array
    {
        $hot = [self::heat(72), self::hold(5)];
        $together = [...$hot, ['do' => 'combine'], self::BLEND];

        return [
            Mistake::inMaking('stopped_too_cool', 'heat.below_melting', self::COLD_OIL_FIRST, [self::heat(48), self::hold(5)], self::THE_REST, [
                'heat_both_72' => [...$hot, ...self::THE_REST],
                'hold_longer' => [self::hold(20), ...self::THE_REST],
                'blend_longer' => [['do' => 'combine'], [...self::BLEND, 'times' => 6], ...array_slice(self::THE_REST, 2)],
            ]),
            Mistake::inMaking('phases_unequal', 'heat.unequal', self::COLD_OIL_FIRST, [self::heat(72, 'oil'), self::heat(30, 'water')], self::THE_REST, [
                'heat_both_72' => [...$hot, ...self::THE_REST],
                'water_to_45' => [self::heat(45, 'water'), ...self::THE_REST],
                'blend_longer' => [['do' => 'combine'], [...self::BLEND, 'times' => 6], ...array_slice(self::THE_REST, 2)],
            ]),
            Mistake::inMaking('gate_too_hot', 'heat.gate', self::EMULSIONS, $together, [self::ADD, self::FILL], [
                'gate_40' => [['do' => 'gate', 'to_c' => 40], self::ADD, self::FILL],
                'rest_two' => [['do' => 'rest', 'minutes' => 2], self::ADD, self::FILL],
                'blend_again' => [['do' => 'blend', 'burst_s' => 60, 'rest_s' => 5, 'times' => 2], self::ADD, self::FILL],
            ]),
            Mistake::inMaking('bath_too_cool', 'heat.unreachable', self::EMULSIONS, [self::heat(60)], [self::heat(96), self::hold(5), ...self::THE_REST], [
                'settle_for_75' => [self::heat(75), self::hold(5), ...self::THE_REST],
                'wait_longer' => [self::hold(40), self::heat(96), ...self::THE_REST],
                'hold_then_96' => [self::heat(75), self::heat(96), self::hold(5), ...self::THE_REST],
            ], kitchen: ['altitude_m' => 2000]),
            Mistake::inMaking('filled_hot', 'packaging.too_hot', self::EMULSIONS, $together, [self::FILL], [
                'gate_40' => [['do' => 'gate', 'to_c' => 40], self::ADD, self::FILL],
                'rest_two' => [['do' => 'rest', 'minutes' => 2], self::FILL],
                'pour_quickly' => [['do' => 'fill', 'minutes' => 1]],
            ], [['op' => 'add', 'path' => '/packaging', 'value' => ['container' => 'pet-pump-250', 'count' => 1]]]),
        ];
    }

    /** @return list<Mistake> */
    private static function ofButters(): array
    {
        $melted = [self::heat(70), self::hold(5)];
        $calendula = [['op' => 'add', 'path' => '/lines/-', 'value' => ['ingredient' => 'calendula-dried', 'amount' => '12 g', 'phase' => 'infusion']]];
        $firmer = [['op' => 'add', 'path' => '/lines/0/amount', 'value' => '72 %'], ['op' => 'add', 'path' => '/lines/2/amount', 'value' => '12.5 %']];
        $strain = ['do' => 'strain'];

        return [
            Mistake::inMaking('butter_too_warm', 'texture.too_soft', self::BUTTERS, [...$melted, self::chill('fridge', 3)], [self::WHIP, self::FILL], [
                'chill_to_a_dent' => [self::chill('fridge'), self::WHIP, self::FILL],
                'chill_ten' => [self::chill('fridge', 10), self::WHIP, self::FILL],
                'whip_longer' => [['do' => 'whip', 'minutes' => 12], self::FILL],
            ]),
            Mistake::inMaking('butter_too_hard', 'texture.set_too_hard', ['shea-whip'], [...$melted, self::chill('freezer', 240)], [self::WHIP, self::FILL], [
                'melt_again' => [...$melted, self::chill('fridge'), self::WHIP, self::FILL],
                'whip_longer' => [['do' => 'whip', 'minutes' => 12], self::FILL],
                'freeze_on' => [self::chill('freezer', 30), self::WHIP, self::FILL],
            ], $firmer),
            Mistake::inMaking('set_in_the_cloth', 'plant.strained_late', self::BUTTERS, [...$melted, self::hold(40), self::chill('fridge', 90)], [$strain, self::FILL], [
                'warm_and_strain' => [self::heat(60), $strain, self::FILL],
                'press_harder' => [['do' => 'strain', 'minutes' => 20], self::FILL],
                'strain_tomorrow' => [self::chill('fridge', 480), $strain, self::FILL],
            ], $calendula),
        ];
    }

    /** @return array<string, mixed> */
    private static function heat(float $celsius, string $what = 'both'): array
    {
        return ['do' => 'heat', 'what' => $what, 'to_c' => $celsius];
    }

    /** @return array<string, mixed> */
    private static function hold(float $minutes): array
    {
        return ['do' => 'hold', 'minutes' => $minutes];
    }

    /** @return array<string, mixed> without minutes: until a finger leaves a dent */
    private static function chill(string $how, ?float $minutes = null): array
    {
        return ['do' => 'chill', 'how' => $how, ...($minutes === null ? [] : ['minutes' => $minutes])];
    }
}
