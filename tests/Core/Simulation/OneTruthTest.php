<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Simulation\Simulator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** The check of a formula, its simulation and its plan at the hob speak of the same process. */
final class OneTruthTest extends CoreCase
{
    /** @return array<string, mixed> */
    private static function pomade(): array
    {
        return self::document(
            [['beeswax', '14 %'], ['castor-oil', 'to 100'], ['lavender-essential-oil', '0.5 %', 'cooldown']],
            ['family' => 'pomade', 'batch' => ['grams' => 100]],
        );
    }

    /**
     * @return array{list<Finding>, list<Finding>, float|null} found by the check, by the simulation, and °C the hob
     *   waits for
     */
    private static function doors(array $document): array
    {
        $evaluation = (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($document));
        $it = $evaluation->assessment;
        $gate = null;
        foreach (Plan::of($it->formula, $it->composition)->steps as $step) {
            $gate = $step->kind === StepKind::Gate ? $step->celsius : $gate;
        }

        return [
            $evaluation->findings,
            array_column(Simulator::formula($it, self::catalogue())->findings, 'finding'),
            $gate,
        ];
    }

    /** @param  list<Finding>  $findings */
    private static function severity(array $findings, string $code): ?string
    {
        foreach ($findings as $finding) {
            if ($finding->code === $code) {
                return $finding->severity->value;
            }
        }

        return null;
    }

    public function test_a_balm_is_poured_hot_and_every_door_says_the_same(): void
    {
        [$checked, $simulated, $gate] = self::doors(self::pomade());
        // beeswax begins to melt at 62 °C (Ph. Eur. range, recalled): three above it is more than a balm's most of 60
        // °C
        self::assertSame(60.0, $gate);
        self::assertSame(
            ['note', 'note'],
            [self::severity($checked, 'heat.gate'), self::severity($simulated, 'heat.gate')],
        );
    }

    public function test_what_its_maker_says_of_the_cool_down_counts_at_every_door(): void
    {
        $milk = self::document(
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['jojoba-oil', '8 %'],
                ['lavender-essential-oil', '0.5 %', 'cooldown'],
                ['phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'],
            ],
            ['batch' => ['grams' => 200]],
        );
        [$checked, $simulated, $gate] = self::doors($milk);
        self::assertSame(
            [null, null, 40.0],
            [self::severity($checked, 'heat.gate'), self::severity($simulated, 'heat.gate'), $gate],
        );
        [$checked, $simulated, $gate] = self::doors([...$milk, 'process' => ['gate_c' => 55.0]]);
        self::assertSame(
            ['mind', 'mind', 55.0],
            [self::severity($checked, 'heat.gate'), self::severity($simulated, 'heat.gate'), $gate],
        );
    }

    /**
     * @return iterable<string, array{float, bool}> °C the maker says, whether it is too hot for 40 °C and two to spare
     */
    public static function gates(): iterable
    {
        yield 'at the limit' => [42.0, false];
        yield 'a tenth above' => [42.1, true];
    }

    #[DataProvider('gates')]
    public function test_the_limit_of_the_cool_down(float $gate, bool $isTooHot): void
    {
        $milk = self::document(
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['jojoba-oil', '8 %'],
                ['lavender-essential-oil', '0.5 %', 'cooldown'],
            ],
            ['process' => ['gate_c' => $gate]],
        );
        self::assertSame($isTooHot ? 'mind' : null, self::severity(self::doors($milk)[0], 'heat.gate'));
    }

    public function test_a_step_nobody_knows_is_refused_with_its_place(): void
    {
        try {
            FormulaDocument::read([
                ...self::pomade(),
                'process' => ['steps' => [['do' => 'weigh', 'phase' => 'oil'], ['do' => 'enchant']]],
            ]);
            self::fail('an unknown step was taken');
        } catch (DocumentRefused $refused) {
            self::assertSame('/process/steps/1/do', $refused->path);
        }
    }

    public function test_a_blending_without_figures_takes_as_long_simulated_as_at_the_hob(): void
    {
        $milk = self::document(
            [['distilled-water', 'to 100'], ['btms-50', '5 %'], ['jojoba-oil', '8 %']],
            ['process' => ['steps' => [
                ['do' => 'heat', 'to_c' => 72],
                ['do' => 'combine'],
                ['do' => 'blend'],
                ['do' => 'fill'],
            ]]],
        );
        $it = (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($milk))->assessment;
        $simulation = Simulator::formula($it, self::catalogue());
        $blend = array_search(StepKind::Blend, array_column($simulation->course->steps, 'kind'), true);
        $stretch = $simulation->stretches[$blend];
        self::assertEqualsWithDelta(75.0, 60 * ($stretch['to'] - $stretch['from']), 1.0);
        self::assertSame(75.0, Plan::of($it->formula, $it->composition)->step('blend')?->seconds);
    }
}
