<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Yield\BatchYield;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class PlanAndLabelTest extends CoreCase
{
    private static function plan(array $document): Plan
    {
        return Plan::of(FormulaDocument::read($document), self::weigh($document));
    }

    public function test_an_emulsion_is_made_in_the_order_of_the_trade(): void
    {
        $keys = array_map(static fn (Step $step): string => $step->key, self::plan(self::sound())->steps);
        self::assertSame(
            [
                'sanitise',
                'weigh.1',
                'weigh.2',
                'weigh.3',
                'weigh.4',
                'weigh.5',
                'heat',
                'hold',
                'combine',
                'blend',
                'gate',
                'weigh.6',
                'weigh.7',
                'weigh.8',
                'weigh.9',
                'add',
                'blend.2',
                'ph',
                'fill',
            ],
            $keys,
        );
    }

    public function test_an_oil_blend_is_neither_heated_nor_gated_nor_tested(): void
    {
        $plan = self::plan(self::document(
            [['olive-oil', '60 g'], ['jojoba-oil', '39 g'], ['lavender-essential-oil', '1 g']],
            ['family' => 'hair_oil', 'batch' => null],
        ));
        self::assertSame(
            ['sanitise', 'weigh.1', 'weigh.2', 'weigh.3', 'add', 'shake', 'fill'],
            array_map(static fn (Step $step): string => $step->key, $plan->steps),
        );
    }

    public function test_a_course_of_ones_own_is_followed_and_nothing_goes_unweighed(): void
    {
        $document = [
            ...self::sound(),
            'process' => ['steps' => [
                ['do' => 'heat', 'what' => 'oil', 'to_c' => 70],
                ['do' => 'rest', 'minutes' => 10],
                ['do' => 'heat', 'what' => 'water', 'to_c' => 72],
                ['do' => 'combine'],
                ['do' => 'blend', 'burst_s' => 60, 'rest_s' => 30, 'times' => 4],
                ['do' => 'add', 'phase' => 'cooldown'],
                ['do' => 'label'],
            ]],
        ];
        $plan = self::plan($document);
        self::assertSame(
            [
                'sanitise',
                ...array_map(static fn (int $n): string => "weigh.$n", range(1, 9)),
                'heat',
                'rest',
                'heat.2',
                'combine',
                'blend',
                'add',
                'fill',
            ],
            array_map(static fn (Step $step): string => $step->key, $plan->steps),
        );
        self::assertSame([600.0, 330.0], [$plan->step('rest')?->seconds, $plan->step('blend')?->seconds]);
        self::assertSame(['oil'], array_column($plan->step('heat')->phases, 'value'));
    }

    public function test_the_plan_weighs_out_exactly_the_batch(): void
    {
        foreach (RandomFormulas::seeded(5, 100, self::catalogue()) as $document) {
            $composition = self::weigh($document);
            $grams = array_sum(array_map(
                static fn (Step $step): float => str_starts_with($step->key, 'weigh.') ? $step->grams ?? 0.0 : 0.0,
                self::plan($document)->steps,
            ));
            self::assertEqualsWithDelta(
                $composition->total?->likely,
                $grams,
                0.005 + 1e-6,
                'to half a step of the scale',
            );
        }
    }

    public function test_heat_is_70_or_two_above_the_highest_melting_point(): void
    {
        $heat = static fn (array $document): ?PhaseHeat => PhaseHeat::of(
            FormulaDocument::read($document),
            self::weigh($document),
        );
        self::assertSame(72.0, $heat(self::sound())?->target, 'BTMS-50 melts up to 70 °C');
        $document = self::sound();
        $document['lines'][2]['ingredient'] = 'btms-25';
        self::assertSame(70.0, $heat($document)?->target);
        $document['lines'][3]['ingredient'] = 'carnauba-wax';
        self::assertSame(90.0, $heat($document)?->target);
        self::assertSame(
            60.0,
            $heat([...$document, 'process' => ['heat_to_c' => 60]])?->target,
            'what the maker says, counts',
        );
        self::assertNull($heat(self::document([['distilled-water', 'to 100']], ['family' => 'water_spray'])));
    }

    /** Order: Regulation (EC) No 1223/2009, Article 19(1)(g). */
    public function test_contents_stand_in_descending_share_each_once(): void
    {
        $document = self::sound();
        $document['lines'][] = ['ingredient' => 'hydrolysed-keratin', 'amount' => '2 %', 'phase' => 'cooldown'];
        $contents = ContentsList::of(self::weigh($document));
        self::assertSame(
            [
                'Aqua',
                'Prunus Armeniaca Kernel Oil',
                'Butyrospermum Parkii Butter',
                'Glycerin',
                'Behentrimonium Methosulfate',
                'Cetyl Alcohol',
            ],
            array_slice($contents->names(), 0, 6),
        );
        self::assertSame(count($contents->names()), count(array_unique($contents->names())));
        self::assertContains('Hydrolyzed Keratin', $contents->names());
        self::assertEqualsWithDelta(1.0, array_sum($contents->shares), 1e-6, 'every gram is on the label');
        $shares = array_values($contents->shares);
        self::assertSame($shares, array_reverse(array_values((static function (array $a): array {
            sort($a);

            return $a;
        })($shares))));
    }

    public function test_water_inside_solutions_is_counted_as_water(): void
    {
        $contents = ContentsList::of(self::weigh(self::document(
            [['panthenol-liquid', '40 %'], ['glycerin', '60 %']],
            ['batch' => null],
        )));
        self::assertEqualsWithDelta(0.4 * 0.25, $contents->shares['Aqua'], 1e-9);
    }

    public function test_nothing_is_lost_silently(): void
    {
        $yield = new BatchYield(200.0, 190.5);
        self::assertEqualsWithDelta(9.5, $yield->missing(), 1e-9);
        self::assertEqualsWithDelta(95.25, $yield->percent(), 1e-9);
        self::assertFalse($yield->isMoreThanWentIn());
        self::assertFalse((new BatchYield(200.0, 203.0))->isMoreThanWentIn(), 'two scales may differ');
        self::assertTrue((new BatchYield(200.0, 210.0))->isMoreThanWentIn());
        self::assertNull((new BatchYield(0.0, 0.0))->percent());
    }
}
