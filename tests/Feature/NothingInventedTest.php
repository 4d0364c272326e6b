<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\LearnedMakes;
use App\Make\BatchRecordFactory;
use App\Make\LineState;
use App\Make\MakeBook;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\Formula;
use App\Models\Lot;
use App\Models\LotEntry;
use App\Models\ShelfEntry;
use Database\Seeders\DemoWorkroom;
use Illuminate\Routing\Route as RouteDefinition;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;

/** The record says what happened, and no more. */
final class NothingInventedTest extends AppCase
{
    use MadeBatches;

    private function begun(array $document = [], string $reason = ''): Batch
    {
        $formula = $this->formulaOf([...SoundFormula::document(), ...$document]);
        $this->post("/formulas/$formula->id/make", ['reason' => $reason])->assertRedirect();

        return Batch::query()->orderByDesc('id')->firstOrFail();
    }

    private function tell(Batch $batch, string $step, array $fields = [], ?string $key = null): TestResponse
    {
        return $this->post("/make/$batch->code/$step", ['client_key' => $key ?? Str::uuid()->toString(), ...$fields]);
    }

    /** Every step told by its main button, with nothing typed but what it can't go on without. */
    private function walk(Batch $batch, array $fill = ['filled' => '190', 'containers' => '1']): void
    {
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            $this->tell($batch, $step->key, match ($step->kind->value) {
                'heat' => ['water' => '74', 'oil' => '74', 'do' => 'on'],
                'gate' => ['mix' => '35'],
                'test_ph' => ['ph' => '4.8'],
                'fill' => $fill,
                default => [],
            })->assertSessionHasNoErrors();
        }
    }

    public function test_passed_on_without_a_figure_nothing_was_weighed(): void
    {
        $batch = $this->begun();
        $this
            ->get("/make/$batch->code/weigh.1")
            ->assertSee('name="weight"', false)
            ->assertSee('<b>168.20</b>', false)
            ->assertDontSee('value="168.20"', false);
        $this->walk($batch);
        self::assertTrue($batch->refresh()->isFinished());
        self::assertSame(0, BatchEntry::query()->where('kind', 'weighed')->count());
        self::assertSame(['as_planned'], array_values(array_unique(array_column($batch->outcome['lines'], 'state'))));
        self::assertSame(['as_planned'], array_keys($batch->outcome['yield']['by_state']));
        self::assertNull($batch->outcome['taught']['bowl'], 'what nobody weighed teaches nothing');
        self::assertSame([], $batch->outcome['taught']['drops']);
        $page = $this
            ->get("/batches/$batch->code")
            ->assertSeeText('taken as planned')
            ->assertSeeText('taken as planned, not weighed')
            ->assertSeeText('about 168.20');
        self::assertDoesNotMatchRegularExpression('/is-weighed/', (string) $page->getContent());
        $this->get("/batches/$batch->code/label")->assertSeeText('Not weighed, taken as planned: Distilled');
    }

    public function test_weighed_planned_and_not_done_are_three_things_in_record_yield_trace_label_and_export(): void
    {
        $lot = $this->bought('sweet-almond-oil');
        $batch = $this->begun(['lines' => [
            ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
            ['ingredient' => 'glycerin', 'amount' => '3 %'],
            ['ingredient' => 'btms-50', 'amount' => '4 %'],
            ['ingredient' => 'sweet-almond-oil', 'amount' => '8 %'],
            ['ingredient' => 'benzyl-alcohol-dehydroacetic-acid', 'amount' => '0.9 %', 'phase' => 'cooldown'],
        ]]);
        $this->tell($batch, 'sanitise');
        $this->tell($batch, 'weigh.1', ['weight' => '168.0']);
        $this->tell($batch, 'weigh.2', ['do' => 'not_done']);
        $this->tell($batch, 'weigh.3');
        $this->tell($batch, 'weigh.4', ['weight' => '16.0', 'lot' => $lot->code]);
        foreach ([
            'heat' => ['water' => '74', 'oil' => '74', 'do' => 'on'],
            'hold' => [],
            'combine' => [],
            'blend' => [],
            'gate' => ['mix' => '35'],
        ] as $step => $fields) {
            $this->tell($batch, $step, $fields);
        }
        $this
            ->tell($batch, 'fill', ['filled' => '185', 'containers' => '1'])
            ->assertRedirect("/make/$batch->code/fill");
        $this
            ->get("/make/$batch->code/fill")
            ->assertSeeTextInOrder(['steps have no entry', 'Weigh Benzyl alcohol', 'Stir in', 'Test pH']);
        self::assertTrue($batch->refresh()->isMaking(), 'nothing is filled in for steps nobody told');
        $this
            ->tell($batch, 'fill', ['filled' => '185', 'containers' => '1', 'without' => '1'])
            ->assertRedirect("/batches/$batch->code");
        $states = array_column($batch->refresh()->outcome['lines'], 'state', 'line');
        self::assertSame(
            [1 => 'weighed', 2 => 'not_done', 3 => 'as_planned', 4 => 'weighed', 5 => 'not_done'],
            $states,
        );
        self::assertEqualsWithDelta(
            168.0 + 8.0 + 16.0,
            $batch->outcome['yield']['in'],
            1e-6,
            'what was not done did not go in',
        );
        self::assertEqualsWithDelta(
            ['weighed' => 184.0, 'as_planned' => 8.0],
            array_filter($batch->outcome['yield']['by_state']),
            1e-6,
        );
        $this
            ->get("/batches/$batch->code")
            ->assertSeeText('Don’t use it')
            ->assertSeeTextInOrder(['Not done:', 'Stir in'])
            ->assertSeeTextInOrder(['168.00', 'weighed', '–', 'not done', 'about 8.00', 'taken as planned']);
        self::assertArrayNotHasKey('Glycerin', $batch->outcome['contents'], 'the label names what is in it');
        self::assertEqualsWithDelta(16.0, LotEntry::query()->sole()->grams, 1e-9);
        $entries = json_decode((string) json_encode($batch->entries()->get(['step', 'kind', 'value'])), true);
        self::assertContains(['step' => 'weigh.2', 'kind' => 'not_done', 'value' => null], $entries);
    }

    public function test_a_weight_from_before_the_difference_was_kept_says_so(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        DB::unprepared('DROP TRIGGER what_was_recorded_stays');
        $old = $batch->outcome;
        unset($old['lines'], $old['yield']['by_state'], $old['label'], $old['not_done']);
        DB::table('batch_entries')->where('kind', 'weighed')->update(['kind' => 'weight']);
        DB::table('batches')->where('id', $batch->id)->update(['outcome' => json_encode($old)]);
        $this
            ->get("/batches/$batch->code")
            ->assertOk()
            ->assertSeeText('recorded before weighed and planned were told apart');
        self::assertSame(
            LineState::UnknownBefore,
            app(MakeStateFactory::class)->of($batch->refresh()->load('entries'))->taken->state(1),
        );
        self::assertSame(
            LineState::UnknownBefore->value,
            app(BatchRecordFactory::class)->of($batch->load('version.formula'))->lines[0]['is'],
        );
    }

    public function test_looking_changes_nothing_anywhere(): void
    {
        $this->seed(DemoWorkroom::class);
        $dump = static function (): array {
            $rows = [];
            foreach (DB::select(
                "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
            ) as $table) {
                $rows[$table->name] = hash('sha256', serialize(DB::table($table->name)->get()->all()));
            }

            return $rows;
        };
        $value = static fn (string $sql): string => (string) DB::scalar($sql);
        $known = [
            'formula' => $value('SELECT max(id) FROM formulas WHERE id IN (SELECT formula_id FROM formula_versions)'),
            'number' => '1',
            'batch' => $value("SELECT code FROM batches WHERE status = 'finished' LIMIT 1"),
            'jar' => $value("SELECT id FROM jars WHERE status = 'standing' LIMIT 1"),
            'lot' => $value('SELECT code FROM lots LIMIT 1'),
            'preparation' => $value('SELECT id FROM preparations LIMIT 1'),
            'key' => 'shea-butter-unrefined',
            'slug' => 'preserving',
            'format' => 'json',
            'sort' => 'repair',
            'code' => '3-7',
            'step' => 'weigh.2',
            'line' => 'none',
            'rule' => 'preservation.low',
        ];
        $making = $value("SELECT code FROM batches WHERE status = 'making' LIMIT 1");
        $before = $dump();
        $looked = 0;
        /** @var RouteDefinition $route */
        foreach (Route::getRoutes() as $route) {
            $isHere = in_array('GET', $route->methods(), true)
                && ! str_contains($route->uri(), 'safe/')
                && ! str_starts_with($route->uri(), 'storage');
            if ($isHere) {
                $terms = [...$known, ...(str_starts_with($route->uri(), 'make/') ? ['batch' => $making] : [])];
                $this->get('/'.preg_replace_callback(
                    '/\{(\w+)\??\}/',
                    static fn (array $found): string => $terms[$found[1]] ?? 'x',
                    $route->uri(),
                ));
                $looked++;
                self::assertSame($before, $dump(), $route->uri());
            }
        }
        self::assertGreaterThan(50, $looked);
        foreach (app(MakeStateFactory::class)->of(Batch::query()
            ->where('code', $making)
            ->sole()
            ->load('entries'))->plan->steps as $step) {
            $this->get("/make/$making/$step->key");
        }
        self::assertSame($before, $dump(), 'every step of a make');
    }

    public function test_a_make_is_thrown_away_and_that_is_taken_back(): void
    {
        $lot = $this->bought('sweet-almond-oil', 100.0);
        $batch = $this->begun();
        $this->tell($batch, 'sanitise');
        foreach (['weigh.1', 'weigh.2', 'weigh.3'] as $step) {
            $this->tell($batch, $step);
        }
        $this->tell($batch, 'weigh.4', ['weight' => '16', 'lot' => $lot->code]);
        $this->get("/make/$batch->code/heat")->assertSee('Throw this batch away');
        $this
            ->post(
                "/make/$batch->code/drop",
                ['client_key' => 'throw-away-0001', 'used' => '1', 'reason' => 'It burned.'],
            )
            ->assertRedirect('/')
            ->assertSessionHas('undo');
        self::assertSame('abandoned', $batch->refresh()->status->value);
        self::assertEqualsWithDelta(84.0, $lot->refresh()->grams_left, 1e-9, 'what was used is gone from the stock');
        $this->tell($batch, 'heat', ['water' => '74', 'oil' => '74'])->assertSessionHas('refused');
        $this->get('/')->assertDontSee("batch $batch->code");
        $this
            ->post("/make/$batch->code/resume", ['client_key' => 'take-it-back-01'])
            ->assertRedirect("/make/$batch->code");
        self::assertTrue($batch->refresh()->isMaking());
        self::assertEqualsWithDelta(100.0, $lot->refresh()->grams_left, 1e-9, 'and stands there again');
        self::assertSame(
            'heat',
            app(MakeStateFactory::class)->of($batch->load('entries'))->now()->key,
            'it goes on where it was',
        );
        $this->post("/make/$batch->code/drop", ['client_key' => 'throw-away-0002', 'used' => '1']);
        self::assertEqualsWithDelta(84.0, $lot->refresh()->grams_left, 1e-9, 'a second time too');
        $fresh = $this->begun();
        $this->post("/make/$fresh->code/drop", ['client_key' => 'throw-away-0003']);
        self::assertEqualsWithDelta(84.0, $lot->refresh()->grams_left, 1e-9, 'begun by mistake, nothing was used');
    }

    public function test_two_makes_of_one_formula_are_told_apart(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/make");
        $this->post("/formulas/$formula->id/make");
        [$one, $other] = Batch::query()->orderBy('id')->pluck('code')->all();
        $this->tell(Batch::query()->where('code', $one)->sole(), 'sanitise');
        $this->get('/')->assertSeeText("batch $one: Weigh, step 2 of")->assertSeeText("batch $other: Clean, step 1 of");
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unreadable(): iterable
    {
        $shea = ['ingredient' => 'shea-butter-refined', 'amount' => '120 g'];
        yield 'no weight' => [
            ['lines' => [$shea, ['ingredient' => 'mango-butter', 'amount' => 'some']]],
            'measure.open',
        ];
        yield 'no amount at all' => [
            ['lines' => [$shea, ['ingredient' => 'mango-butter', 'amount' => '']]],
            'measure.unread',
        ];
        yield 'a name nobody knows' => [
            ['lines' => [$shea, ['name' => 'preservative eco', 'amount' => '1 tsp']]],
            'measure.unread',
        ];
        yield 'a measure nobody knows' => [
            ['lines' => [$shea, ['ingredient' => 'mango-butter', 'amount' => '3 blobs']]],
            'measure.unread',
        ];
        yield 'a text nobody reads' => [['lines' => [$shea, ['text' => 'a good glug of something']]], 'measure.unread'];
    }

    #[DataProvider('unreadable')]
    public function test_beside_a_line_nobody_can_weigh_nothing_is_called_ready(array $document, string $code): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Whipped shea and mango',
            'family' => 'whipped_butter',
            'scale_resolution_g' => 1,
            ...$document,
        ]);
        $page = $this
            ->get("/formulas/$formula->id")
            ->assertSee($code)
            ->assertSeeText('Can’t say yet:')
            ->assertSeeText('See what is missing');
        foreach (['Ready to make', 'stay fresh', 'data-opens="anyway-sheet"', 'id="keeps"'] as $sure) {
            $page->assertDontSee($sure, false);
        }
        $this->get('/formulas')->assertSeeText('can’t say yet')->assertDontSeeText('ready to make');
        $this->post("/formulas/$formula->id/make", ['reason' => 'I want it.'])->assertSessionHas('refused');
        self::assertSame(0, Batch::query()->count());
        $file = tempnam(sys_get_temp_dir(), 'ilvane').'.json';
        file_put_contents(
            $file,
            (string) json_encode([
                'format' => 'ilvane.formula/1',
                'name' => 'A',
                'family' => 'whipped_butter',
                ...$document,
            ]),
        );
        $this
            ->artisan('ilvane:evaluate', ['file' => $file, '--text' => true])
            ->expectsOutputToContain('Can’t say yet:')
            ->doesntExpectOutputToContain('Ready to make')
            ->assertExitCode(0);
        unlink($file);
    }

    public function test_with_open_stops_it_is_made_only_for_a_reason_and_they_stand_everywhere(): void
    {
        $document = SoundFormula::document();
        array_pop($document['lines']);
        $formula = $this->formulaOf($document);
        $this
            ->get("/formulas/$formula->id")
            ->assertSeeText('See the problem')
            ->assertSee('data-walk', false)
            ->assertDontSee('form="make"', false);
        $this
            ->post("/formulas/$formula->id/make")
            ->assertRedirect("/formulas/$formula->id")
            ->assertSessionHas('refused');
        self::assertSame(0, Batch::query()->count());
        $this->post("/formulas/$formula->id/make", ['reason' => 'For tonight only.'])->assertRedirect();
        $batch = Batch::query()->sole();
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            if (app(MakeStateFactory::class)->of($batch)->shutGateBefore($step) === null) {
                $this
                    ->get("/make/$batch->code/$step->key")
                    ->assertSeeText('1 problem was open when this was begun')
                    ->assertSeeText('For tonight only.')
                    ->assertSeeText('Contains water but no preservative');
            }
        }
        $this->walk($batch);
        $this
            ->get("/batches/$batch->code")
            ->assertSeeTextInOrder(['Open when it was begun', 'Contains water but no preservative', 'For tonight only.'])
            ->assertSeeText('Don’t use it');
        $this->get("/batches/$batch->code/label")->assertSeeText('Made with open problems');
    }

    public function test_drops_stay_drops(): void
    {
        $batch = $this->begun(['lines' => [
            ...SoundFormula::document()['lines'],
            ['ingredient' => 'lavender-essential-oil', 'amount' => '3 drops', 'phase' => 'cooldown'],
        ]]);
        $this->walkTo($batch, 'weigh.6');
        $page = $this->get("/make/$batch->code/weigh.6")->assertSeeText('Drops you counted');
        self::assertMatchesRegularExpression('#hob-number"><b>3</b> <span>drops</span>#', (string) $page->getContent());
        $this->tell($batch, 'weigh.6', ['drops' => '4']);
        $taken = app(MakeStateFactory::class)->of($batch->refresh()->load('entries'))->taken;
        self::assertSame(LineState::Counted, $taken->state(6));
        self::assertGreaterThan($taken->grams(6)->low, $taken->grams(6)->high, 'their grams are a band');
        foreach ([
            'add' => [],
            'blend.2' => [],
            'ph' => ['ph' => '4.8'],
            'fill' => ['filled' => '190', 'containers' => '1'],
        ] as $step => $fields) {
            $this->tell($batch, $step, $fields);
        }
        $this->get("/batches/$batch->code")->assertSeeText('4 drops')->assertSeeText('counted');
    }

    public function test_made_exactly_as_told_it_keeps_its_judgement(): void
    {
        // 1.1 % is the most of this preservative; the scale shows tenths, and half its step is 2 % of the 2.2 g
        $document = SoundFormula::document();
        $document['lines'][4]['amount'] = '1.1 %';
        $batch = $this->begun([...$document, 'scale_resolution_g' => 0.1]);
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            $this->tell($batch, $step->key, match ($step->kind->value) {
                'weigh' => ['weight' => (string) $step->grams],
                'heat' => ['water' => '74', 'oil' => '74', 'do' => 'on'],
                'gate' => ['mix' => '35'],
                'test_ph' => ['ph' => '4.8'],
                'fill' => ['filled' => '190', 'containers' => '1'], default => [],
            });
        }
        $codes = array_column($batch->refresh()->outcome['evaluation']['findings'], 'code');
        self::assertSame(
            [],
            array_values(array_intersect(
                ['preservation.high', 'preservation.over_limit', 'dose.high', 'measure.unweighable'],
                $codes,
            )),
        );
        self::assertStringStartsWith('Made as planned.', $batch->outcome['evaluation']['verdict']);
        self::assertStringNotContainsString(
            'Ready to make',
            $batch->outcome['evaluation']['verdict'],
            'what is made is spoken of in the past tense',
        );
    }

    public function test_rounding_to_the_scale_never_crosses_a_limit(): void
    {
        // 1.1 % of 44 g is 0.484 g: a scale of 0.1 g would round it up to 0.5 g, 1.14 %
        $document = SoundFormula::document();
        $document['lines'][4]['amount'] = '1.1 %';
        $batch = $this->begun([...$document, 'batch' => ['grams' => 44.0], 'scale_resolution_g' => 0.1]);
        $state = app(MakeStateFactory::class)->of($batch->load('entries'));
        self::assertEqualsWithDelta(0.4, $state->plan->step('weigh.5')?->grams, 1e-9);
        self::assertEqualsWithDelta(
            44.0,
            array_sum(array_map(
                static fn ($step): float => $step->kind->value === 'weigh' ? (float) $step->grams : 0.0,
                $state->plan->steps,
            )),
            1e-6,
            'the sum is kept',
        );
    }

    public function test_what_was_typed_at_one_step_never_stands_in_the_field_of_the_next(): void
    {
        $batch = $this->begun();
        $this->walkTo($batch, 'weigh.2');
        $this->tell($batch, 'weigh.2', ['weight' => '6.00'])->assertRedirect("/make/$batch->code/weigh.3");
        $this
            ->get("/make/$batch->code/weigh.3")
            ->assertSee('name="weight"', false)
            ->assertDontSee('value="6.00"', false);
    }

    public function test_a_lot_past_its_date_is_never_chosen_and_taking_it_asks_why(): void
    {
        $old = $this->bought('sweet-almond-oil', 500.0);
        $old->forceFill(['good_until' => Carbon::now()->subDays(5)])->save();
        $batch = $this->begun();
        $this->walkTo($batch, 'weigh.4');
        $page = (string) $this->get("/make/$batch->code/weigh.4")->getContent();
        self::assertMatchesRegularExpression('#<option value=""\s+selected#', $page);
        $this->tell($batch, 'weigh.4', ['weight' => '16', 'lot' => $old->code])->assertSessionHasErrors('lot');
        self::assertSame(0, BatchEntry::query()->where('step', 'weigh.4')->count());
        $this
            ->tell($batch, 'weigh.4', ['weight' => '16', 'lot' => $old->code, 'reason' => 'It smells fine.'])
            ->assertSessionHasNoErrors();
        self::assertSame('It smells fine.', BatchEntry::query()->where('kind', 'lot')->sole()->reason);
        $good = $this->bought('sweet-almond-oil', 500.0);
        $again = $this->begun();
        self::assertMatchesRegularExpression(
            "#<option value=\"$good->code\"\s+selected#",
            (string) $this->get("/make/$again->code/weigh.4")->getContent(),
        );
    }

    public function test_more_than_a_lot_holds_is_asked_about(): void
    {
        $lot = $this->bought('sweet-almond-oil', 12.0);
        $batch = $this->begun();
        $this->walkTo($batch, 'weigh.4');
        $this->tell($batch, 'weigh.4', ['weight' => '16', 'lot' => $lot->code])->assertSessionHasErrors('rest');
        $this->tell($batch, 'weigh.4', ['weight' => '12', 'lot' => $lot->code])->assertSessionHasNoErrors();
    }

    public function test_of_ten_devices_that_finish_one_does_and_the_others_are_told(): void
    {
        $batch = $this->begun();
        $this->walkTo($batch, 'fill');
        $answers = [];
        foreach (range(1, 10) as $i) {
            $answers[] = $this
                ->tell(
                    $batch,
                    'fill',
                    ['filled' => (string) (180 + $i), 'containers' => '1'],
                    "device-number-$i",
                )->baseResponse
                ->getSession()
                ?->get('refused');
        }
        self::assertSame(1, BatchEntry::query()->where('kind', 'fill')->count());
        self::assertEqualsWithDelta(181.0, $batch->refresh()->outcome['yield']['filled'], 1e-9);
        self::assertCount(9, array_filter($answers));
        $this
            ->tell($batch, 'fill', ['filled' => '181', 'containers' => '1'], 'device-number-1')
            ->assertSessionMissing('refused');
    }

    public function test_a_finish_before_its_begin_or_months_after_is_asked_about(): void
    {
        foreach (['2025-10-24 10:00', '2027-05-01 10:00'] as $odd) {
            Carbon::setTestNow('2026-11-28 10:00');
            $batch = $this->begun();
            $this->walkTo($batch, 'fill');
            Carbon::setTestNow($odd);
            $this->tell($batch, 'fill', ['filled' => '190', 'containers' => '1'])->assertSessionHasErrors('when');
            self::assertTrue($batch->refresh()->isMaking());
            $this
                ->tell($batch, 'fill', ['filled' => '190', 'containers' => '1', 'when_sure' => '1'])
                ->assertSessionHasNoErrors();
            self::assertTrue($batch->refresh()->isFinished());
        }
    }

    public function test_one_key_is_one_telling(): void
    {
        $batch = $this->begun();
        $this->tell($batch, 'sanitise');
        $this->tell($batch, 'weigh.1', ['weight' => '20'], 'one-and-the-same');
        $this->tell($batch, 'weigh.1', ['weight' => '20'], 'one-and-the-same')->assertSessionMissing('refused');
        $this
            ->from("/make/$batch->code/weigh.1")
            ->tell($batch, 'weigh.1', ['weight' => '19.7'], 'one-and-the-same')
            ->assertRedirect("/make/$batch->code/weigh.1")
            ->assertSessionHas('refused');
        $this
            ->from("/make/$batch->code/weigh.2")
            ->tell($batch, 'weigh.2', ['weight' => '6'], 'one-and-the-same')
            ->assertSessionHas('refused');
        self::assertSame(
            [20.0],
            BatchEntry::query()->where('kind', 'weighed')->pluck('value')->map(floatval(...))->all(),
        );
        $this->tell($batch, 'weigh.1', ['weight' => '19.7'], 'a-key-of-its-own');
        self::assertEqualsWithDelta(
            19.7,
            app(MakeStateFactory::class)->of($batch->refresh()->load('entries'))->taken->reading(1),
            1e-9,
        );
        $made = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $give = fn (string $grams, string $to) => $this
            ->from("/batches/$made->code")
            ->post(
                "/batches/$made->code/leaves",
                ['client_key' => 'given-away-00001', 'kind' => 'gifted', 'shelf_grams' => $grams, 'subject' => $to],
            );
        $give('5', 'Ana');
        $give('50', 'Bo')->assertSessionHas('refused');
        self::assertSame(['Ana'], ShelfEntry::query()->pluck('subject')->all());
        $this
            ->postJson("/make/$batch->code/weigh.1", ['client_key' => 'one-and-the-same', 'weight' => '18'])
            ->assertStatus(409);
    }

    public function test_a_learned_figure_is_seen_pinned_and_reset(): void
    {
        foreach ([188.0, 189.0] as $filled) {
            $this->madeOf($this->formulaOf(SoundFormula::document()), $filled);
        }
        $learned = LearnedMakes::learned()['bowl'];
        self::assertSame(2, $learned->count);
        $this->post('/settings/learned', ['what' => 'bowl', 'do' => 'pin'])->assertRedirect();
        $this->get('/settings')->assertSeeText('Pinned at');
        $this->madeOf($this->formulaOf(SoundFormula::document()), 150.0);
        self::assertEqualsWithDelta(
            $learned->ownMean,
            LearnedMakes::learned()['bowl']->value->likely,
            1e-9,
            'whatever comes after',
        );
        $this->post('/settings/learned', ['what' => 'bowl', 'do' => 'unpin']);
        $this->post('/settings/learned', ['what' => 'bowl', 'do' => 'forget']);
        self::assertSame(0, LearnedMakes::learned()['bowl']->count);
        $this->post('/settings/learned', ['what' => 'moon', 'do' => 'pin'])->assertNotFound();
    }

    public function test_names_only_the_maker_knows_are_asked_for_and_never_printed_as_placeholders(): void
    {
        $document = SoundFormula::document();
        $document['lines'][1] = ['ingredient' => 'herbal-tea-generic', 'amount' => '10 %'];
        $batch = $this->madeOf($this->formulaOf($document));
        $this
            ->get("/batches/$batch->code/label")
            ->assertSeeText('The ingredient list is not complete')
            ->assertDontSee('[plant extract', false);
        $this
            ->get("/batches/$batch->code/label.pdf")
            ->assertRedirect("/batches/$batch->code/label")
            ->assertSessionHas('refused');
        $this->post(
            "/batches/$batch->code/label/name",
            ['open' => 'plant extract: name of the plant', 'inci' => 'Urtica Dioica Leaf Extract'],
        );
        $this
            ->get("/batches/$batch->code/label")
            ->assertSeeText('Urtica Dioica Leaf Extract')
            ->assertDontSeeText('not complete');
        $this->get("/batches/$batch->code/label.pdf")->assertOk();
    }

    public function test_what_the_label_has_to_say_stands_on_it(): void
    {
        $spray = $this
            ->madeOf($this->formulaOf(['format' => 'ilvane.formula/1', 'name' => 'Two layers', 'family' => 'water_spray', 'batch' => ['grams' => 100.0], 'ph' => 5.0, 'scale_resolution_g' => 0.01, 'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
                ['ingredient' => 'jojoba-oil', 'amount' => '6 %'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %'],
                ['ingredient' => 'bergamot-essential-oil-expressed', 'amount' => '0.1 %'],
            ]]), 98.0, 1);
        $this
            ->get("/batches/$spray->code/label")
            ->assertSeeText('Shake before use.')
            ->assertSeeText('keep out of the sun');
        $bar = $this->madeOf(
            $this->formulaOf([
                'format' => 'ilvane.formula/1',
                'name' => 'Frozen bar',
                'family' => 'frozen_bar',
                'scale_resolution_g' => 1,
                'lines' => [
                    ['ingredient' => 'coconut-milk-canned', 'amount' => '200 g'],
                    ['ingredient' => 'coconut-oil', 'amount' => '20 g'],
                ],
            ]),
            210.0,
            8,
        );
        $this
            ->get("/batches/$bar->code/label")
            ->assertSeeText('Keep frozen.')
            ->assertSeeText('Frozen '.Carbon::now()->format('j M Y'))
            ->assertDontSeeText('Keep in the fridge.');
        $oil = $this->madeOf(
            $this->formulaOf([
                'format' => 'ilvane.formula/1',
                'name' => 'Fenugreek paste',
                'family' => 'fresh_mask',
                'scale_resolution_g' => 1,
                'lines' => [
                    ['ingredient' => 'fenugreek-powder', 'amount' => '5 g', 'phase' => 'water'],
                    ['ingredient' => 'distilled-water', 'amount' => '95 g'],
                ],
            ]),
            95.0,
            1,
        );
        $this
            ->get("/batches/$oil->code/label")
            ->assertSeeText('People allergic to peanut or chickpea may react')
            ->assertDontSeeText('nuts');
        self::assertSame(0, Formula::query()->where('name', '?')->count());
    }

    /** Tells every step before this one by its main button. */
    private function walkTo(Batch $batch, string $until): void
    {
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            if ($step->key === $until) {
                return;
            }
            $this->tell($batch, $step->key, match ($step->kind->value) {
                'heat' => ['water' => '74', 'oil' => '74', 'do' => 'on'],
                'gate' => ['mix' => '35'],
                'test_ph' => ['ph' => '4.8'],
                default => [],
            })->assertSessionHasNoErrors();
        }
    }

    public function test_a_jar_strained_too_early_is_asked_about(): void
    {
        Carbon::setTestNow('2026-11-28 10:00');
        $jar = $this->standingJar();
        $strain = fn (array $more = []) => $this->post(
            "/infusions/$jar->id/strain",
            ['client_key' => Str::uuid()->toString(), 'strained' => '240', ...$more],
        );
        $strain()->assertSessionHasErrors('strained');
        self::assertSame(0, Lot::query()->count());
        Carbon::setTestNow('2026-12-19 10:00');
        $strain()->assertSessionHasNoErrors();
        self::assertSame(1, Lot::query()->count());
    }

    public function test_water_still_in_a_cook_out_is_never_dated_as_free_of_it_and_teaches_nothing(): void
    {
        Carbon::setTestNow('2026-11-28 10:00');
        $jar = $this->standingJar([
            'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '50 g', 'form' => 'fresh_wet']],
            'method' => 'cook_out',
            'temperature_c' => 105,
            'days' => null,
            'minutes' => 60,
            'shake_every_days' => null,
        ]);
        Carbon::setTestNow('2026-11-28 11:00');
        $tell = fn (string $what, array $fields) => $this->post(
            "/infusions/$jar->id/$what",
            ['client_key' => Str::uuid()->toString(), ...$fields],
        );
        $tell('strain', ['strained' => '260'])->assertSessionHasErrors('strained');
        $tell('pot', ['pot' => '800']);
        $tell('pot', ['pot' => '790']);
        $tell('strain', ['strained' => '260'])->assertSessionHasErrors('strained');
        $tell('strain', ['strained' => '260', 'sure' => '1'])->assertSessionHasNoErrors();
        $lot = Lot::query()->sole();
        self::assertSame(['2026-12-02', 'fridge'], [$lot->good_until?->toDateString(), $lot->storage->value]);
        self::assertSame([], $jar->refresh()->outcome['uptake'], 'a jar with its water teaches nothing of its plant');
        $this->get("/infusions/$jar->id")->assertOk();
        app(MakeBook::class);
    }
}
