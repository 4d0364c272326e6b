<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Ilvane\Core\Simulation\Simulator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\CoreCase;

/**
 * Documents bent in every way from a seed: each is refused with its place, or read and judged; none breaks anything.
 */
final class HostileDocumentsTest extends CoreCase
{
    /** So many are bent; more in the long run. */
    private static function howMany(): int
    {
        return getenv('ILVANE_LONG') === '1' ? 2000 : 700;
    }

    private const VALUES = [
        null,
        true,
        false,
        0,
        -1,
        1,
        1e308,
        -1e308,
        0.1,
        1e-300,
        '',
        ' ',
        '0',
        '-3 g',
        '1e400 g',
        '10-2 drops',
        '½ cup',
        'to 100',
        '99999999999999999999 %',
        "\u{202E}gar",
        "a\0b",
        'NaN',
        [],
        [[]],
        ['x' => 'y'],
        '2.5 g',
        '3 %',
        'oil',
        'water_into_oil',
    ];

    /** @return array<string, mixed> */
    private static function formula(): array
    {
        return self::document([
            ['distilled-water', 'to 100', 'water'],
            ['glycerin', '3 %', 'water'],
            ['btms-50', '4 %', 'oil'],
            ['shea-butter-unrefined', '1 tbsp', 'oil'],
            ['lavender-essential-oil', '10-12 drops', 'cooldown'],
            ['benzyl-alcohol-dehydroacetic-acid', '0.9 %', 'cooldown'],
        ], [
            'use' => 'leave_on',
            'for' => ['audience' => 'adult', 'region' => 'EU'],
            'ph' => 4.8,
            'packaging' => ['container' => 'pet-pump-250', 'count' => 1],
            'keeping' => ['intended' => 'preserved', 'storage' => 'room', 'claimed_days' => 180],
            'stated_yield_g' => 190.0,
            'directions' => 'A little.',
            'process' => [
                'room_c' => 20.0,
                'altitude_m' => 0.0,
                'covered' => true,
                'cool' => 'counter',
                'pour' => 'oil_into_water',
                'vessels' => ['water' => 'glass-jug-500', 'oil' => 'steel-bowl-500'],
                'steps' => [
                    ['do' => 'heat', 'what' => 'both', 'to_c' => 72.0],
                    ['do' => 'combine'],
                    ['do' => 'blend', 'burst_s' => 60.0, 'rest_s' => 60.0, 'times' => 3],
                    ['do' => 'gate', 'to_c' => 40.0],
                    ['do' => 'add', 'phase' => 'cooldown'],
                    ['do' => 'fill'],
                ],
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private static function plan(): array
    {
        return [
            'format' => 'ilvane.infusion-plan/1',
            'name' => 'Calendula',
            'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g', 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '300 g']],
            'jar_ml' => 500,
            'method' => 'cold_dark',
            'temperature_c' => 20,
            'days' => 21,
            'shake_every_days' => 3,
            'use' => 'leave_on',
            'events' => [['day' => 14, 'take_out_g' => 50, 'top_up_g' => 50]],
            'wished_strength' => 5,
        ];
    }

    private const AMOUNTS = [
        '0 g',
        '0.001 g',
        '100000 g',
        '99 %',
        '0.0001 %',
        '1/3 cup',
        '1-2000 drops',
        'some',
        'a good glug',
        '2 tbsp',
        'to 100',
        '7 handfuls',
        '½ tsp',
        '1,000 g',
        '1e3 g',
        '3 g g',
    ];

    /**
     * Half of the time only amounts are changed, which reads more often.
     *
     * @param  array<mixed>  $document
     * @param  list<string>  $lists
     * @return array<mixed>
     */
    private static function nudged(array $document, Randomizer $dice, array $lists): array
    {
        if ($dice->getInt(0, 1) === 0) {
            return self::bent($document, $dice);
        }
        foreach ($lists as $list) {
            $line = $dice->getInt(0, count($document[$list]) - 1);
            $document[$list][$line]['amount'] = self::AMOUNTS[$dice->getInt(0, count(self::AMOUNTS) - 1)];
        }

        return $document;
    }

    /**
     * One to three places changed, taken out, doubled or given a name nobody knows.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private static function bent(array $document, Randomizer $dice): array
    {
        for ($n = $dice->getInt(1, 3); $n > 0; $n--) {
            $at = &$document;
            while (is_array($at) && $at !== []) {
                $key = $dice->pickArrayKeys($at, 1)[0];
                if (is_array($at[$key]) && $dice->getInt(0, 3) > 0) {
                    $at = &$at[$key];

                    continue;
                }
                match ($dice->getInt(0, 4)) {
                    0 => $at = array_diff_key($at, [$key => 1]),
                    1 => $at['nobody_knows'] = 1,
                    2 => $at[] = $at[$key],
                    default => $at[$key] = self::VALUES[$dice->getInt(0, count(self::VALUES) - 1)],
                };
                break;
            }
            unset($at);
        }

        return $document;
    }

    public function test_a_bent_formula_is_refused_by_its_place_or_judged_and_rehearsed(): void
    {
        $dice = new Randomizer(new Mt19937(20261127));
        $evaluator = new Evaluator(self::catalogue());
        $refused = $judged = 0;
        for ($i = 0, $bent = self::howMany(); $i < $bent; $i++) {
            $document = self::nudged(self::formula(), $dice, ['lines', 'lines']);
            try {
                $read = FormulaDocument::read($document);
            } catch (DocumentRefused $problem) {
                self::assertNotSame('', $problem->getMessage());
                $refused++;

                continue;
            }
            self::assertEquals(
                $read,
                FormulaDocument::read(FormulaDocument::write($read)),
                'what was read is written and read the same',
            );
            $evaluation = $evaluator->evaluate($read);
            self::assertIsArray($evaluation->codes());
            $i % 10 !== 0 ?: self::assertGreaterThanOrEqual(
                0.0,
                Simulator::formula($evaluation->assessment, self::catalogue())->minutes,
            );
            $judged++;
        }
        self::assertGreaterThan(self::howMany() / 4, $refused, 'the bending bends');
        self::assertGreaterThan(self::howMany() / 10, $judged, 'and not everything is beyond reading');
    }

    public function test_a_bent_infusion_plan_is_refused_by_its_place_or_worked_out(): void
    {
        $dice = new Randomizer(new Mt19937(7112026));
        $refused = $worked = 0;
        for ($i = 0, $bent = self::howMany(); $i < $bent; $i++) {
            try {
                $infusion = Infusion::of(
                    InfusionPlanDocument::read(self::nudged(self::plan(), $dice, [['plants'], ['oils']][$i % 2])),
                    self::catalogue(),
                    new Tools,
                );
            } catch (DocumentRefused $problem) {
                self::assertNotSame('', $problem->getMessage());
                $refused++;

                continue;
            }
            self::assertIsArray(InfusionRules::examine($infusion));
            foreach ([$infusion->end->strength(), $infusion->yield->low, $infusion->end->kept] as $figure) {
                self::assertTrue(is_finite($figure) && $figure >= 0.0, json_encode($infusion->plan));
            }
            $worked++;
        }
        self::assertGreaterThan(self::howMany() / 4, $refused);
        self::assertGreaterThan(self::howMany() / 10, $worked);
    }

    public function test_text_that_is_no_document_is_refused(): void
    {
        foreach ([
            '',
            '[]',
            'null',
            '"x"',
            '{"format":"ilvane.formula/2"}',
            str_repeat('[', 5000),
            '{"format":"ilvane.formula/1","name":"x","family":"gel","lines":[],"lines":1e999}',
            "\xFF\xFE",
            '{"format":"ilvane.formula/1"'.str_repeat(' ', 2_100_000).'}',
        ] as $text) {
            try {
                FormulaDocument::fromJson($text);
                self::fail('read: '.substr($text, 0, 60));
            } catch (DocumentRefused $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
    }
}
