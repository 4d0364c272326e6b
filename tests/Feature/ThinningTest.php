<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Jar;
use App\Models\Lot;
use App\Pantry\LotBook;
use App\Pantry\LotLine;
use App\Shelf\TraceFactory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;

/** A strong oil thinned at one press: what comes of it is a lot of its own. */
final class ThinningTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-15 12:00:00');
    }

    /** 100 g of a cayenne oil in sunflower oil, as strong as said. */
    private function strong(float $strength = 4.0): Lot
    {
        $lot = app(LotBook::class)->putThinned('Pepper oil', [
            'format' => 'ilvane.formula/1', 'name' => 'Pepper oil', 'family' => 'infused_oil',
            'lines' => [
                ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '200 g', 'phase' => 'oil'],
                ['ingredient' => 'cayenne-powder', 'amount' => '10 g', 'phase' => 'infusion', 'prepared' => 'dried'],
            ],
        ], 100.0, $strength, Carbon::parse('2027-06-01'), Carbon::now());

        return $lot;
    }

    /** @param  array<string, string>  $fields */
    private function thin(Lot $lot, array $fields = [], string $key = ''): TestResponse
    {
        return $this->from("/pantry/$lot->code")->post("/pantry/$lot->code/thin", [
            'client_key' => $key !== '' ? $key : (string) Str::uuid(), 'thin_grams' => '50', 'thin_strength' => '1',
            'thin_oil' => 'sunflower-oil-high-oleic', ...$fields,
        ]);
    }

    public function test_at_one_press_it_is_a_lot_with_its_plant_its_strength_its_date_and_where_it_came_from(): void
    {
        $plain = app(LotBook::class)->putBought('sunflower-oil-high-oleic', 500.0, null, Carbon::parse('2027-03-01'),
            null, Carbon::now());
        $lot = $this->strong();
        $this->get("/pantry/$lot->code")->assertOk()->assertSee('Thin it');
        $this->thin($lot)->assertSessionHasNoErrors();
        $thinned = Lot::query()->orderByDesc('id')->firstOrFail();
        // 50 g at strength 4 down to 1: three times as much plain oil, 150 g
        self::assertSame(
            ['Pepper oil, thinned', 200.0, 1.0, '2027-03-01', 'infused_oil'],
            [$thinned->name, $thinned->grams, $thinned->strength, $thinned->good_until?->toDateString(),
                $thinned->kind->value],
        );
        self::assertSame([50.0, 350.0], [$lot->refresh()->grams_left, $plain->refresh()->grams_left]);
        $material = (string) json_encode($thinned->material);
        self::assertStringContainsString('Capsicum', $material);
        self::assertContains('cayenne-powder', array_column($thinned->material['from'], 'id'));
        $back = app(TraceFactory::class)->forward($lot);
        self::assertArrayHasKey("lot $lot->code>lot $thinned->code", $back->edges);
        $this->get("/pantry/$thinned->code")->assertOk()->assertSee('strength 1');
        $this->get("/pantry/$thinned->code/label")->assertOk()->assertSee('Capsicum');
    }

    public function test_what_would_be_no_weaker_or_is_not_there_is_refused_beside_its_field(): void
    {
        $lot = $this->strong();
        foreach ([
            'thin_strength' => [['thin_strength' => '4'], ['thin_strength' => '5'], ['thin_strength' => '0'],
                ['thin_strength' => '-1'], ['thin_strength' => ''], ['thin_strength' => '0.0001']],
            'thin_grams' => [['thin_grams' => ''], ['thin_grams' => '-3'], ['thin_grams' => 'lots'],
                ['thin_grams' => '100.1']],
            'thin_oil' => [['thin_oil' => 'shea-butter-refined'], ['thin_oil' => 'moon'], ['thin_oil' => '']],
        ] as $field => $all) {
            foreach ($all as $fields) {
                $this->thin($lot, $fields)->assertSessionHasErrors($field);
            }
        }
        self::assertSame(1, Lot::query()->count());
        self::assertSame(100.0, $lot->refresh()->grams_left);
    }

    public function test_sent_twice_it_is_thinned_once(): void
    {
        $lot = $this->strong();
        $this->thin($lot, key: 'the-very-same');
        $this->thin($lot, key: 'the-very-same')->assertSessionHasNoErrors();
        self::assertSame([2, 50.0], [Lot::query()->count(), $lot->refresh()->grams_left]);
    }

    public function test_one_that_is_still_too_strong_says_so_and_a_plain_thing_offers_nothing(): void
    {
        $lot = $this->strong(20.0);
        $this->get("/pantry/$lot->code")->assertSee('Too strong to use as it is');
        $this->thin($lot, ['thin_strength' => '10']);
        $thinned = Lot::query()->orderByDesc('id')->firstOrFail();
        $this->get("/pantry/$thinned->code")->assertSee('Too strong to use as it is');
        $plain = app(LotBook::class)->putBought('jojoba-oil', 500.0, null, null, null, Carbon::now());
        $this->get("/pantry/$plain->code")->assertDontSee('Thin it');
        $this->thin($plain)->assertSessionHasErrors('thin_oil');
        self::assertSame(0, Jar::query()->count());
    }

    public function test_what_was_thinned_stays_taken_from_the_strong_one(): void
    {
        $lot = $this->strong();
        $this->thin($lot);
        $entry = $lot->entries()->sole();
        $this->post("/pantry/$lot->code/undo/$entry->id", ['client_key' => (string) Str::uuid()])
            ->assertSessionHas('refused');
        self::assertSame(50.0, $lot->refresh()->grams_left);
    }

    public function test_its_label_names_the_fragrance_allergen_of_its_plant(): void
    {
        $clove = app(LotBook::class)->putThinned('Clove oil', [
            'format' => 'ilvane.formula/1', 'name' => 'Clove oil', 'family' => 'infused_oil',
            'lines' => [
                ['ingredient' => 'jojoba-oil', 'amount' => '100 g', 'phase' => 'oil'],
                ['ingredient' => 'clove-buds', 'amount' => '4 g', 'phase' => 'infusion', 'prepared' => 'dried'],
            ],
        ], 100.0, 2.0, null, Carbon::now());
        $this->get("/pantry/$clove->code/label")->assertOk()->assertSee('Bud Extract, Eugenol');
        // in what it goes into, too: a hundredth of it is 0.0002 % at the least and 0.007 % at the most
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Blend', 'family' => 'hair_oil',
            'lines' => [
                ['ingredient' => 'jojoba-oil', 'amount' => '99 g', 'phase' => 'oil'],
                [...LotLine::of($clove), 'amount' => '1 g'],
            ],
        ]);
        $this->get("/formulas/$formula->id")->assertOk()->assertSee('The label may need to name: Eugenol.');
    }
}
