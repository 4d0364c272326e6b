<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Simulation\SimulationPageFactory;
use Illuminate\Support\Facades\Artisan;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Process\StepKind;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\StoresFormulas;

/** A formula with parts, through the doors of the application: the bench, the simulation, the open formats. */
final class PartsTest extends AppCase
{
    use StoresFormulas;

    /** @return array<string, mixed> every field there is */
    private static function document(): array
    {
        return [
            'format' => Formula::FORMAT,
            'name' => 'Nettle rinse',
            'family' => 'water_spray',
            'parts' => [
                [
                    'key' => 'tea',
                    'name' => 'Nettle tea',
                    'makes' => 'tea',
                    'lines' => [
                        [
                            'key' => 'herb',
                            'ingredient' => 'nettle-dried',
                            'amount' => '6 g',
                            'prepared' => ['soaked', 'strained'],
                        ],
                        ['ingredient' => 'distilled-water', 'amount' => '240 g'],
                    ],
                    'process' => ['steps' => [
                        ['do' => 'steep', 'key' => 's1', 'minutes' => 20.0, 'to_c' => 90.0, 'covered' => true],
                        ['do' => 'strain', 'through' => 'cheesecloth', 'lines' => ['tea/herb'], 'note' => 'press well'],
                    ]],
                    'gives' => ['amount' => '200 g', 'basis' => 'planned'],
                    'ready_before_minutes' => 30.0,
                    'good_for_hours' => 12.0,
                ],
                ['key' => 'base', 'makes' => 'mix', 'lines' => [
                    ['part' => 'tea', 'amount' => '100 g'], ['ingredient' => 'glycerin', 'amount' => '4 g'],
                ]],
            ],
            'lines' => [
                ['part' => 'tea', 'amount' => '50 g', 'phase' => 'water'],
                ['key' => 'thick', 'part' => 'base', 'phase' => 'water', 'prepared' => ['wetted', 'strained']],
                ['ingredient' => 'panthenol-liquid', 'amount' => '2 g', 'phase' => 'cooldown'],
            ],
            'process' => ['steps' => [
                ['do' => 'combine', 'key' => 'mix', 'pour' => 'oil_into_water', 'note' => 'slowly'],
                ['do' => 'add', 'phase' => 'cooldown', 'at_most_c' => 30.0, 'during' => 'mix', 'at_share' => 0.5],
                [
                    'do' => 'add_little',
                    'line' => 'l3',
                    'dose' => '2 drops',
                    'wait_s' => 60.0,
                    'look' => 'ph',
                    'most' => '10 drops',
                ],
                ['do' => 'shake', 'seconds' => 30.0],
            ]],
        ];
    }

    private static function assertFits(string $schema, mixed $document): void
    {
        $result = (new Validator)->validate(
            json_decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
            (string) file_get_contents(dirname(__DIR__, 2)."/docs/schemas/$schema.json"),
        );
        self::assertTrue($result->isValid(), (string) $result->error());
    }

    public function test_the_document_and_its_evaluation_fit_their_schemas(): void
    {
        self::assertFits('formula-1', self::document());
        file_put_contents($file = tempnam(sys_get_temp_dir(), 'parts'), json_encode(self::document()));
        $this->withoutMockingConsoleOutput()->artisan('ilvane:evaluate', ['file' => $file]);
        $evaluation = json_decode(Artisan::output(), true, 64, JSON_THROW_ON_ERROR);
        unlink($file);
        self::assertFits('evaluation-1', $evaluation);
        self::assertSame(['tea', 'base'], array_column($evaluation['parts'], 'key'));
        self::assertSame(['tea/herb', 'tea/l2'], array_column($evaluation['parts'][0]['lines'], 'key'));
        self::assertEquals(0.5, $evaluation['parts'][0]['days']['room'], 'twelve hours');
        self::assertContains(
            'Urtica Dioica Leaf Extract',
            array_column($evaluation['parts'][0]['material']['inci'], 'name'),
        );
        self::assertSame(['l1', 'thick', 'l3'], array_column($evaluation['lines'], 'key'));
        self::assertNull($evaluation['phases']['infusion']);
    }

