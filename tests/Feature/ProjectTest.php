<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\LotEntry;
use App\Models\Project;
use App\Pantry\LotBook;
use App\Projects\ProjectBook;
use App\Shelf\TraceFactory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Process\StepKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** From a formula with parts to a batch made of what came of them. */
final class ProjectTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-30 12:00:00');
    }

    /** @return array<string, mixed> ilvane.formula/1 */
    private static function chain(): array
    {
        return [
            'format' => 'ilvane.formula/1', 'name' => 'Nettle leave-in', 'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200], 'ph' => 5,
            'parts' => [
                ['key' => 'tea', 'name' => 'Strong nettle tea', 'makes' => 'tea', 'lines' => [
                    ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
                    ['ingredient' => 'distilled-water', 'amount' => '240 g'],
                ]],
                ['key' => 'oil', 'name' => 'Calendula oil', 'makes' => 'infused_oil', 'lines' => [
                    ['ingredient' => 'calendula-dried', 'amount' => '6 g'],
                    ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '60 g'],
                ]],
            ],
            'lines' => [
                ['part' => 'tea', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '3 %', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '5 %', 'phase' => 'oil'],
                ['ingredient' => 'cetyl-alcohol', 'amount' => '2 %', 'phase' => 'oil'],
                ['part' => 'oil', 'amount' => '12 %', 'phase' => 'oil'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %', 'phase' => 'cooldown'],
            ],
        ];
    }

    private function planned(string $begin = '2026-12-24T10:00'): Formula
    {
        $formula = $this->formulaOf(self::chain());
        $this->post("/formulas/$formula->id/project", ['begin' => $begin])->assertSessionHasNoErrors()
            ->assertRedirect("/formulas/$formula->id/project");

        return $formula;
    }

    public function test_every_start_is_counted_back_and_stands_on_the_page_today_and_in_the_calendar(): void
    {
        $formula = $this->planned();
        $this->get("/formulas/$formula->id/project")->assertOk()->assertSeeInOrder([
            'Next: “Calendula oil”, 3 Dec, 10:00.', 'Calendula oil', 'begin 3 Dec, 10:00', 'usually takes 21 days',
            'Strong nettle tea', 'begin 24 Dec, 09:00', 'good until 27 Dec, 10:00 in the fridge',
        ], false);
        $this->get('/')->assertSee('Calendula oil')->assertSee('Begin it for “Nettle leave-in”')
            ->assertDontSee('Strong nettle tea');
        $calendar = str_replace("\r\n ", '', (string) $this->get('/calendar.ics')->assertOk()->getContent());
        self::assertStringContainsString('SUMMARY:Begin: Calendula oil (for Nettle leave-in)', $calendar);
        self::assertStringContainsString('DTSTART:20261224T090000Z', $calendar);
    }

    /** @return iterable<string, array{string, string}> */
    public static function hours(): iterable
    {
        yield 'past' => ['2026-11-29T10:00', 'This time has passed.'];
        yield 'before the oil is drawn' => ['2026-12-20T10:00', 'The earliest is 21 Dec, 12:00.'];
        yield 'no hour' => ['soon', 'Which day?'];
        yield 'no such day' => ['2026-02-30T10:00', 'Which day?'];
        yield 'in two years' => ['2028-12-20T10:00', 'Which day?'];
    }

    #[DataProvider('hours')]
    public function test_an_hour_that_can_not_be_is_refused_beside_its_field_and_stays_typed(
        string $begin,
        string $why,
    ): void {
        $formula = $this->formulaOf(self::chain());
        $page = $this->from("/formulas/$formula->id/project")->followingRedirects()
            ->post("/formulas/$formula->id/project", ['begin' => $begin]);
        $page->assertOk()->assertSee("value=\"$begin\"", false);
        if ($why !== 'Which day?') {
            $page->assertSee($why);
        }
        self::assertSame(0, Project::query()->count(), 'nothing is half-planned');
    }

    public function test_an_oil_in_the_pantry_saves_the_jar(): void
    {
        $formula = $this->planned();
        $other = $this->formulaOf([...self::chain(), 'name' => 'Other']);
        $this->post("/formulas/$other->id/project", ['begin' => '2026-12-24T10:00']);
        $this->post("/formulas/$other->id/project/oil/made", ['grams' => '50', 'storage' => 'room']);
        $lot = Lot::query()->sole();
        $this->get("/formulas/$formula->id/project")->assertSee("In the pantry: take Calendula oil, $lot->code");
        $this->post("/formulas/$formula->id/project/oil/take", ['lot' => $lot->code])->assertRedirect();
        // three weeks less: tomorrow is early enough
        $this->post("/formulas/$formula->id/project", ['begin' => '2026-12-01T10:00'])->assertSessionHasNoErrors();
        $this->post("/formulas/$formula->id/project/oil/back")->assertRedirect();
        $this->post("/formulas/$formula->id/project", ['begin' => '2026-12-01T11:00'])->assertSessionHasErrors('begin');
        $this->post("/formulas/$formula->id/project/oil/take", ['lot' => 'L999999-Z'])->assertSessionHasErrors('lot');
    }

    public function test_an_oil_gets_a_jar_of_its_own_and_the_jar_is_planned_once(): void
    {
        $formula = $this->planned();
        $this->post("/formulas/$formula->id/project/oil/begin")->assertRedirect('/infusions/1');
        $this->post("/formulas/$formula->id/project/oil/begin")->assertRedirect('/infusions/1');
        self::assertSame(1, Jar::query()->count());
        $this->get('/infusions/1')->assertOk()->assertSee('Calendula flowers, dried')->assertSee('60 g');
        $this->get("/formulas/$formula->id/project")->assertSee('its jar is to be filled');
        $this->get('/')->assertSee('Begin it for “Nettle leave-in”');
    }

    public function test_a_tea_that_was_made_goes_into_its_line_with_its_real_figures(): void
    {
        $formula = $this->planned();
        app(LotBook::class)->putBought('nettle-dried', 50.0, null, null, null, Carbon::now());
        $this->post("/formulas/$formula->id/project/tea/begin")->assertRedirect("/formulas/$formula->id/project");
        $this->get('/')->assertSee('Ready: strain it and put it away');
        $page = "/formulas/$formula->id/project/tea/made";
        $this->post($page, ['grams' => '900', 'storage' => 'fridge'])->assertSessionHasErrors('grams');
        $this->post($page, ['grams' => '', 'storage' => 'fridge'])->assertSessionHasErrors('grams');
        $this->post($page, ['grams' => '198,5', 'storage' => 'fridge'])->assertSessionHasNoErrors();
        $this->post($page, ['grams' => '198,5', 'storage' => 'fridge'])->assertSessionHasErrors('grams');
        $lot = Lot::query()->where('kind', 'preparation')->sole();
        self::assertSame(198.5, $lot->grams);
        self::assertSame('2026-12-03 12:00:00', $lot->good_until?->toDateTimeString(), 'three days in the fridge');
        self::assertContains('nettle-dried', array_column($lot->material['from'] ?? [], 'id'));
        $nettle = Lot::query()->where('ingredient', 'nettle-dried')->sole();
        self::assertSame(45.0, $nettle->grams_left);
        self::assertSame($lot->code, LotEntry::query()->where('lot_id', $nettle->id)->sole()->subject);
        $this->get("/formulas/$formula->id/project")->assertSee("from $lot->code");
        $this->get("/pantry/$lot->code")->assertOk()->assertSee("Nettle leaf, dried 5\u{202F}g", false);
        $this->get("/pantry/$lot->code/label")->assertOk()->assertSeeInOrder([
            'Strong nettle tea', 'In it', 'Aqua', 'Urtica Dioica', 'Made', 'Best before', 'Keep in the fridge.',
            $lot->code,
        ]);
        $this->get('/pantry')->assertOk()->assertSee('Strong nettle tea');
        // to the freezer it lives on, on the counter it doesn't
        $lots = app(LotBook::class);
        $lots->move($lot, \Ilvane\Core\Formula\Storage::Room, Carbon::now()->addHour(), 'key-of-this-move');
        self::assertLessThan('2026-12-01 02:00:00', $lot->refresh()->good_until?->toDateTimeString());
    }

    public function test_what_came_out_smaller_says_what_it_means_for_the_rest(): void
    {
        $formula = $this->planned();
        $this->post("/formulas/$formula->id/project/tea/made", ['grams' => '90', 'storage' => 'fridge']);
        $this->get("/formulas/$formula->id/project")
            ->assertSee('are wanted: top up, or make a smaller batch.');
    }

    public function test_the_product_is_made_of_what_is_there_and_the_plant_is_found_again(): void
    {
        $formula = $this->planned();
        $lots = app(LotBook::class);
        foreach (['nettle-dried', 'calendula-dried', 'glycerin', 'btms-50'] as $bought) {
            $lots->putBought($bought, 100.0, null, null, null, Carbon::now());
        }
        $make = "/formulas/$formula->id/project/make";
        $this->post($make)->assertSessionHasErrors('make');
        $this->post("/formulas/$formula->id/project/tea/made", ['grams' => '200', 'storage' => 'fridge']);
        $this->post($make)->assertSessionHasErrors('make');
        $this->post("/formulas/$formula->id/project/oil/made", ['grams' => '50', 'storage' => 'room']);
        $this->post($make)->assertSessionHasNoErrors();
        $batch = Batch::query()->sole();
        self::assertSame($batch->code, Project::query()->sole()->batch);
        $lines = array_column($batch->document['lines'], 'lot');
        self::assertSame(
            Lot::query()->whereIn('kind', ['preparation', 'infused_oil'])->orderBy('kind')->pluck('code')->sort()
                ->values()->all(),
            collect($lines)->sort()->values()->all(),
        );
        self::assertNull(app(ProjectBook::class)->of($formula), 'the plan is done');
        self::assertCount(2, $formula->refresh()->draft['parts'], 'the recipe keeps what is made first');
        $this->get("/make/$batch->code")->assertRedirect();
        $this->get('/')->assertOk()->assertDontSee('Begin it for');
    }

    public function test_a_recall_of_a_plant_finds_every_bottle_its_tea_and_its_oil_went_into(): void
    {
        $lots = app(LotBook::class);
        $nettle = $lots->putBought('nettle-dried', 100.0, null, null, null, Carbon::now());
        $calendula = $lots->putBought('calendula-dried', 100.0, null, null, null, Carbon::now());
        $formula = $this->planned();
        $this->post("/formulas/$formula->id/project/tea/made", ['grams' => '200', 'storage' => 'fridge']);
        $this->post("/formulas/$formula->id/project/oil/made", ['grams' => '50', 'storage' => 'room']);
        [$tea, $oil] = [
            Lot::query()->where('kind', 'preparation')->sole(),
            Lot::query()->where('kind', 'infused_oil')->sole(),
        ];
        $this->post("/formulas/$formula->id/project/make")->assertSessionHasNoErrors();
        $batch = Batch::query()->sole();
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            $lot = $step->kind === StepKind::Weigh ? $batch->document['lines'][$step->line - 1]['lot'] ?? null : null;
            if ($lot !== null) {
                $this->get("/make/$batch->code/$step->key")->assertSee($lot);
            }
            $this->post("/make/$batch->code/$step->key", [
                'client_key' => Str::uuid()->toString(),
                ...match ($step->kind) {
                    StepKind::Weigh => $lot === null ? [] : ['lot' => $lot],
                    StepKind::Heat => ['water' => '74', 'oil' => '74', 'do' => 'on'],
                    StepKind::Gate => ['mix' => '35'],
                    StepKind::TestPh => ['ph' => '5'],
                    StepKind::Fill => ['filled' => '190', 'containers' => '2'],
                    default => [],
                },
            ])->assertSessionHasNoErrors();
        }
        self::assertNotNull($batch->refresh()->finished_at);
        $this->post("/batches/$batch->code/split", ['client_key' => Str::uuid()->toString(), 'split' => [
            ['count' => '1', 'what' => 'bottle', 'grams' => '120', 'storage' => 'room', 'stands' => 'bathroom'],
            ['count' => '1', 'what' => 'bottle', 'grams' => '70', 'storage' => 'fridge', 'stands' => ''],
        ]])->assertSessionHasNoErrors();
        $this->post("/batches/$batch->code/leaves", [
            'client_key' => Str::uuid()->toString(), 'kind' => 'gifted', 'shelf_grams' => '70', 'subject' => 'Odile',
            'container' => 'B',
        ])->assertSessionHasNoErrors();

        foreach ([[$nettle, $tea], [$calendula, $oil]] as [$plant, $part]) {
            $trace = app(TraceFactory::class)->forward($plant);
            self::assertSame([$batch->code], $trace->batchCodes());
            self::assertArrayHasKey("lot $plant->code>lot $part->code", $trace->edges);
            self::assertArrayHasKey("lot $part->code>batch $batch->code", $trace->edges);
            $this->get("/pantry/$plant->code/trace")->assertOk()->assertSee($part->code)->assertSee($batch->code)
                ->assertSee("A: 1 bottle, 120\u{202F}g left, on the counter, bathroom")
                ->assertSee("Given 70\u{202F}g (B), Odile")->assertDontSee('B: 1 bottle');
            self::assertArrayHasKey(
                "lot $plant->code>lot $part->code",
                app(TraceFactory::class)->back($batch)->edges,
            );
        }
    }

    public function test_a_part_taken_out_of_the_pantry_gives_its_plants_back_and_is_made_again(): void
    {
        $nettle = app(LotBook::class)->putBought('nettle-dried', 50.0, null, null, null, Carbon::now());
        $formula = $this->planned();
        $page = "/formulas/$formula->id/project";
        $made = fn () => $this->post("$page/tea/made", ['grams' => '200', 'storage' => 'fridge'])
            ->assertSessionHasNoErrors();
        $made();
        self::assertSame(45.0, $nettle->refresh()->grams_left);
        // of the one in the fridge for something else, another is made
        $this->post("$page/tea/back");
        $made();
        self::assertSame(40.0, $nettle->refresh()->grams_left);
        $tea = Lot::query()->where('kind', 'preparation')->orderByDesc('id')->firstOrFail();
        $this->post("/pantry/$tea->code/remove")->assertSessionHasNoErrors();
        self::assertSame(45.0, $nettle->refresh()->grams_left);
        $this->get($page)->assertOk()->assertSee('It is made');
        $made();
        self::assertSame(40.0, $nettle->refresh()->grams_left);
    }

    public function test_a_hot_oil_is_drawn_topped_up_strained_thinned_and_refused_for_a_child(): void
    {
        $cayenne = app(LotBook::class)->putBought('cayenne-powder', 50.0, null, null, null, Carbon::now());
        $this->post('/recipe/open', ['text' => "Warm scalp oil\n\nFor the pepper oil: 1 g cayenne powder, 200 g high"
            ." oleic sunflower oil. Let it stand for 10 days, strain.\n\nThen the scalp oil:\n20 g of the pepper oil\n"
            ."79 g jojoba oil\n1 g vitamin E"])->assertRedirect();
        $formula = Formula::query()->sole();
        $page = "/formulas/$formula->id/project";
        $key = (string) $formula->draft['parts'][0]['key'];
        $this->post($page, ['begin' => '2026-12-20T10:00'])->assertSessionHasNoErrors();
        $this->post("$page/$key/begin")->assertRedirect('/infusions/1');
        $this->post('/infusions/1/start', ['filled_on' => '2026-11-30T12:00'])->assertSessionHasNoErrors();
        self::assertSame(49.0, $cayenne->refresh()->grams_left);

        Carbon::setTestNow('2026-12-12 12:00:00');
        $tell = fn (string $what, array $fields) => $this->post("/infusions/1/$what", [
            'client_key' => Str::uuid()->toString(), ...$fields,
        ])->assertSessionHasNoErrors();
        $tell('move', ['take_out' => '60', 'top_up' => '60']);
        Carbon::setTestNow('2026-12-15 12:00:00');
        $tell('strain', ['strained' => '180']);
        $lots = Lot::query()->where('kind', 'infused_oil')->orderBy('id')->get();
        self::assertSame([60.0, 180.0], $lots->pluck('grams')->all());

        $this->get($page)->assertOk()->assertSee("from {$lots[1]->code}");
        $this->post("$page/make")->assertSessionHasNoErrors();
        $batch = Batch::query()->sole();
        self::assertSame($lots[1]->code, $batch->document['lines'][0]['lot']);
        $reached = app(TraceFactory::class)->forward($cayenne)->nodes;
        foreach ($lots as $lot) {
            self::assertArrayHasKey("lot $lot->code", $reached, 'both drawings are found');
        }

        // the same for a child: refused where it would be made
        $child = $this->formulaOf([...$batch->document, 'name' => 'For Ada', 'for' => ['audience' => 'child_under_3']]);
        $this->get("/formulas/$child->id")->assertSee('Cayenne pepper powder')->assertSee('child');
        $this->post("/formulas/$child->id/make")->assertSessionHas(
            'refused',
            'Not started: there is 1 problem to fix. If you want to make it anyway, say why.',
        );
        self::assertSame(1, Batch::query()->count());
    }

    public function test_a_formula_with_nothing_made_first_says_so_and_a_plan_is_given_up(): void
    {
        $plain = $this->formulaOf(SoundFormula::document());
        $this->get("/formulas/$plain->id/project")->assertOk()->assertSee('Nothing in this formula is made first.');
        $formula = $this->planned();
        $this->post("/formulas/$formula->id/project/drop")->assertRedirect("/formulas/$formula->id");
        self::assertSame(0, Project::query()->count());
        $this->post("/formulas/$formula->id/project/tea/begin")->assertSessionHasErrors('begin');
        $this->get("/formulas/$formula->id/project")->assertOk()->assertSee('Proposed: 22 Dec, 10:00.');
    }

    public function test_a_part_taken_out_of_the_formula_breaks_no_plan(): void
    {
        $formula = $this->planned();
        $this->post("/formulas/$formula->id/project/tea/begin");
        $this->post("/formulas/$formula->id", $this->form($formula->refresh(), ['do' => 'part:remove:tea']));
        $this->get("/formulas/$formula->id/project")->assertOk()->assertDontSee('Strong nettle tea');
        $this->post("/formulas/$formula->id/project/tea/made", ['grams' => '100'])->assertSessionHasErrors('part');
        $this->get('/')->assertOk();
    }
}
