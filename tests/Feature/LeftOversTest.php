<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Jar;
use App\Models\Lot;
use App\Pantry\LotBook;
use App\Shelf\TraceFactory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Formula\Storage;
use Tests\Support\AppCase;

/** Spent plants, pulp and press cake are kept with their hours and what they are good for. */
final class LeftOversTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-30 12:00:00');
    }

    private function strained(): Lot
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-12-21 12:00:00');
        $this->post("/infusions/$jar->id/strain", ['client_key' => (string) Str::uuid(), 'strained' => '240']);

        return Lot::query()->where('kind', 'infused_oil')->sole();
    }

    private function keep(Lot $lot, string $grams, string $storage = 'fridge'): TestResponse
    {
        return $this->from("/pantry/$lot->code")->post("/pantry/$lot->code/left-over", [
            'left_grams' => $grams, 'storage' => $storage,
        ]);
    }

    public function test_press_cake_of_an_oil_is_a_lot_with_its_days_its_uses_and_its_plant(): void
    {
        $oil = $this->strained();
        $this->get("/pantry/$oil->code")->assertOk()->assertSee('Keep the press cake')->assertSee('tumble dryer');
        $this->keep($oil, '85')->assertSessionHasNoErrors();
        $cake = Lot::query()->where('left_of', $oil->code)->sole();
        // three days in the fridge, common practice
        self::assertSame(
            ['Press cake of Calendula, cold', 85.0, '2026-12-24 12:00:00'],
            [$cake->name, $cake->grams, $cake->good_until?->toDateTimeString()],
        );
        self::assertSame(
            ['calendula-dried', 'sunflower-oil-high-oleic'],
            array_column($cake->document['lines'], 'ingredient'),
        );
        // 30 g of plant went in; the rest of 85 g is oil it holds
        self::assertSame('55 g', $cake->document['lines'][1]['amount']);
        // the plant is what it is, no longer what was strained out: 30 of 85 g
        $this->get("/pantry/$cake->code")->assertSee('35.3')->assertDontSee('dried, strained out');
        self::assertEqualsWithDelta(30 / 85, $cake->material['from'][0]['share'], 1e-4);
        $this->get("/pantry/$cake->code")->assertOk()->assertSee('a scrub that is rinsed off')->assertSee($oil->code);
        $this->get("/pantry/$oil->code")->assertDontSee('Keep the press cake')->assertSee($cake->code);
        // kept once, however often it is sent
        $this->keep($oil, '85')->assertRedirect("/pantry/$cake->code");
        self::assertSame(2, Lot::query()->count());
    }

    public function test_frozen_it_lasts_longer_and_thawed_a_day(): void
    {
        $oil = $this->strained();
        $this->keep($oil, '85', 'freezer');
        $cake = Lot::query()->where('left_of', $oil->code)->sole();
        self::assertSame('2027-01-20', $cake->good_until?->toDateString());
        Carbon::setTestNow('2026-12-31 12:00:00');
        app(LotBook::class)->move($cake, Storage::Fridge, Carbon::now(), 'thaw-it-now');
        self::assertSame('2027-01-01 12:00:00', $cake->refresh()->good_until?->toDateTimeString());
    }

    public function test_pulp_of_a_part_is_found_by_a_recall_of_its_plant_and_leads_back_to_it(): void
    {
        $nettle = app(LotBook::class)->putBought('nettle-dried', 50.0, null, null, null, Carbon::now());
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Mist', 'family' => 'water_spray',
            'parts' => [['key' => 'tea', 'name' => 'Nettle tea', 'makes' => 'tea', 'lines' => [
                ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
                ['ingredient' => 'distilled-water', 'amount' => '200 g'],
            ]]],
            'lines' => [['part' => 'tea', 'amount' => '100 g', 'phase' => 'water']],
        ]);
        $this->post("/formulas/$formula->id/project", ['begin' => '2026-12-24T10:00'])->assertSessionHasNoErrors();
        $this->post("/formulas/$formula->id/project/tea/made", ['grams' => '180', 'storage' => 'fridge']);
        $tea = Lot::query()->where('kind', 'preparation')->sole();
        $this->get("/pantry/$tea->code")->assertSee('Keep the spent plants')->assertSee('One day in the fridge.');
        $this->keep($tea, '20')->assertSessionHasNoErrors();
        $spent = Lot::query()->where('left_of', $tea->code)->sole();
        self::assertSame('2026-12-01 12:00:00', $spent->good_until?->toDateTimeString());
        $trace = app(TraceFactory::class)->forward($nettle);
        self::assertArrayHasKey("lot $tea->code>lot $spent->code", $trace->edges);
        $this->get("/pantry/$nettle->code/trace")->assertOk()->assertSee($spent->code);
        $this->get("/pantry/$spent->code/trace")->assertOk();
    }

    public function test_a_plant_by_the_spoon_weighs_what_the_spoon_holds(): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Mist', 'family' => 'water_spray',
            'parts' => [['key' => 'tea', 'name' => 'Nettle tea', 'makes' => 'tea', 'lines' => [
                ['ingredient' => 'nettle-dried', 'amount' => '4 tbsp'],
                ['ingredient' => 'distilled-water', 'amount' => '1 cup'],
            ]]],
            'lines' => [['part' => 'tea', 'amount' => '100 g', 'phase' => 'water']],
        ]);
        $this->post("/formulas/$formula->id/project", ['begin' => '2026-12-24T10:00'])->assertSessionHasNoErrors();
        $this->post("/formulas/$formula->id/project/tea/made", ['grams' => '150', 'storage' => 'fridge']);
        $tea = Lot::query()->where('kind', 'preparation')->sole();
        $this->keep($tea, '40')->assertSessionHasNoErrors();
        [$plant, $water] = Lot::query()->where('left_of', $tea->code)->sole()->document['lines'];
        self::assertStringEndsWith(' g', $plant['amount']);
        self::assertNotSame(4.0, (float) $plant['amount'], 'four spoons are not four grams');
        self::assertEqualsWithDelta(40.0, (float) $plant['amount'] + (float) $water['amount'], 0.01);
    }

    public function test_what_was_never_strained_leaves_nothing_and_no_weight_is_refused(): void
    {
        $oil = $this->strained();
        foreach (['', '0', '-3', 'some'] as $grams) {
            $this->keep($oil, $grams)->assertSessionHasErrors('left_grams');
        }
        $bought = app(LotBook::class)->putBought('jojoba-oil', 50.0, null, null, null, Carbon::now());
        $this->get("/pantry/$bought->code")->assertDontSee('Keep the');
        $this->keep($bought, '5')->assertSessionHasErrors('left_grams');
        self::assertSame(0, Lot::query()->whereNotNull('left_of')->count());
    }

    public function test_a_second_draw_is_planned_from_what_is_left_in_it_and_takes_the_press_cake(): void
    {
        $calendula = app(LotBook::class)->putBought('calendula-dried', 100.0, null, null, null, Carbon::now());
        $oil = $this->strained();
        self::assertSame(70.0, $calendula->refresh()->grams_left, 'thirty went into the first jar');
        $this->keep($oil, '85');
        $cake = Lot::query()->where('left_of', $oil->code)->sole();
        $this->get("/pantry/$cake->code")->assertSee('Draw from it once more');
        $this->post("/pantry/$cake->code/again")->assertRedirect('/infusions/2');
        $jar = Jar::query()->findOrFail(2);
        $planned = (float) $jar->draft['parts']['plants'][0]['amount'];
        // the first draw, three weeks cold, took most of it: some is left, less than half
        self::assertGreaterThan(0.6, $planned);
        self::assertLessThan(15.0, $planned);
        $this->get('/infusions/2')->assertOk()->assertSee("A second draw from $cake->code");
        $this->post('/infusions/2/start')->assertSessionHasNoErrors();
        self::assertSame([0.0, 70.0], [$cake->refresh()->grams_left, $calendula->refresh()->grams_left]);
        // the plant of the first jar is found in the second
        $trace = app(TraceFactory::class)->forward($calendula);
        self::assertArrayHasKey("lot $cake->code>jar {$jar->refresh()->code}", $trace->edges);
        // it is taken once
        $this->post("/pantry/$cake->code/again")->assertSessionHas('refused');
        $this->post("/pantry/$oil->code/again")->assertSessionHas('refused');
    }
}
