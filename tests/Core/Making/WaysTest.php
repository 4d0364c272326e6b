<?php

declare(strict_types=1);

namespace Tests\Core\Making;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Simulator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * How each kind of product is made, step by step, as a maker would write it on a slip of paper: written by hand before
 * the plan was. "weigh 2" is the second line of the formula. Common practice, recalled.
 */
final class WaysTest extends CoreCase
{
    /** @return iterable<string, array{string, list<array<string, mixed>>, string, 3?: array<string, mixed>}> */
    public static function kinds(): iterable
    {
        yield 'an oil blended cold' => ['hair_oil', [
            self::line('argan-oil', '60 %'),
            self::line('jojoba-oil', '39.5 %'),
            self::line('lavender-essential-oil', '0.5 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, weigh 3, add cooldown, shake, fill'];
        yield 'an oil with a wax in it' => ['hair_oil', [
            self::line('argan-oil', '94.5 %'),
            self::line('beeswax', '5 %'),
            self::line('lavender-essential-oil', '0.5 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, heat oil, hold, gate, weigh 3, add cooldown, fill'];
        yield 'a butter' => ['whipped_butter', [
            self::line('shea-butter-refined', '70 %'),
            self::line('jojoba-oil', '29.5 %'),
            self::line('vitamin-e-tocopherols', '0.5 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, heat oil, hold, gate, weigh 3, add cooldown, chill, whip, fill'];
        yield 'a butter with aloe: half way through whipping' => ['whipped_butter', [
            self::line('shea-butter-refined', '70 %'),
            self::line('jojoba-oil', '25 %'),
            self::line('aloe-juice', '5 %', 'water'),
        ], 'sanitise, weigh 1, weigh 2, heat oil, hold, chill, whip, weigh 3, add water during whip, whip, fill'];
        yield 'a pomade is poured warm' => ['pomade', [
            self::line('beeswax', '20 %'),
            self::line('castor-oil', '79.5 %'),
            self::line('lavender-essential-oil', '0.5 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, heat oil, hold, gate, weigh 3, add cooldown, fill'];
        yield 'an emulsion' => ['leave_in_emulsion', [
            self::line('distilled-water', 'to 100', 'water'),
            self::line('btms-50', '5 %', 'oil'),
            self::line('argan-oil', '8 %', 'oil'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, weigh 3, heat, hold, combine, blend, gate, weigh 4, add cooldown, blend,'
            .' test_ph, fill'];
        yield 'an emulsion with a gum, wetted in its glycerin' => ['leave_in_emulsion', [
            self::line('distilled-water', 'to 100', 'water'),
            self::line('glycerin', '3 %', 'water'),
            self::line('xanthan-gum', '0.2 %', 'water'),
            self::line('btms-50', '5 %', 'oil'),
            self::line('argan-oil', '8 %', 'oil'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, weigh 3, weigh 4, weigh 5, wet_gum, heat, hold, combine, blend, gate, weigh 6,'
            .' add cooldown, blend, test_ph, fill'];
        yield 'a spray that is shaken' => ['water_spray', [
            self::line('distilled-water', 'to 100', 'water'),
            self::line('argan-oil', '10 %', 'oil'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 3, add cooldown, test_ph, weigh 2, combine, shake, fill'];
        yield 'a clear spray' => ['water_spray', [
            self::line('distilled-water', 'to 100', 'water'),
            self::line('glycerin', '4 %', 'water'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, weigh 3, add cooldown, shake, test_ph, fill'];
        yield 'a gel' => ['gel', [
            self::line('distilled-water', 'to 100', 'water'),
            self::line('glycerin', '4 %', 'water'),
            self::line('xanthan-gum', '0.6 %', 'water'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, weigh 3, wet_gum, blend, rest, weigh 4, add cooldown, test_ph, fill'];
        yield 'a gel with nothing to wet the gum in' => ['gel', [
            self::line('distilled-water', 'to 100', 'water'),
            self::line('xanthan-gum', '0.6 %', 'water'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, weigh 1, weigh 2, blend, rest, weigh 3, add cooldown, test_ph, fill'];
        yield 'a mucilage, made first' => ['gel', [
            ['part' => 'flax-gel', 'amount' => 'to 100', 'phase' => 'water', 'key' => 'the-gel'],
            self::line('glycerin', '3 %', 'water'),
            self::line('phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'),
        ], 'sanitise, prepare flax-gel, simmer flax-gel, strain flax-gel, weigh 1, weigh 2, blend, weigh 3,'
            .' add cooldown, test_ph, fill', ['parts' => [[
                'key' => 'flax-gel', 'name' => 'Flax gel', 'makes' => 'gel',
                'lines' => [
                    ['ingredient' => 'flax-seed', 'amount' => '20 g'],
                    ['ingredient' => 'distilled-water', 'amount' => '250 g'],
                ],
                'gives' => ['amount' => '200 g'],
            ]]]];
        yield 'a fresh mask of fruit' => ['fresh_mask', [
            self::line('banana-flesh', '70 %'),
            self::line('honey', '10 %'),
            self::line('olive-oil', '20 %'),
        ], 'sanitise, weigh 1, weigh 3, weigh 2, prepare, blend_fresh, strain, fill'];
        yield 'a mask of butter and powder is not strained' => ['fresh_mask', [
            self::line('shea-butter-refined', '60 %'),
            self::line('jojoba-oil', '30 %'),
            self::line('kaolin-clay', '10 %', 'oil'),
        ], 'sanitise, weigh 1, weigh 2, weigh 3, heat oil, hold, blend, fill'];
        yield 'a frozen bar' => ['frozen_bar', [
            self::line('aloe-leaf-fresh', '60 %'),
            self::line('distilled-water', '40 %', 'water'),
        ], 'sanitise, weigh 2, weigh 1, prepare, blend_fresh, strain, mould, freeze, unmould, fill'];
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array<string, mixed>  $more
     */
    #[DataProvider('kinds')]
    public function test_a_kind_of_product_has_its_own_steps(
        string $family,
        array $lines,
        string $steps,
        array $more = [],
    ): void {
        self::assertSame($steps, self::planned($family, $lines, $more));
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array<string, mixed>  $more
     */
    #[DataProvider('kinds')]
    public function test_the_simulation_tells_the_same_story(
        string $family,
        array $lines,
        string $steps,
        array $more = [],
    ): void {
        $it = (new Evaluator(self::catalogue()))->evaluate(self::formula($family, $lines, $more))->assessment;
        $simulated = array_map(
            static fn (Step $step): string => $step->kind->value,
            Simulator::formula($it, self::catalogue())->course->steps,
        );
        $told = array_map(static fn (string $step): string => explode(' ', $step)[0], explode(', ', $steps));
        // the plan weighs line by line, and ends with the filling
        $once = static fn (array $kinds): array => array_values(array_filter(
            $kinds,
            static fn (string $kind, int $i): bool => $kind !== 'weigh' || ($kinds[$i - 1] ?? '') !== 'weigh',
            ARRAY_FILTER_USE_BOTH,
        ));
        self::assertSame($once($told), $once(array_values(array_diff($simulated, ['label']))));
    }

    public function test_what_its_maker_wrote_goes_before_what_is_usual(): void
    {
        $steps = self::planned('whipped_butter', [
            [...self::line('shea-butter-refined', '70 %'), 'key' => 'shea'],
            [...self::line('jojoba-oil', '25 %'), 'key' => 'jojoba'],
            [...self::line('aloe-juice', '5 %', 'water'), 'key' => 'aloe'],
        ], ['process' => ['steps' => [
            ['do' => 'heat', 'what' => 'oil', 'to_c' => 60],
            ['do' => 'chill', 'minutes' => 30, 'until' => 'time'],
            ['do' => 'whip', 'key' => 'first', 'minutes' => 4],
            ['do' => 'add', 'lines' => ['aloe'], 'during' => 'first', 'at_share' => 0.5, 'note' => 'spoon by spoon'],
            ['do' => 'whip', 'minutes' => 3],
        ]]]);
        self::assertSame(
            'sanitise, weigh 1, weigh 2, heat oil, chill, whip, weigh 3, add during first, whip, fill',
            $steps,
            'the aloe is weighed where it goes in, and never before',
        );
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string}> what a note says, and what is done then */
    public static function notes(): iterable
    {
        yield 'nothing but a time' => [
            [['do' => 'whip', 'minutes' => 9]],
            'sanitise, weigh 1, weigh 2, heat oil, hold, gate, weigh 3, add cooldown, chill, whip, fill',
        ];
        yield 'chilled and whipped twice' => [
            [
                ['do' => 'heat', 'to_c' => 60], ['do' => 'chill', 'how' => 'freezer', 'minutes' => 20],
                ['do' => 'whip', 'minutes' => 5], ['do' => 'rest', 'minutes' => 60], ['do' => 'whip'], ['do' => 'fill'],
            ],
            'sanitise, weigh 1, weigh 2, heat oil, hold, gate, weigh 3, add cooldown, chill, whip, rest, whip, fill',
        ];
        yield 'cooled after the cold' => [
            [['do' => 'heat'], ['do' => 'chill'], ['do' => 'gate', 'to_c' => 30], ['do' => 'whip']],
            'sanitise, weigh 1, weigh 2, heat oil, hold, weigh 3, add cooldown, chill, gate, whip, fill',
        ];
        yield 'what belongs to a part, or names no line, changes nothing' => [
            [['do' => 'steep', 'minutes' => 10], ['do' => 'strain'], ['do' => 'add']],
            'sanitise, weigh 1, weigh 2, heat oil, hold, gate, weigh 3, add cooldown, chill, whip, fill',
        ];
    }

    /** @param  list<array<string, mixed>>  $noted */
    #[DataProvider('notes')]
    public function test_a_note_is_followed_in_its_own_order_and_loses_no_step(array $noted, string $steps): void
    {
        self::assertSame($steps, self::planned('whipped_butter', [
            self::line('shea-butter-refined', '70 %'),
            self::line('jojoba-oil', '29.5 %'),
            self::line('vitamin-e-tocopherols', '0.5 %', 'cooldown'),
        ], ['process' => ['noted' => $noted]]));
    }

    public function test_temperatures_times_and_words_of_a_note_stand_at_its_steps(): void
    {
        $formula = self::formula('whipped_butter', [
            self::line('shea-butter-refined', '70 %'),
            self::line('jojoba-oil', '30 %'),
        ], ['process' => ['noted' => [
            ['do' => 'heat', 'to_c' => 60, 'note' => 'gently'],
            ['do' => 'chill', 'how' => 'freezer', 'minutes' => 20],
            ['do' => 'whip', 'minutes' => 7, 'note' => 'like snow'],
        ]]]);
        $it = (new Evaluator(self::catalogue()))->evaluate($formula)->assessment;
        $plan = Plan::of($formula, $it->composition);
        self::assertSame([60.0, 'gently'], [$plan->step('heat')?->celsius, $plan->step('heat')?->note]);
        self::assertSame(1200.0, $plan->step('chill')?->seconds);
        self::assertSame([420.0, 'like snow'], [$plan->step('whip')?->seconds, $plan->step('whip')?->note]);
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array<string, mixed>  $more
     */
    private static function planned(string $family, array $lines, array $more = []): string
    {
        $formula = self::formula($family, $lines, $more);
        $it = (new Evaluator(self::catalogue()))->evaluate($formula)->assessment;

        return implode(', ', array_map(self::told(...), Plan::of($formula, $it->composition)->steps));
    }

    private static function told(Step $step): string
    {
        return implode(' ', array_filter([
            $step->kind->value,
            (string) $step->line,
            $step->details->part ?? '',
            match ($step->kind) {
                StepKind::Add => $step->details->lines === [] ? $step->phase()->value ?? '' : '',
                StepKind::Heat => count($step->phases) === 1 ? $step->phases[0]->value : '',
                default => '',
            },
            $step->details->during === null ? '' : 'during '.$step->details->during,
        ], static fn (string $word): bool => $word !== ''));
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array<string, mixed>  $more
     */
    private static function formula(string $family, array $lines, array $more): Formula
    {
        return FormulaDocument::read([
            'format' => 'ilvane.formula/1', 'name' => 'A kind', 'family' => $family,
            'batch' => ['grams' => 200.0], 'lines' => $lines, ...$more,
        ]);
    }

    /** @return array<string, string> */
    private static function line(string $ingredient, string $amount, ?string $phase = null): array
    {
        return ['ingredient' => $ingredient, 'amount' => $amount, ...($phase === null ? [] : ['phase' => $phase])];
    }
}
