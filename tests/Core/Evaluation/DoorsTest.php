<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Practice\Examiner;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\Mistakes;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Simulation\Simulator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * The same things entered by different doors give the same findings: what the simulation or the infusion planner says,
 * the evaluator says too.
 */
final class DoorsTest extends CoreCase
{
    private static ?Evaluator $evaluator = null;

    private static function evaluator(): Evaluator
    {
        return self::$evaluator ??= new Evaluator(self::catalogue());
    }

    /** @return array<mixed> */
    private static function data(string $file): array
    {
        return json_decode(
            (string) file_get_contents(dirname(__DIR__, 3)."/data/$file.json"),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>}> every ready-made formula, and every one spoiled for
     *   practice
     */
    public static function formulas(): iterable
    {
        $frames = array_map(
            static fn (array $frame): array => [...$frame, 'name' => 'Frame'],
            self::data('ready_made'),
        );
        foreach ($frames as $name => $document) {
            yield "frame $name" => [$document];
        }
        $mistakes = Mistakes::of(self::data('mistakes'));
        foreach ($mistakes->all() as $name => $mistake) {
            foreach ([7, 92, 1207] as $seed) {
                $exercise = Exercise::of($mistake, $mistakes, $seed, $frames, self::examiner(), self::catalogue());
                if ($exercise !== null) {
                    yield "practice $name $seed" => [$exercise->document];
                }
            }
        }
    }

    private static function examiner(): Examiner
    {
        return new Examiner(self::evaluator());
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('formulas')]
    public function test_the_simulation_finds_nothing_the_evaluator_does_not(array $document): void
    {
        $formula = FormulaDocument::read($document);
        $evaluation = self::evaluator()->evaluate($formula);
        $simulated = Simulator::formula(self::evaluator()->assess($formula), self::catalogue())->findings;
        $said = self::places($evaluation->findings);
        foreach (self::places(array_column($simulated, 'finding')) as $place) {
            self::assertContains($place, $said);
        }
        self::assertNotSame([], $said);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function places(array $findings): array
    {
        return array_map(
            static fn (Finding $finding): string => $finding->code.' @ '.implode(', ', $finding->lines),
            $findings,
        );
    }

    /**
     * @return iterable<string, array{list<array{string, string, string}>, list<array{string, string}>, string,
     *   float|null, float}>
     */
    public static function jars(): iterable
    {
        $sunflower = [['sunflower-oil-high-oleic', '300 g']];
        // plants, oils, method, °C, minutes
        yield 'calendula, cold' => [
            [['calendula-dried', '30 g', 'dried_whole']],
            $sunflower,
            'cold_dark',
            20.0,
            30240.0,
        ];
        yield 'calendula, far too much' => [
            [['calendula-dried', '200 g', 'dried_whole']], $sunflower, 'cold_dark', 20.0, 30240.0,
        ];
        yield 'cayenne, a pinch' => [[['cayenne-powder', '1 g', 'powder']], $sunflower, 'cold_dark', 20.0, 14400.0];
        yield 'cayenne, two spoons' => [[['cayenne-powder', '11 g', 'powder']], $sunflower, 'cold_dark', 20.0, 14400.0];
        yield 'cayenne in a warm bath' => [
            [['cayenne-powder', '11 g', 'powder']],
            $sunflower,
            'warm_bath',
            60.0,
            120.0,
        ];
        yield 'cloves' => [[['clove-buds', '30 g', 'seed_whole']], $sunflower, 'cold_dark', 20.0, 30240.0];
        yield 'fresh garlic, cold' => [[['garlic-fresh', '40 g', 'fresh_wet']], $sunflower, 'cold_dark', 20.0, 14400.0];
        yield 'fresh aloe, cooked out' => [
            [['aloe-leaf-fresh', '60 g', 'fresh_wet']],
            $sunflower,
            'cook_out',
            105.0,
            60.0,
        ];
        yield 'left for half a year' => [
            [['nettle-dried', '30 g', 'dried_whole']],
            $sunflower,
            'cold_dark',
            20.0,
            259200.0,
        ];
        yield 'in coconut oil, in a cold room' => [
            [['rosemary-dried', '30 g', 'dried_whole']], [['coconut-oil', '300 g']], 'cold_dark', 18.0, 30240.0,
        ];
        yield 'hot extra virgin oil' => [
            [['rosemary-dried', '30 g', 'dried_whole']], [['olive-oil-extra-virgin', '300 g']], 'warm_bath', 95.0, 45.0,
        ];
        yield 'almond oil, and a plant that stands out of it' => [
            [['rose-petals', '45 g', 'dried_whole']], [['sweet-almond-oil', '120 g']], 'cold_dark', 20.0, 30240.0,
        ];
        yield 'citrus peel for skin in the sun' => [
            [['citrus-peel-dried', '30 g', 'dried_whole']], $sunflower, 'cold_dark', 20.0, 30240.0,
        ];
        yield 'two plants' => [
            [['nettle-dried', '20 g', 'dried_whole'], ['ginger-dried', '40 g', 'dried_whole']],
            $sunflower,
            'cold_dark',
            20.0,
            30240.0,
        ];
    }

    /**
     * @param  list<array{string, string, string}>  $plants
     * @param  list<array{string, string}>  $oils
     */
    #[DataProvider('jars')]
    public function test_the_planner_finds_nothing_the_evaluator_does_not(
        array $plants,
        array $oils,
        string $method,
        float $celsius,
        float $minutes,
    ): void {
        $planned = InfusionRules::examine(Infusion::of(InfusionPlanDocument::read([
            'format' => 'ilvane.infusion-plan/1',
            'name' => 'Jar',
            'plants' => array_map(
                static fn (array $plant): array => array_combine(['ingredient', 'amount', 'form'], $plant),
                $plants,
            ),
            'oils' => array_map(static fn (array $oil): array => array_combine(['ingredient', 'amount'], $oil), $oils),
            'method' => $method,
            'temperature_c' => $celsius,
            ...($minutes >= 1440 ? ['days' => $minutes / 1440] : ['minutes' => $minutes]),
        ]), self::catalogue(), new Tools));
        $step = $method === 'cook_out' ? 'cook_out' : 'steep';
        $evaluation = self::evaluator()->evaluate(FormulaDocument::read([
            'format' => 'ilvane.formula/1',
            'name' => 'Oil',
            'family' => 'infused_oil',
            'parts' => [[
                'key' => 'oil',
                'makes' => $method === 'cook_out' ? 'cooked_out_oil' : 'infused_oil',
                'lines' => array_map(
                    static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]],
                    [...$plants, ...$oils],
                ),
                'process' => ['steps' => [
                    ['do' => $step, 'to_c' => $celsius, 'minutes' => $minutes],
                    ['do' => 'strain'],
                ]],
            ]],
            'lines' => [['part' => 'oil']],
        ]));
        $said = [];
        foreach ($evaluation->findings as $finding) {
            $said[$finding->code][] = $finding->severity;
        }
        foreach ($planned as $finding) {
            self::assertArrayHasKey($finding->code, $said, "$finding->code is said by the planner alone");
            self::assertLessThanOrEqual(
                $finding->severity->rank(),
                min(array_map(static fn (Severity $severity): int => $severity->rank(), $said[$finding->code])),
                "$finding->code is graver at the planner",
            );
        }
        self::assertNotSame([], $planned);
    }
}
