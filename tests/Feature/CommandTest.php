<?php

declare(strict_types=1);

namespace Tests\Feature;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\SoundFormula;

/** The commands as another program calls them: in a process of their own, by file and by pipe. */
final class CommandTest extends TestCase
{
    private static function artisan(array $arguments, ?string $input = null): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$arguments], dirname(__DIR__, 2), [
            'APP_ENV' => 'testing',
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'DB_DATABASE' => ':memory:',
        ], $input);
        $process->run();

        return $process;
    }

    private static function assertFits(string $schema, mixed $document): void
    {
        $validator = new Validator;
        $result = $validator->validate(
            json_decode(json_encode($document, JSON_THROW_ON_ERROR)),
            (string) file_get_contents(dirname(__DIR__, 2)."/docs/schemas/$schema.json"),
        );
        self::assertTrue(
            $result->isValid(),
            $result->error() === null
                ? ''
                : json_encode((new ErrorFormatter)->format($result->error()), JSON_THROW_ON_ERROR),
        );
    }

    public function test_evaluate_prints_what_the_schema_says(): void
    {
        self::assertFits('formula-1', SoundFormula::document());
        $run = self::artisan(['ilvane:evaluate', '-'], json_encode(SoundFormula::document(), JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $evaluation = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('evaluation-1', $evaluation);
        self::assertSame('preserved', $evaluation['regime']);
        self::assertEqualsWithDelta(200.0, $evaluation['total_g']['likely'], 1e-9);
        self::assertEqualsWithDelta(168.2, $evaluation['lines'][0]['grams']['likely'], 1e-6);
        self::assertSame('Benzyl Alcohol', $evaluation['preservation'][0]['components'][0]['inci']);
        self::assertNull($evaluation['texture'], 'nothing of firmness for an emulsion');
    }

    public function test_repairs_are_printed_where_they_are_asked_for(): void
    {
        $document = [
            'format' => 'ilvane.formula/1', 'name' => 'Milk', 'family' => 'leave_in_emulsion', 'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '75 g'],
                ['ingredient' => 'olive-oil', 'amount' => '20 g'],
                ['ingredient' => 'btms-50', 'amount' => '5 g'],
            ],
        ];
        $run = self::artisan(['ilvane:evaluate', '-', '--repairs'], json_encode($document, JSON_THROW_ON_ERROR));
        $evaluation = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('evaluation-1', $evaluation);
        self::assertSame(['same', 'anhydrous', 'fresh'], array_column($evaluation['repairs'], 'kind'));
        foreach ($evaluation['repairs'] as $repair) {
            self::assertFits('formula-1', $repair['formula']);
            self::assertSame(0, $repair['after']['stops']);
        }
    }

    public function test_a_formula_full_of_faults_still_exits_with_0(): void
    {
        $document =
            ['format' => 'ilvane.formula/1', 'name' => 'Faulty', 'family' => 'leave_in_emulsion', 'batch' => ['grams' => 100], 'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '50 %'],
                ['name' => 'nobody knows', 'amount' => '5 g'],
                ['text' => 'a good glug of something', 'phase' => 'oil'],
                ['ingredient' => 'olive-oil', 'amount' => '3 blobs'],
                ['ingredient' => 'glycerin', 'amount' => 'some'],
                ['ingredient' => 'nonesuch', 'amount' => '1 g'],
            ]];
        $run = self::artisan(['ilvane:evaluate', '-'], json_encode($document, JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode());
        $evaluation = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('evaluation-1', $evaluation);
        self::assertSame([2, 3, 4, 6], array_column($evaluation['unread'], 'line'));
        self::assertSame('cannot_say', $evaluation['verdict_kind']);
        self::assertNotContains(
            'preservation.missing',
            array_column($evaluation['findings'], 'code'),
            'one of the lines nobody could read may be it',
        );
        self::assertContains(['line_key' => 'l2', 'what' => 'material'], $evaluation['verdict_needs']);
        self::assertNull($evaluation['keeping']);
        self::assertNull($evaluation['lines'][4]['grams']);
    }

    public function test_a_file_and_text_for_people(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ilv');
        file_put_contents($file, json_encode(SoundFormula::document(), JSON_THROW_ON_ERROR));
        $run = self::artisan(['ilvane:evaluate', $file, '--text']);
        unlink($file);
        self::assertSame(0, $run->getExitCode());
        self::assertStringContainsString('Shelf life 6 months', $run->getOutput());
        self::assertStringContainsString('Sweet almond oil', $run->getOutput());
    }

    #[DataProvider('unreadable')]
    public function test_what_is_not_readable_exits_with_2_and_says_where(string $input, string $path): void
    {
        $run = self::artisan(['ilvane:evaluate', '-'], $input);
        self::assertSame(2, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        $error = json_decode($run->getErrorOutput(), true, 8, JSON_THROW_ON_ERROR);
        self::assertSame($path, $error['path']);
        self::assertStringNotContainsString('errors.', $error['error']);
    }

    public static function unreadable(): iterable
    {
        yield 'not JSON' => ['{{{', ''];
        yield 'nothing' => ['', ''];
        yield 'unknown key' => ['{"format":"ilvane.formula/1","name":"A","family":"gel","lines":[],"x":1}', '/x'];
        yield 'deep in a line' => [
            '{"format":"ilvane.formula/1","name":"A","family":"gel","lines":[{"ingredient":"olive-oil","phase":"gas"}]}',
            '/lines/0/phase',
        ];
        yield 'ten megabytes' => ['"'.str_repeat('x', 10_000_000).'"', ''];
    }

    public function test_read_prints_a_formula_with_confidences_that_evaluate_takes(): void
    {
        $run = self::artisan(['ilvane:read', '-'], "Milk\n1 cup water\n2 tbsp shae buter\n3 capsules of moon dust");
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $document = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('formula-1', $document);
        self::assertSame([1.0, 0.75, 0.3], array_column($document['reading']['lines'], 'confidence'));
        self::assertSame(0, self::artisan(['ilvane:evaluate', '-'], $run->getOutput())->getExitCode());
        self::assertSame(2, self::artisan(['ilvane:read', '-'], "a\0b")->getExitCode());
    }

    /**
     * Household weights: USDA National Nutrient Database for Standard Reference, recalled
     * (tests/Published/DensitiesTest).
     */
    public function test_evaluate_takes_a_recipe_as_it_stands_and_holds_the_published_weights_in_its_bands(): void
    {
        $run = self::artisan(
            ['ilvane:evaluate', '-'],
            "1 cup coconut oil\n1 cup olive oil\n1 tbsp honey\n1 cup flaxseed\n1 tsp fenugreek seeds\n1 cup water",
        );
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $evaluation = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('evaluation-1', $evaluation);
        foreach ([218.0, 216.0, 21.0, 168.0, 3.7, 237.0] as $i => $published) {
            $grams = $evaluation['lines'][$i]['grams'];
            self::assertGreaterThanOrEqual($grams['low'], $published, "line $i");
            self::assertLessThanOrEqual($grams['high'], $published, "line $i");
        }
    }

    public function test_a_text_line_in_a_formula_is_read_when_it_is_sure(): void
    {
        $document = [
            ...SoundFormula::document(),
            'lines' => [
                ['text' => '1/2 cup distilled water'],
                ['text' => '2 tbsp olive oil'],
                ['text' => 'a good glug of something'],
            ],
        ];
        $evaluation = json_decode(
            self::artisan(['ilvane:evaluate', '-'], json_encode($document, JSON_THROW_ON_ERROR))->getOutput(),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame(['distilled-water', 'olive-oil', null], array_column($evaluation['lines'], 'ingredient'));
        self::assertSame([3], array_column($evaluation['unread'], 'line'));
    }

    public function test_a_sheet_is_read_from_a_file(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'ilv').'.csv';
        file_put_contents($file, "Ingredient;Percent\nDistilled water;to 100\nGlycerin;3\n");
        $document = json_decode(self::artisan(['ilvane:read', $file])->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(
            [['distilled-water', 'to 100'], ['glycerin', '3 %']],
            array_map(static fn (array $line): array => [$line['ingredient'], $line['amount']], $document['lines']),
        );
        self::assertSame(0, self::artisan(['ilvane:evaluate', $file])->getExitCode());
        file_put_contents($file, 'a,b');
        self::assertSame(2, self::artisan(['ilvane:evaluate', $file])->getExitCode());
        unlink($file);
    }

    public function test_a_missing_file_is_said_to_be(): void
    {
        self::assertSame(2, self::artisan(['ilvane:evaluate', '/nowhere/at/all.json'])->getExitCode());
    }

    public function test_rehearse_prints_what_the_schema_says(): void
    {
        $run = self::artisan(['ilvane:rehearse', '-'], json_encode(SoundFormula::document(), JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $rehearsal = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('rehearsal-1', $rehearsal);
        self::assertContains('gate_open', array_column($rehearsal['events'], 'what'));
        self::assertGreaterThan($rehearsal['minutes_hands_on'], $rehearsal['minutes_total']);
        $process = ['room_c' => 21, 'altitude_m' => 0, 'vessels' => [
            'water' => 'glass-jug-500',
            'oil' => 'steel-bowl-500',
        ], 'covered' => true, 'cool' => 'counter', 'pour' => 'oil_into_water', 'steps' => [
            ['do' => 'heat', 'what' => 'both', 'to_c' => 72],
            ['do' => 'hold', 'minutes' => 20],
            ['do' => 'combine'],
            ['do' => 'blend', 'burst_s' => 60, 'rest_s' => 60, 'times' => 3],
            ['do' => 'cool', 'to_c' => 55],
            ['do' => 'add', 'phase' => 'cooldown'],
            ['do' => 'fill'],
        ]];
        $run = self::artisan(
            ['ilvane:rehearse', '-'],
            json_encode([...SoundFormula::document(), 'process' => $process], JSON_THROW_ON_ERROR),
        );
        $rehearsal = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('rehearsal-1', $rehearsal);
        self::assertSame(
            [['preservation.heated', 6]],
            array_map(static fn (array $found): array => [$found['code'], $found['step']], $rehearsal['findings']),
            'the cool-down goes in at 55 °C',
        );
        self::assertNull($rehearsal['gate_minute']);
        self::assertSame(2, self::artisan(['ilvane:rehearse', '-'], '{"format":"ilvane.formula/9"}')->getExitCode());
    }

    public function test_infuse_prints_what_the_schema_says(): void
    {
        $plan = [
            'format' => 'ilvane.infusion-plan/1',
            'name' => 'Calendula, cold',
            'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g', 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '300 g']],
            'jar_ml' => 500,
            'method' => 'cold_dark',
            'temperature_c' => 20,
            'days' => 21,
            'shake_every_days' => 3,
            'use' => 'leave_on',
            'events' => [['day' => 14, 'take_out_g' => 50, 'top_up_g' => 50]],
            'wished_strength' => 5,
        ];
        self::assertFits('infusion-plan-1', $plan);
        $run = self::artisan(['ilvane:infuse', '-'], json_encode($plan, JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $infusion = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('infusion-1', $infusion);
        self::assertEquals(
            [true, true, 29.6, 1, null],
            [
                $infusion['fits'],
                $infusion['covered'],
                $infusion['headspace_percent'],
                $infusion['ready_day'],
                $infusion['too_strong_day'],
            ],
        );
        self::assertStringNotContainsString('findings.', $run->getOutput());
        $warm = self::artisan(
            ['ilvane:infuse', '-'],
            json_encode(
                [
                    ...array_diff_key($plan, ['days' => 1, 'events' => 1]),
                    'method' => 'warm_bath',
                    'temperature_c' => 95,
                    'minutes' => 45,
                    'plants' => [['ingredient' => 'mint-fresh', 'amount' => '1 cup', 'form' => 'fresh_wet']],
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
        $warm = json_decode($warm->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('infusion-1', $warm);
        self::assertSame(
            ['plant.fresh_in_oil', 'stop'],
            [$warm['findings'][0]['code'], $warm['findings'][0]['severity']],
        );
        self::assertEquals([0, 1, 2], array_slice(array_column($warm['strength'], 'minute'), 0, 3), 'by the minute');
        $refused = self::artisan(['ilvane:infuse', '-'], json_encode([...$plan, 'jar_ml' => -3], JSON_THROW_ON_ERROR));
        self::assertSame(2, $refused->getExitCode());
        self::assertSame('/jar_ml', json_decode($refused->getErrorOutput(), true, 8, JSON_THROW_ON_ERROR)['path']);
        self::assertSame(2, self::artisan(['ilvane:infuse', '/nowhere.json'])->getExitCode());
    }

    public function test_the_catalogue_whole_and_by_entry(): void
    {
        $run = self::artisan(['ilvane:catalogue']);
        $all = json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertFits('catalogue-1', $all);
        self::assertGreaterThan(200, count($all['ingredients']));
        $one = json_decode(self::artisan(['ilvane:catalogue', 'btms-50'])->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame('cationic', $one['charge']);
        self::assertSame(2, self::artisan(['ilvane:catalogue', 'nonesuch'])->getExitCode());
        self::assertStringStartsWith('key,name_en', self::artisan(['ilvane:catalogue', '--csv'])->getOutput());
    }

    /** Two things have to be sure: the amount, and the rule. */
    public function test_certain_is_said_only_where_amount_and_rule_are(): void
    {
        $of = static function (string $percent): array {
            $document = SoundFormula::document();
            $document['lines'][] = ['ingredient' => 'phenoxyethanol', 'amount' => $percent, 'phase' => 'cooldown'];
            $run = self::artisan(['ilvane:evaluate', '-'], json_encode($document, JSON_THROW_ON_ERROR));

            return array_column(json_decode($run->getOutput(), true)['findings'], null, 'code');
        };
        $law = $of('3 %')['preservation.over_limit'];
        self::assertSame(['certain', 'certain', 'law'], [$law['certainty'], ...array_values($law['sure_of'])]);
        $practice = $of('3 %')['safety.patch_test'];
        self::assertSame(
            ['possible', 'certain', 'practice'],
            [$practice['certainty'], ...array_values($practice['sure_of'])],
        );
    }
}
