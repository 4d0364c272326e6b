<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnIngredient;
use Illuminate\Support\Carbon;
use Ilvane\Core\Material\Catalogue;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;

/** What the maker adds to the catalogue, what turns soon, what is to be bought. */
final class OwnPantryTest extends AppCase
{
    use MadeBatches;

    public function test_a_correction_moves_new_work_and_leaves_what_was_finished(): void
    {
        $document = SoundFormula::document();
        $document['lines'][3] = ['ingredient' => 'sweet-almond-oil', 'amount' => '1 tbsp', 'phase' => 'oil'];
        $formula = $this->formulaOf($document);
        $batch = $this->madeOf($formula);
        $outcome = $batch->outcome;
        $this
            ->post(
                '/own-ingredients',
                ['of' => 'sweet-almond-oil', 'density' => '1,2', 'use_high' => '5', 'source' => 'mill sheet, March'],
            )
            ->assertSessionHasNoErrors();
        $this->refreshApplicationParts();
        $oil = app(Catalogue::class)->get('sweet-almond-oil');
        self::assertSame([1.2, 5.0], [$oil->bulk->density, $oil->use?->max]);
        self::assertStringContainsString('mill sheet', $oil->source);
        self::assertSame('Prunus Amygdalus Dulcis Oil', $oil->inci, 'what was not typed stays');
        self::assertEquals($outcome, $batch->refresh()->outcome);
        $this->get("/formulas/$formula->id")->assertSee('class="num grams">17.74', false); // 14.787 mL at 1.2
        $this->get('/own-ingredients?key=sweet-almond-oil')->assertOk()->assertSee('mill sheet, March');
        $this->post('/own-ingredients/sweet-almond-oil/drop')->assertSessionHas('said');
        $this->refreshApplicationParts();
        self::assertNotSame(1.2, app(Catalogue::class)->get('sweet-almond-oil')->bulk->density);
    }

    public function test_an_ingredient_of_ones_own_is_found_and_checked(): void
    {
        $this
            ->post(
                '/own-ingredients',
                [
                    'name' => 'Meadowfoam seed oil of ours',
                    'kind' => 'carrier_oil',
                    'inci' => 'Limnanthes Alba Seed Oil',
                    'density' => '0.92',
                    'use_high' => '10',
                    'allergens' => ['tree_nut'],
                    'source' => 'mill sheet',
                ],
            )
            ->assertSessionHasNoErrors();
        $own = OwnIngredient::query()->sole();
        self::assertSame('own-meadowfoam-seed-oil-of-ours', $own->key);
        $this->refreshApplicationParts();
        $this->get('/catalogue/search?of=any&q=meadowfoam')->assertOk()->assertSee($own->key);
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Oil',
            'family' => 'hair_oil',
            'batch' => ['grams' => 50],
            'lines' => [
                ['ingredient' => $own->key, 'amount' => '30 %'],
                ['ingredient' => 'jojoba-oil', 'amount' => 'to 100'],
            ],
        ]);
        $this
            ->get("/formulas/$formula->id")
            ->assertOk()
            ->assertSee('Meadowfoam seed oil of ours')
            ->assertSee('data-row="'.$this->lineKey($formula, 0), false)
            ->assertSee('30', false);
        $this->post("/own-ingredients/$own->key/drop")->assertSessionHas('refused');
    }

    public function test_bad_figures_are_refused_beside_their_fields_and_keep_what_was_typed(): void
    {
        $this
            ->from('/own-ingredients')
            ->post('/own-ingredients', ['name' => '', 'kind' => '', 'inci' => 'Typed Already'])
            ->assertSessionHasErrors(['name', 'kind']);
        $this->get('/own-ingredients')->assertSee('value="Typed Already"', false);
        $this
            ->from('/own-ingredients?key=jojoba-oil')
            ->post('/own-ingredients', ['of' => 'jojoba-oil', 'density' => '40', 'use_low' => '9', 'use_high' => '5'])
            ->assertSessionHasErrors(['density', 'use_high']);
        $this
            ->get('/own-ingredients?key=jojoba-oil')
            ->assertSee('value="40"', false)
            ->assertSee('id="field-density-problem"', false);
        $this
            ->from('/own-ingredients')
            ->post('/own-ingredients', ['of' => 'no-such-thing', 'source' => 'x'])
            ->assertSessionHasErrors('of');
    }

    public function test_what_turns_soon_names_the_formulas_that_would_use_it(): void
    {
        Carbon::setTestNow('2026-11-10 09:00:00');
        $lot = $this->bought('sweet-almond-oil');
        $this->formulaOf(SoundFormula::document());
        $this->get('/pantry')->assertDontSee('Use soon');
        Carbon::setTestNow('2027-10-20 09:00:00');
        $this->get('/pantry')->assertSee('Use soon')->assertSee('fits')->assertSee('Plain test milk');
        Carbon::setTestNow('2027-12-01 09:00:00');
        $this->get('/pantry')->assertDontSee('Use soon');
        self::assertNull($lot->refresh()->gone_at);
    }

    public function test_what_is_missing_for_planned_batches_is_on_the_list(): void
    {
        $this->bought('sweet-almond-oil', 20.0, 4.0);
        $this->bought('glycerin', 500.0);
        $formula = $this->formulaOf(SoundFormula::document());
        $this
            ->from('/shopping')
            ->post('/shopping', ['formula' => $formula->id, 'grams' => 'lots'])
            ->assertSessionHasErrors('grams');
        $this->post('/shopping', ['formula' => $formula->id, 'grams' => '400'])->assertSessionHasNoErrors();
        $page = $this->get('/shopping')->assertOk();
        $page->assertSee("13.6\u{202F}g", false); // 8 % of 400 and a twentieth, less 20
        $page->assertSee('2.72'); // at 20 for 100 g
        $page->assertSee('At hand already');
        $this->post('/shopping/'.\App\Models\PlannedBatch::query()->value('id').'/drop');
        $this->get('/shopping')->assertDontSee('To buy');
    }

    /** What is built once a request is built anew, as the next request would. */
}
