<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** A formula with stops, and whole versions of it without. */
final class RepairsTest extends AppCase
{
    private function flawed(): Formula
    {
        return $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Curl spray', 'family' => 'water_spray',
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '80 g'],
                ['ingredient' => 'aloe-juice', 'amount' => '80 g'],
                ['ingredient' => 'argan-oil', 'amount' => '30 g'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '10 g'],
            ],
        ]);
    }

    public function test_they_stand_side_by_side_with_what_each_costs(): void
    {
        $formula = $this->flawed();
        $this->get("/formulas/$formula->id")->assertOk()->assertSee("/formulas/$formula->id/repairs");
        $this->get("/formulas/$formula->id/repairs")->assertOk()
            ->assertSeeInOrder(['Put right as it is', 'Shelf life 3 months', 'As an emulsion', 'Without water',
                'Shelf life 10 months', 'Fresh, for a few days', 'Shelf life 1 day']);
    }

    public function test_one_press_opens_it_as_a_new_draft_and_the_old_one_stays(): void
    {
        $formula = $this->flawed();
        $before = $formula->draft;
        $this->post("/formulas/$formula->id/repairs", ['kind' => 'anhydrous'])->assertRedirect('/formulas/2');
        $draft = Draft::fromStored(Formula::query()->findOrFail(2)->draft);
        self::assertSame('Curl spray, without water', $draft->name());
        self::assertSame('hair_oil', $draft->family()->value);
        self::assertCount(2, $draft->lines());
        self::assertSame($before, $formula->refresh()->draft);
        $this->get('/formulas/2')->assertOk()->assertDontSee('/formulas/2/repairs')->assertSee('Ready to make');
    }

    public function test_what_no_longer_comes_out_is_said(): void
    {
        $formula = $this->flawed();
        foreach (['dried', 'nothing', ''] as $kind) {
            $this->post("/formulas/$formula->id/repairs", ['kind' => $kind])
                ->assertRedirect("/formulas/$formula->id/repairs")->assertSessionHas('refused');
        }
        self::assertSame(1, Formula::query()->count());
        $sound = $this->formulaOf(SoundFormula::document());
        $this->get("/formulas/$sound->id/repairs")->assertOk()->assertSee('There is no problem to repair here.');
        $open = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Open', 'family' => 'water_spray', 'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '100 g'],
                ['ingredient' => 'aloe-juice', 'amount' => 'some'],
            ],
        ]);
        $this->get("/formulas/$open->id/repairs")->assertOk()->assertSee('First answer the open question');
    }
}
