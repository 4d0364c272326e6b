<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use App\Simulation\ProcessForm;
use App\Simulation\SimulationPageFactory;
use Ilvane\Core\Making\Course;
use Ilvane\Core\Process\StepKind;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

final class SimulationTest extends AppCase
{
    public function test_a_making_is_gone_through_with_its_picture_and_its_numbers(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $page = $this
            ->get("/formulas/$formula->id/simulation")
            ->assertOk()
            ->assertSeeTextInOrder([
                'Simulation',
                'in all',
                'of it by hand',
                'What happens',
                'BTMS-50 is melted',
                'the phases meet',
                'cool enough for the cool-down phase',
                'The plan',
                'Heat',
                'Gate',
            ]);
        preg_match('/data-samples="([^"]+)"/', (string) $page->getContent(), $found);
        $samples = json_decode(html_entity_decode($found[1]), true, 8, JSON_THROW_ON_ERROR);
        self::assertGreaterThan(100, count($samples));
        self::assertSame(
            [20.0, 20.0, null],
            array_map(
                static fn (mixed $value): ?float => $value === null ? null : (float) $value,
                array_slice($samples[0], 1, 3),
            ),
        );
        $blank = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Blank',
            'family' => 'gel',
            'lines' => [],
        ]);
        $this->get("/formulas/$blank->id/simulation")->assertOk()->assertSeeText('There is nothing to simulate yet');
    }

    public function test_two_ways_lie_beside_each_other(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        foreach (array_keys(Course::SCHOOLS) as $school) {
            $this
                ->get("/formulas/$formula->id/simulation?beside=$school")
                ->assertOk()
                ->assertSee('heat-other', false)
                ->assertSeeText('Dotted: '.__("simulation.schools.$school.0"));
        }
        $this->get("/formulas/$formula->id/simulation?beside=ice_bath")->assertSeeText('Cool enough');
        $this->get("/formulas/$formula->id/simulation?beside=nonsense")->assertOk()->assertDontSee('heat-other', false);
    }

    public function test_the_plan_is_changed_kept_undone_and_put_back_to_the_usual(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $before = $formula->draft;
        $form = $this->typed($formula);
        $at = array_search('gate', array_column($form['steps'], 'do'), true);
        $form['steps'][$at]['to_c'] = '60';
        $this
            ->post(
                "/formulas/$formula->id/simulation",
                [...$form, 'room_c' => '26,5', 'cool' => 'ice_bath', 'do' => 'save'],
            )
            ->assertRedirectContains('#plan');
        $process = Draft::fromStored($formula->refresh()->draft)->formula()[0]->process;
        self::assertSame(
            [26.5, 'ice_bath', 60.0],
            [$process->conditions->room, $process->conditions->cool?->value, $process->steps[$at]->celsius],
        );
        $this
            ->get("/formulas/$formula->id/simulation")
            ->assertSeeText('would be heated to')
            ->assertSeeText('Back to the usual course');
        $this->get("/formulas/$formula->id")->assertSeeText('The process is changed.');
        $steps = count($form['steps']);
        foreach ([
            "remove:$at" => $steps - 1,
            'add' => $steps + 1,
            'up:1' => $steps,
            "down:$steps" => $steps,
        ] as $do => $count) {
            $this->post("/formulas/$formula->id/simulation", [...$form, 'do' => $do, 'adding' => 'rest']);
            self::assertCount($count, Draft::fromStored($formula->refresh()->draft)->formula()[0]->process->steps, $do);
        }
        $this->post("/formulas/$formula->id/simulation", [...$form, 'do' => 'usual']);
        self::assertSame([], Draft::fromStored($formula->refresh()->draft)->formula()[0]->process->steps);
        for ($i = 0; $i < 6; $i++) {
            $this->post(
                "/formulas/$formula->id",
                $this->form($formula->refresh(), ['do' => 'undo']),
                ['X-Live' => '1'],
            );
        }
        self::assertSame($before, $formula->refresh()->draft);
    }

    public function test_what_can_not_be_read_stays_typed_and_nothing_is_kept(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $form = $this->typed($formula);
        $at = array_search('heat', array_column($form['steps'], 'do'), true);
        $form['steps'][$at]['to_c'] = 'hot';
        $this
            ->post("/formulas/$formula->id/simulation", [...$form, 'altitude_m' => '99999', 'do' => 'save'])
            ->assertStatus(422)
            ->assertSee('value="hot"', false)
            ->assertSee('value="99999"', false)
            ->assertSee("problem-steps.$at.to_c", false)
            ->assertSeeText('A number that makes sense here.');
        self::assertSame(1, $formula->refresh()->revision);
        $this
            ->post("/formulas/$formula->id/simulation", ['steps' => 'x', 'room_c' => ['y'], 'do' => ['z']])
            ->assertRedirect();
        $this->get("/formulas/$formula->id/simulation")->assertOk();
    }

    public function test_every_step_has_its_fields_and_its_words(): void
    {
        foreach (StepKind::cases() as $doing) {
            self::assertArrayHasKey($doing->value, ProcessForm::FIELDS);
            self::assertNotSame("simulation.do.$doing->value", say("simulation.do.$doing->value"));
        }
    }

    public function test_what_to_set_out_names_tools_vessels_and_weights(): void
    {
        $formula = $this->formulaOf([
            ...SoundFormula::document(),
            'packaging' => ['container' => 'pet-pump-250', 'count' => 1],
        ]);
        $this
            ->get("/formulas/$formula->id/set-out")
            ->assertOk()
            ->assertSeeTextInOrder([
                'thermometer',
                'stick blender',
                'Heat-proof glass jug 500 mL, for the water phase',
                '1 × PET bottle with lotion pump',
                'To weigh',
                'Sweet almond oil',
            ])
            ->assertSeeText('Never water on burning oil');
    }

    /** @return array<string, mixed> what the page would send */
    private function typed(Formula $formula): array
    {
        $page = app(SimulationPageFactory::class)->of($formula);

        return [...$page->form->kitchen, 'steps' => $page->form->steps];
    }
}