    public function test_the_kinds_of_steps_are_those_of_the_schema(): void
    {
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2).'/docs/schemas/formula-1.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame(array_column(StepKind::cases(), 'value'), $schema['$defs']['step']['enum']);
    }

    public function test_the_bench_loses_nothing_of_it(): void
    {
        $before = FormulaDocument::write(FormulaDocument::read(self::document()));
        $formula = $this->formulaOf($before);
        $this->get("/formulas/$formula->id")->assertOk()->assertSee('Nettle tea');
        [$read, $problems] = Draft::fromStored($formula->refresh()->draft)->formula();
        self::assertSame([], $problems);
        $after = FormulaDocument::write($read);
        foreach (['parts', 'process', 'lines'] as $kept) {
            self::assertEquals($before[$kept], $after[$kept]);
        }
    }

    public function test_the_plan_of_the_simulation_keeps_what_it_has_no_field_for(): void
    {
        $formula = $this->formulaOf(self::document());
        $page = app(SimulationPageFactory::class)->of($formula);
        $this->post(
            "/formulas/$formula->id/simulation",
            [...$page->form->kitchen, 'steps' => $page->form->steps, 'do' => 'save'],
        )->assertRedirect();
        [$read] = Draft::fromStored($formula->refresh()->draft)->formula();
        $steps = FormulaDocument::write($read)['process']['steps'];
        $wanted = FormulaDocument::write(FormulaDocument::read(self::document()))['process']['steps'];
        self::assertEquals([...$wanted[0], 'how' => null], [...$steps[0], 'how' => null]);
        self::assertEquals($wanted[1], $steps[1]);
        self::assertEquals($wanted[2], $steps[2]);
        self::assertEquals(30.0, $steps[3]['seconds']);
    }

    public function test_what_is_no_field_of_the_step_is_not_taken_from_a_form(): void
    {
        $formula = $this->formulaOf(self::document());
        $page = app(SimulationPageFactory::class)->of($formula);
        $steps = $page->form->steps;
        $steps[0]['kept'] = '{"cubes": 4, "note": "x"}';
        $steps[1]['kept'] = '{"do": "whip"}';
        $steps[2]['kept'] = str_repeat('[', 5000);
        $this->post("/formulas/$formula->id/simulation", [...$page->form->kitchen, 'steps' => $steps, 'do' => 'save']);
        $written = FormulaDocument::write(
            Draft::fromStored($formula->refresh()->draft)->formula()[0],
        )['process']['steps'];
        self::assertSame(['combine', 'add', 'add_little', 'shake'], array_column($written, 'do'));
        self::assertArrayNotHasKey('note', $written[0]);
        $this->get("/formulas/$formula->id/simulation")->assertOk();
    }

    /** @return iterable<string, array{string, StepKind}> */
    public static function steps(): iterable
    {
        foreach (['en', 'fr'] as $language) {
            foreach (StepKind::cases() as $kind) {
                yield "$language $kind->value" => [$language, $kind];
            }
        }
    }

    #[DataProvider('steps')]
    public function test_every_step_at_the_hob_has_its_words(string $language, StepKind $kind): void
    {
        if (in_array($kind, [StepKind::Cool, StepKind::Label], true)) {
            self::assertTrue(true, 'a cooling is a gate at the hob, and the label is no step there');

            return;
        }
        app()->setLocale($language);
        self::assertNotSame("make.verb.$kind->value", say("make.verb.$kind->value"));
        if ($kind !== StepKind::Weigh) {
            self::assertNotSame("make.what.$kind->value", say("make.what.$kind->value"));
        }
        self::assertNotSame("make.why.$kind->value", say("make.why.$kind->value", ['phase' => '']));
    }
}
