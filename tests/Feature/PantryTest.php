<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Make\MakeBook;
use App\Models\Formula;
use App\Models\Lot;
use App\Models\Preparation;
use App\Pantry\LotBook;
use App\Preparations\PreparationBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Formula\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** Preparations and lots: made, stored, counted down, used, thrown away. */
final class PantryTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-10 09:00:00');
    }

    private function made(
        string $method = 'marshmallow-decoction',
        float $grams = 140.0,
        Storage $storage = Storage::Fridge,
    ): Lot {
        $book = app(PreparationBook::class);

        return $book->made(
            $book->plan($method, '', 150.0),
            $grams,
            $storage,
            $storage === Storage::Freezer ? 15.0 : null,
            Carbon::now(),
        );
    }

    private function tell(Lot $lot, string $what, array $fields = [], ?string $key = null): TestResponse
    {
        return $this
            ->from("/pantry/$lot->code")
            ->post("/pantry/$lot->code/$what", ['client_key' => $key ?? Str::uuid()->toString(), ...$fields]);
    }

    public function test_planned_made_and_counted_down(): void
    {
        $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Milk',
            'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200],
            'lines' => [
                ['ingredient' => 'marshmallow-root-decoction', 'amount' => '15 %'],
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
            ],
        ]);
        $this->get('/preparations')->assertOk()->assertSee('Your formulas ask for')->assertSee('for Milk');
        $this->post('/preparations', ['method' => 'marshmallow-decoction', 'wanted' => '150'])->assertRedirect();
        $preparation = Preparation::query()->sole();
        $page = $this
            ->get("/preparations/$preparation->id")
            ->assertOk()
            ->assertSee('221')
            ->assertSee('Press through cloth while it is warm')
            ->assertSee('steam scald');
        self::assertStringContainsString('11', (string) $page->getContent());
        $this
            ->post("/preparations/$preparation->id/made", ['grams' => '138,5', 'storage' => 'fridge'])
            ->assertRedirect();
        $lot = Lot::query()->sole();
        self::assertSame(
            [138.5, 'fridge', '2026-11-12 09:00:00', 'marshmallow-root-decoction'],
            [$lot->grams, $lot->storage->value, $lot->good_until?->toDateTimeString(), $lot->ingredient],
        );
        Carbon::setTestNow('2026-11-11 21:00:00');
        $this->get("/pantry/$lot->code")->assertOk()->assertSee("12\u{202F}h left");
        Carbon::setTestNow('2026-11-12 09:01:00');
        $this
            ->get("/pantry/$lot->code")
            ->assertOk()
            ->assertSee('past its hours')
            ->assertDontSee('Begin a formula with it');
        $this->get('/')->assertSee('past its hours: throw it away');
        $this->get("/preparations/$preparation->id")->assertRedirect("/pantry/$lot->code");
        $this->post("/preparations/$preparation->id/made", ['grams' => '10'])->assertSessionHasErrors('grams');
    }

    public function test_the_next_making_goes_by_the_last(): void
    {
        $before = app(PreparationBook::class)->plan('marshmallow-decoction', '', 150.0)->plan['water_grams'];
        $this->made(grams: 90.0);
        self::assertGreaterThan(
            $before,
            app(PreparationBook::class)->plan('marshmallow-decoction', '', 150.0)->plan['water_grams'],
            'it gave less than hoped: take more',
        );
        $this
            ->get('/preparations/'.Preparation::query()->latest('id')->firstOrFail()->id)
            ->assertSee('from your own 1 makings');
    }

    public function test_a_tea_is_made_of_the_plant_one_has(): void
    {
        $preparation = app(PreparationBook::class)->plan('herbal-tea-infusion', '', 100.0);
        $this->get("/preparations/$preparation->id")->assertSee('Chamomile');
        $this->post("/preparations/$preparation->id/plant", ['plant' => 'chamomile-dried'])->assertRedirect();
        $this->post("/preparations/$preparation->id/plant", ['plant' => 'cayenne-powder'])->assertRedirect();
        self::assertSame('chamomile-dried', $preparation->refresh()->plan['plant']);
        $this->post("/preparations/$preparation->id/made", ['grams' => '95', 'storage' => 'fridge']);
        self::assertSame('Herb tea: chamomile flowers, dried', Lot::query()->sole()->name);
        $this->post("/preparations/$preparation->id/drop");
        self::assertTrue($preparation->exists(), 'what is made is not left out');
    }

    public function test_taken_out_it_gives_back_what_it_was_made_of(): void
    {
        $root = app(LotBook::class)->putBought('marshmallow-root', 50.0, null, null, null, Carbon::now());
        $lot = $this->made('marshmallow-decoction');
        self::assertLessThan(50.0, $root->refresh()->grams_left);
        $this->post("/pantry/$lot->code/remove")->assertSessionHasNoErrors();
        self::assertSame(50.0, $root->refresh()->grams_left);
    }

    public function test_used_bit_by_bit_and_taken_back(): void
    {
        $lot = $this->made();
        $key = Str::uuid()->toString();
        $this->tell($lot, 'use', ['grams' => '40', 'for' => 'a mask'], $key);
        $this->tell($lot, 'use', ['grams' => '40', 'for' => 'a mask'], $key);
        self::assertSame(100.0, $lot->refresh()->grams_left, 'sent twice, taken once');
        $this->tell($lot, 'use', ['grams' => '100']);
        self::assertNotNull($lot->refresh()->gone_at);
        $this->tell($lot, 'use', ['grams' => '1'])->assertSessionHas('refused');
        $this->tell($lot, 'undo/'.$lot->entries()->get()->last()?->id);
        self::assertSame([100.0, null], [$lot->refresh()->grams_left, $lot->gone_at]);
        $this->get("/pantry/$lot->code")->assertSee('a mask')->assertSee('Taken back');
    }

    public function test_moved_to_the_cold_its_date_moves_too(): void
    {
        $lot = $this->made(storage: Storage::Room);
        self::assertSame('2026-11-10 21:00:00', $lot->good_until?->toDateTimeString());
        Carbon::setTestNow('2026-11-10 15:00:00');
        $this->tell($lot, 'move', ['to' => 'fridge']);
        self::assertSame(
            ['fridge', '2026-11-11 15:00:00'],
            [$lot->refresh()->storage->value, $lot->good_until?->toDateTimeString()],
            'half its life was gone',
        );
        $this->tell($lot, 'move', ['to' => 'cellar'])->assertRedirect();
        self::assertSame('fridge', $lot->refresh()->storage->value);
    }

    public function test_frozen_in_cubes_of_a_weighed_size(): void
    {
        $lot = $this->made('aloe-gel-from-leaf', 180.0, Storage::Freezer);
        $this->get("/pantry/$lot->code")->assertSee("12 cubes of 15\u{202F}g");
        $this->tell($lot, 'use', ['grams' => '45']);
        $this->get("/pantry/$lot->code")->assertSee('9 cubes of');
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('impossible')]
    public function test_what_cant_be_is_refused(string $what, array $fields, string $field, string $said): void
    {
        $lot = $this->made();
        $this->tell($lot, $what, $fields)->assertSessionHasErrors($field);
        $this->get("/pantry/$lot->code")->assertSee($said);
        self::assertSame(0, $lot->entries()->count());
    }

    public static function impossible(): iterable
    {
        yield 'more than is left' => ['use', ['grams' => '500'], 'grams', 'is left'];
        yield 'less than nothing' => ['use', ['grams' => '-5'], 'grams', 'less than nothing'];
        yield 'nothing' => ['use', ['grams' => ''], 'grams', 'How many grams?'];
        yield 'no reason' => ['discard', ['reason' => ''], 'reason', 'Say why'];
    }

    #[DataProvider('badPlans')]
    public function test_a_plan_of_nothing_is_refused(array $fields, string $field): void
    {
        $this->from('/preparations')->post('/preparations', $fields)->assertSessionHasErrors($field);
        self::assertSame(0, Preparation::query()->count());
        $this->get('/preparations')->assertOk();
    }

    public static function badPlans(): iterable
    {
        yield 'nothing' => [['method' => 'oat-water', 'wanted' => ''], 'wanted'];
        yield 'less than nothing' => [['method' => 'oat-water', 'wanted' => '-10'], 'wanted'];
        yield 'words' => [['method' => 'oat-water', 'wanted' => 'a bowl'], 'wanted'];
        yield 'no such thing' => [['method' => 'moon-water', 'wanted' => '10'], 'method'];
    }

    public function test_what_a_formula_names_is_not_taken_out_but_can_be_thrown_away(): void
    {
        $lot = $this->made();
        $this->post("/pantry/$lot->code/bench")->assertRedirect();
        $formula = Formula::query()->sole();
        $this->tell($lot, 'remove')->assertSessionHas('refused');
        $this->get("/pantry/$lot->code")->assertSee('stands in a formula on the bench');
        self::assertTrue($lot->exists());
        $this->tell($lot, 'discard', ['reason' => 'smells']);
        self::assertNotNull($lot->refresh()->gone_at);
        $formula->delete();
        $other = $this->made();
        $this->tell($other, 'remove')->assertRedirect('/pantry');
        self::assertFalse(Lot::query()->whereKey($other->id)->exists());
    }

    public function test_on_the_bench_it_is_found_by_name_and_stands_with_its_date(): void
    {
        $lot = $this->made();
        $found = $this->getJson('/catalogue/search?q=marshmallow')->assertOk()->json();
        self::assertSame("lot:$lot->code", $found[0]['key']);
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Mist',
            'family' => 'water_spray',
            'batch' => ['grams' => 100],
            'lines' => [['name' => 'x', 'amount' => '30 %'], ['ingredient' => 'distilled-water', 'amount' => 'to 100']],
        ]);
        $key = $this->lineKey($formula, 0);
        $this->post(
            "/formulas/$formula->id",
            $this->form($formula, ['lines' => [$key => ['ingredient' => "lot:$lot->code", 'name' => 'Marshmallow']]]),
            ['X-Live' => '1'],
        )
            ->assertOk()->assertSee("$lot->code, good until 12 Nov 2026");
        $line = Draft::fromStored($formula->refresh()->draft)->lines()[0];
        self::assertSame(
            ['marshmallow-root-decoction', $lot->code, '2026-11-12', 'water'],
            [$line['ingredient'], $line['rest']['lot'], $line['rest']['best_before'], $line['phase']],
        );
        // another ingredient put in its place is no longer this lot
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form(
                    $formula,
                    ['lines' => [$key => ['ingredient' => 'rosemary-tea', 'name' => 'Rosemary tea']]],
                ),
                ['X-Live' => '1'],
            )
            ->assertDontSee($lot->code);
        self::assertArrayNotHasKey('lot', Draft::fromStored($formula->refresh()->draft)->lines()[0]['rest']);
    }

    public function test_an_oil_picked_on_the_bench_keeps_the_name_it_was_picked_by(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-12-02 09:00:00');
        $this->post("/infusions/$jar->id/strain", ['client_key' => Str::uuid()->toString(), 'strained' => '240']);
        $lot = Lot::query()->sole();
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Butter',
            'family' => 'whipped_butter',
            'batch' => ['grams' => 100],
            'lines' => [['name' => $lot->code, 'amount' => '12 g', 'phase' => 'oil']],
        ]);
        $key = $this->lineKey($formula, 0);
        $row = static fn (string $ingredient, string $name): array => [
            'lines' => [$key => ['ingredient' => $ingredient, 'name' => $name]],
        ];
        $this->post("/formulas/$formula->id", [
            ...$row("lot:$lot->code", $lot->name), 'was' => $row('', $lot->code), 'based' => '1',
        ], ['X-Live' => '1'])->assertOk()->assertSee("value=\"$lot->name\"", false);
        $line = Draft::fromStored($formula->refresh()->draft)->lines()[0];
        self::assertSame([$lot->name, $lot->code, '12 g'], [$line['name'], $line['rest']['lot'], $line['amount']]);
    }

    public function test_past_its_date_it_stops_the_formula(): void
    {
        $lot = $this->made();
        $this->post("/pantry/$lot->code/bench");
        $formula = Formula::query()->sole();
        $this->get("/formulas/$formula->id")->assertDontSee('is past its date');
        Carbon::setTestNow('2026-11-20 09:00:00');
        $this->get("/formulas/$formula->id")->assertSee("$lot->code is past its date");
    }

    public function test_an_infused_oil_in_a_butter_brings_its_date_and_is_drawn_down_by_the_batch(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-12-02 09:00:00');
        $this->post("/infusions/$jar->id/strain", ['client_key' => Str::uuid()->toString(), 'strained' => '240']);
        $lot = Lot::query()->sole();
        $this->post("/pantry/$lot->code/bench");
        $formula = Formula::query()->sole();
        $this
            ->get("/formulas/$formula->id")
            ->assertOk()
            ->assertSee("$lot->code is good until 2027-11-10")
            ->assertSee('100.0');
        $draft = Draft::fromStored($formula->draft);
        $batch = app(MakeBook::class)->start(app(\App\Formulas\FormulaBook::class)->keep($formula, $draft))
            ?? self::fail('not started');
        app(MakeBook::class)->record(
            $batch,
            ['step' => 'weigh.1', 'kind' => 'weighed', 'subject' => '1', 'value' => 100.0],
            Str::uuid()->toString(),
        );
        app(MakeBook::class)->finish($batch->refresh(), 98.0, 1);
        self::assertSame(140.0, $lot->refresh()->grams_left);
        $this->get("/pantry/$lot->code")->assertSee("batch $batch->code");
        $this->tell($lot, 'undo/'.$lot->entries()->sole()->id)->assertSessionHas('refused');
        self::assertSame(140.0, $lot->refresh()->grams_left, 'a batch that was made is not unmade');
    }
}
