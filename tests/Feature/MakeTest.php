<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\LearnedMakes;
use App\Ground\OwnMeasures;
use App\Make\MakeBook;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\BatchEntry;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Simulator;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

final class MakeTest extends AppCase
{
    private function start(?array $document = null): Batch
    {
        $formula = $this->formulaOf($document ?? SoundFormula::document());
        $this->post("/formulas/$formula->id/make")->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    }

    private function tell(Batch $batch, string $step, array $fields = [], ?string $key = null): TestResponse
    {
        return $this
            ->from("/make/$batch->code/$step")
            ->post("/make/$batch->code/$step", ['client_key' => $key ?? Str::uuid()->toString(), ...$fields]);
    }

    private function makeAll(Batch $batch, array $ph = ['ph' => '4.8'], array $combine = []): void
    {
        $this->tell($batch, 'sanitise')->assertRedirect("/make/$batch->code/weigh.1");
        $this->tell($batch, 'weigh.1', ['weight' => '168,4'])->assertRedirect("/make/$batch->code/weigh.2");
        $this->tell($batch, 'weigh.2', ['weight' => '6.02']);
        $this->tell($batch, 'weigh.3', ['weight' => '8.00']);
        $this->tell($batch, 'weigh.4', ['weight' => '16.10'])->assertRedirect("/make/$batch->code/heat");
        $this
            ->tell($batch, 'heat', ['water' => '72', 'oil' => '71', 'do' => 'on'])
            ->assertRedirect("/make/$batch->code/hold");
        $this->tell($batch, 'hold')->assertRedirect("/make/$batch->code/combine");
        $this->tell($batch, 'combine', $combine)->assertRedirect("/make/$batch->code/blend");
        $this->tell($batch, 'blend')->assertRedirect("/make/$batch->code/gate");
        $this->tell($batch, 'gate', ['mix' => '38'])->assertRedirect("/make/$batch->code/weigh.5");
        $this->tell($batch, 'weigh.5', ['weight' => '1.80'])->assertRedirect("/make/$batch->code/add");
        $this->tell($batch, 'add')->assertRedirect("/make/$batch->code/blend.2");
        $this->tell($batch, 'blend.2')->assertRedirect("/make/$batch->code/ph");
        $this->tell($batch, 'ph', $ph)->assertRedirect("/make/$batch->code/fill");
        $this
            ->tell($batch, 'fill', ['filled' => '190.5', 'containers' => '2', 'without' => '1'])
            ->assertRedirect("/batches/$batch->code");
    }

    public function test_from_the_first_step_to_the_label(): void
    {
        Carbon::setTestNow('2026-11-23 10:00:00');
        $batch = $this->start();
        self::assertSame('261123-A', $batch->code);
        $this->makeAll($batch);
        $batch->refresh();
        self::assertSame('finished', $batch->status->value);
        self::assertSame('2027-05-22', $batch->best_before?->toDateString(), '180 days from the making');
        $this
            ->get("/batches/$batch->code")
            ->assertOk()
            ->assertSee('95.1')
            ->assertSee('190.5')
            ->assertSee('22 May 2027')
            ->assertSee('decides');
        $this->get("/batches/$batch->code/label")->assertOk()
            ->assertSeeInOrder([
                'Plain test milk',
                'Aqua, Prunus Amygdalus Dulcis Oil, Glycerin, Behentrimonium Methosulfate',
                'Through damp hair.',
                '261123-A',
                '23 Nov 2026',
                '22 May 2027',
                'Net 95',
            ])
            ->assertSee('allergic to nuts');
        self::assertStringStartsWith('261123-B', $this->start()->code);
    }

    public function test_the_gate_stays_shut_until_it_is_cool_or_a_reason_is_given(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'gate', ['mix' => '52'])->assertRedirect("/make/$batch->code/gate");
        $this->get("/make/$batch->code/weigh.5")->assertRedirect("/make/$batch->code/gate");
        $this->tell($batch, 'weigh.5', ['weight' => '1.8'])->assertRedirect("/make/$batch->code/gate");
        self::assertSame(0, BatchEntry::query()->where('kind', 'weighed')->count());
        $this->get("/make/$batch->code/gate")->assertSee('Still too warm')->assertSee('52');
        $this
            ->tell($batch, 'gate', ['reason' => 'The strip says it is fine'])
            ->assertRedirect("/make/$batch->code/weigh.5");
        self::assertSame('The strip says it is fine', BatchEntry::query()->where('kind', 'override')->sole()->reason);
        $this->get("/make/$batch->code/weigh.5")->assertOk();
    }

    public function test_both_phases_have_to_be_hot_and_even(): void
    {
        $batch = $this->start();
        foreach ([['72', '60'], ['64', '63'], ['80', '72']] as [$water, $oil]) {
            $this
                ->tell($batch, 'heat', ['water' => $water, 'oil' => $oil, 'do' => 'on'])
                ->assertRedirect("/make/$batch->code/heat");
        }
        $this
            ->tell($batch, 'heat', ['water' => '74', 'oil' => '71', 'do' => 'note'])
            ->assertRedirect("/make/$batch->code/heat");
        $this
            ->tell($batch, 'heat', ['water' => '74', 'oil' => '71', 'do' => 'on'])
            ->assertRedirect("/make/$batch->code/hold");
        self::assertSame(10, BatchEntry::query()->where('kind', 'temperature')->count(), 'every reading is kept');
    }

    public function test_weights_add_up_on_a_scale_that_is_not_tared(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'weigh.1', ['weight' => '168.5']);
        $this->get("/make/$batch->code/weigh.2")->assertSee('6.00')->assertSee('174.50');
    }

    public function test_the_same_form_sent_twice_is_recorded_once_and_a_correction_keeps_the_old_value(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'weigh.1', ['weight' => '160'], 'same-key-1');
        $this->tell($batch, 'weigh.1', ['weight' => '160'], 'same-key-1');
        self::assertSame(1, BatchEntry::query()->where('kind', 'weighed')->count());
        $this->tell($batch, 'weigh.1', ['weight' => '168.4'], 'other-key-2');
        self::assertSame(
            [160.0, 168.4],
            BatchEntry::query()->where('kind', 'weighed')->orderBy('id')->pluck('value')->map(floatval(...))->all(),
        );
        $this->get("/make/$batch->code/weigh.1")->assertSee('168.4');
        $this->expectException(QueryException::class);
        DB::table('batch_entries')->update(['value' => 1.0]);
    }

    public function test_too_much_in_the_bowl_shows_the_ways_out_before_one_is_chosen(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'weigh.1', ['weight' => '168.2']);
        $this->tell($batch, 'weigh.2', ['weight' => '6.1'])->assertRedirect("/make/$batch->code/weigh.3");
        $page = $this
            ->followingRedirects()
            ->from('/')
            ->post("/make/$batch->code/weigh.3", ['client_key' => Str::uuid()->toString(), 'weight' => '10']);
        $page
            ->assertSeeTextInOrder(['10.00 g instead of 8.00', 'Make more of everything', 'Leave it so'])
            ->assertSeeText('Distilled or deionised water wants 42.05 g more')
            ->assertSee("becomes 250\u{202F}g");
        self::assertNull(
            app(MakeStateFactory::class)->of($batch->refresh()->load('entries'))->taken->reading(3),
            'nothing is written down before a way is chosen',
        );
    }

    public function test_left_so_it_stands_in_the_record_and_the_rest_stays(): void
    {
        $batch = $this->start();
        $this
            ->tell($batch, 'weigh.3', ['weight' => '10', 'do' => 'accept'])
            ->assertRedirect("/make/$batch->code/weigh.4");
        $state = app(MakeStateFactory::class)->of($batch->refresh()->load('entries'));
        self::assertSame(
            [10.0, 1.0, 16.0],
            [$state->taken->reading(3), $state->factor, $state->plan->step('weigh.4')?->grams],
        );
        self::assertEqualsWithDelta(2.0, BatchEntry::query()->where('kind', 'accepted')->sole()->value, 1e-9);
    }

    public function test_made_more_of_everything_wants_more_of_what_was_weighed_and_keeps_the_shares(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'sanitise');
        $this->tell($batch, 'weigh.1', ['weight' => '168.2']);
        $this->tell($batch, 'weigh.2', ['weight' => '6']);
        $this
            ->tell($batch, 'weigh.3', ['weight' => '10', 'do' => 'rescale'], 'over-pour-key')
            ->assertRedirect("/make/$batch->code/weigh.1");
        $this->tell($batch, 'weigh.3', ['weight' => '10', 'do' => 'rescale'], 'over-pour-key');
        self::assertSame(1, BatchEntry::query()->where('kind', 'rescale')->count(), 'sent twice, grown once');
        $this
            ->get("/make/$batch->code/weigh.1")
            ->assertSeeText('168.20 g are in; add 42.05 g.')
            ->assertSee('<b>210.25</b>', false);
        $this->tell($batch, 'weigh.1', ['weight' => '210.3'])->assertRedirect("/make/$batch->code/weigh.2");
        $this->tell($batch, 'weigh.2', ['weight' => '7.5'])->assertRedirect("/make/$batch->code/weigh.4");
        $state = app(MakeStateFactory::class)->of($batch->refresh()->load('entries'));
        self::assertEqualsWithDelta(
            [1.25, 20.0, 250.0],
            [$state->factor, $state->plan->step('weigh.4')?->grams, $state->gramsPlanned()],
            1e-6,
        );
        $shares = array_map(
            static fn ($line): float => round(100 * ($line->share->likely ?? 0.0), 1),
            app(Evaluator::class)->weigh($state->formulaWith($state->weights(), null))->lines,
        );
        self::assertEqualsWithDelta([84.1, 3.0, 4.0, 8.0, 0.9], $shares, 0.11);
        $this->tell($batch, 'weigh.4', ['weight' => '20']);
        foreach ([
            'heat' => ['water' => '72', 'oil' => '72', 'do' => 'on'],
            'hold' => [],
            'combine' => [],
        ] as $step => $fields) {
            $this->tell($batch, $step, $fields);
        }
        $this
            ->followingRedirects()
            ->post("/make/$batch->code/weigh.4", ['client_key' => Str::uuid()->toString(), 'weight' => '40'])
            ->assertSee('Leave it so')
            ->assertDontSee('Make more of everything');
    }

    public function test_what_breaks_a_rule_of_the_record_is_an_error_and_never_lost_in_silence(): void
    {
        $this->expectException(\Illuminate\Database\QueryException::class);
        app(MakeBook::class)->record($this->start(), ['step' => 'ph', 'kind' => 'ph', 'value' => 99.0], 'one-key-0001');
    }

    public function test_oil_left_in_the_cloth_is_what_the_cloth_weighs_less_the_plants_that_steeped(): void
    {
        $batch = $this
            ->start([...SoundFormula::document(), 'name' => 'Marigold oil', 'family' => 'infused_oil', 'batch' => null, 'lines' => [
                ['ingredient' => 'calendula-dried', 'amount' => '30 g', 'phase' => 'infusion'],
                ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '300 g'],
            ]]);
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            if ($step->kind === StepKind::Fill) {
                break;
            }
            $this->tell($batch, $step->key, match ($step->kind) {
                StepKind::Weigh => ['weight' => (string) $step->grams],
                StepKind::Gate => ['mix' => '30'],
                StepKind::Heat => ['oil' => (string) $step->celsius, 'do' => 'on'],
                StepKind::Strain => ['cloth' => '78,5'], default => [],
            })->assertSessionHasNoErrors();
        }
        $this
            ->tell($batch, 'fill', ['filled' => '246', 'containers' => '3', 'without' => '1'])
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(48.5, $batch->refresh()->outcome['balance']['strained'], 1e-9);
        self::assertEqualsWithDelta(300.0, array_sum($batch->outcome['balance']), 1e-6);
        $this
            ->get("/batches/$batch->code")
            ->assertSeeText('strained out')
            ->assertSeeTextInOrder(['Left in the cloth', '78.5']);
    }

    public function test_what_is_nowhere_is_shown_and_what_is_explained_teaches_the_next(): void
    {
        $batch = $this->start();
        $this->makeAll($batch);
        $outcome = $batch->refresh()->outcome;
        self::assertEqualsWithDelta($outcome['yield']['in'], array_sum($outcome['balance']), 1e-6);
        self::assertGreaterThan(0.0, $outcome['taught']['bowl']);
        $this->get("/batches/$batch->code")->assertSeeText('bowl and tools')->assertDontSeeText('are nowhere');
        $this->get('/settings')->assertSeeTextInOrder(['What my batches taught', 'Bowl and tools keep', 'one batch']);

        $lost = $this->start();
        foreach (range(1, 5) as $line) {
            app(MakeBook::class)->record(
                $lost,
                [
                    'step' => "weigh.$line",
                    'kind' => 'weighed',
                    'subject' => (string) $line,
                    'value' => [168.2, 6.0, 8.0, 16.0, 1.8][$line - 1],
                ],
                "lost-line-$line",
            );
        }
        $this->tell($lost, 'gate', ['mix' => '38']);
        $this
            ->tell($lost, 'fill', ['filled' => '120', 'containers' => '1', 'without' => '1'])
            ->assertRedirect("/batches/$lost->code");
        $this->get("/batches/$lost->code")->assertSeeText('are nowhere')->assertSeeText('unexplained');
        self::assertNull($lost->refresh()->outcome['taught']['bowl'], 'what can not be explained teaches nothing');
        $this->post('/settings/learned', ['what' => 'bowl', 'do' => 'forget']);
        $this->get('/settings')->assertSeeText('nothing yet');
    }

    public function test_samples_and_doses_of_the_ph_are_written_down_with_every_reading(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'gate', ['mix' => '38']);
        $this
            ->tell($batch, 'ph', ['ph' => '6,1', 'sample' => '2', 'do' => 'note'])
            ->assertRedirect("/make/$batch->code/ph");
        $this
            ->get("/make/$batch->code/ph")
            ->assertSeeText('pH 6.1 is above the 4.8 aimed at')
            ->assertSee('wanted=4.8', false);
        $before = app(MakeStateFactory::class)->of($batch->refresh()->load('entries'))->gramsIn();
        $this
            ->tell($batch, 'ph', ['ph' => '4,9', 'sample' => '2', 'dose' => '1,5', 'do' => 'on'])
            ->assertRedirect("/make/$batch->code/fill");
        $state = app(MakeStateFactory::class)->of($batch->refresh()->load('entries'));
        self::assertEqualsWithDelta(
            [$before + 1.5, 4.0, 4.9],
            [$state->gramsIn(), $state->sumOf('sample'), $state->ph()],
            1e-9,
        );
        self::assertSame(
            [6.1, 4.9],
            BatchEntry::query()->where('kind', 'ph')->orderBy('id')->pluck('value')->map(floatval(...))->all(),
        );
    }

    public function test_a_cup_weighed_twice_tells_the_air_and_teaches_the_mixer(): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Whip',
            'family' => 'whipped_butter',
            'scale_resolution_g' => 0.1,
            'lines' => [
                ['ingredient' => 'shea-butter-refined', 'amount' => '120 g'],
                ['ingredient' => 'jojoba-oil', 'amount' => '80 g'],
            ],
        ]);
        $this->post("/formulas/$formula->id/make");
        $batch = Batch::query()->orderByDesc('id')->firstOrFail();
        $this->get("/make/$batch->code/whip")->assertSeeText('yours is not known yet');
        $this
            ->tell($batch, 'whip', ['before' => '45', 'after' => '25', 'do' => 'note'])
            ->assertRedirect("/make/$batch->code/whip");
        $this->get("/make/$batch->code/whip")->assertSee("80\u{202F}% air", false);
        $this
            ->tell($batch, 'whip', ['before' => '-1', 'after' => 'x', 'do' => 'on'])
            ->assertSessionHasErrors(['before', 'after']);
        $this->tell($batch, 'fill', ['filled' => '190', 'containers' => '4', 'without' => '1']);
        self::assertEqualsWithDelta(0.8, $batch->refresh()->outcome['taught']['overrun'], 1e-9);
        $this->get('/settings')->assertSeeTextInOrder(['My mixer beats in', 'one batch']);
    }

    public function test_it_survives_leaving_and_coming_back(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'weigh.1', ['weight' => '168.4']);
        $this->get("/make/$batch->code/weigh.2");
        $this->flushSession(); // another day, another browser
        $this->get('/')->assertSee("$batch->code: Clean, step 1 of 15");
        $this->get("/make/$batch->code")->assertRedirect("/make/$batch->code/sanitise");
        $this->tell($batch, 'sanitise')->assertRedirect("/make/$batch->code/weigh.2");
    }

    public function test_without_a_measured_ph_the_label_gets_the_fresh_date(): void
    {
        Carbon::setTestNow('2026-11-23 10:00:00');
        $batch = $this->start();
        $this->makeAll($batch, ['do' => 'skip']);
        $batch->refresh();
        self::assertSame('2026-11-28', $batch->best_before?->toDateString());
        $this->get("/batches/$batch->code/label")->assertSee('Keep in the fridge.')->assertSee('28 Nov 2026');
    }

    public function test_fats_alone_get_the_date_of_their_oxidation(): void
    {
        $batch = $this->start([
            'format' => 'ilvane.formula/1',
            'name' => 'Two oils',
            'family' => 'hair_oil',
            'lines' => [
                ['ingredient' => 'olive-oil', 'amount' => '60 g'],
                ['ingredient' => 'jojoba-oil', 'amount' => '40 g'],
            ],
        ]);
        $this->tell($batch, 'sanitise');
        $this->tell($batch, 'weigh.1', ['weight' => '60']);
        $this->tell($batch, 'weigh.2', ['weight' => '40'])->assertRedirect("/make/$batch->code/shake");
        $this->tell($batch, 'shake')->assertRedirect("/make/$batch->code/fill");
        $this->tell($batch, 'fill', ['filled' => '98', 'containers' => '1', 'without' => '1']);
        self::assertSame(
            365.0,
            (float) Carbon::parse($batch->refresh()->finished_at)->startOfDay()->diffInDays($batch->best_before),
            'a year at the most',
        );
        $this->get("/batches/$batch->code")->assertSee('The fats turn');
    }

    public function test_more_out_than_in_is_asked_about(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'gate', ['mix' => '35']);
        $this
            ->tell($batch, 'fill', ['filled' => '900', 'containers' => '1', 'without' => '1'])
            ->assertRedirect("/make/$batch->code/fill")
            ->assertSessionHasErrors('filled');
        self::assertTrue($batch->refresh()->isMaking());
        $this
            ->tell($batch, 'fill', ['filled' => '900', 'containers' => '1', 'sure' => '1', 'without' => '1'])
            ->assertRedirect("/batches/$batch->code");
    }

    public function test_bad_entries_are_answered_in_place_and_record_nothing(): void
    {
        $batch = $this->start();
        foreach ([
            ['weigh.1', 'weight', ['abc', '-5', '0', '1e12']],
            ['heat', 'water', ['hot', '900']],
            ['ph', 'ph', ['15', 'x']],
        ] as [$step, $field, $values]) {
            foreach ($step === 'ph' ? [] : $values as $value) {
                $this
                    ->tell($batch, $step, [$field => $value, 'do' => 'on'])
                    ->assertRedirect("/make/$batch->code/$step")
                    ->assertSessionHasErrors($field);
            }
        }
        $this->tell($batch, 'gate', ['mix' => '35']);
        foreach (['15', 'x', '-1'] as $value) {
            $this->tell($batch, 'ph', ['ph' => $value])->assertSessionHasErrors('ph');
        }
        self::assertSame(0, BatchEntry::query()->whereIn('kind', ['weighed', 'ph'])->count());
        $this->get("/make/$batch->code/nowhere")->assertNotFound();
        $this->get('/make/000000-Z')->assertNotFound();
    }

    public function test_a_finished_batch_is_never_computed_again(): void
    {
        $batch = $this->start();
        $this->makeAll($batch);
        $outcome = $batch->refresh()->outcome;
        $this->tell($batch, 'weigh.1', ['weight' => '50']);
        $this->tell($batch, 'fill', ['filled' => '10', 'containers' => '1', 'without' => '1']);
        self::assertEquals($outcome, $batch->refresh()->outcome);
        $this->get("/make/$batch->code/heat")->assertRedirect("/batches/$batch->code");
    }

    public function test_an_empty_or_unreadable_formula_is_not_made(): void
    {
        $formula = $this->formulaOf([...SoundFormula::document(), 'lines' => []]);
        $this
            ->post("/formulas/$formula->id/make")
            ->assertRedirect("/formulas/$formula->id")
            ->assertSessionHas('refused');
        self::assertSame(0, Batch::query()->count());
    }

    public function test_the_database_stands_behind_the_forms(): void
    {
        $batch = $this->start();
        $entry = [
            'batch_id' => $batch->id,
            'step' => 'weigh.1',
            'kind' => 'weighed',
            'value' => 5,
            'client_key' => 'k',
            'recorded_at' => '2026-11-23 10:00:00',
        ];
        foreach ([
            ['value' => -1],
            ['value' => null],
            ['kind' => 'guess'],
            ['kind' => 'temperature', 'value' => 5000],
            ['kind' => 'ph', 'value' => 20],
            ['kind' => 'override', 'reason' => ' '],
            ['batch_id' => 999],
            ['value' => 'five'],
        ] as $wrong) {
            try {
                DB::table('batch_entries')->insert([...$entry, ...$wrong]);
                self::fail('The database took '.json_encode($wrong));
            } catch (QueryException $refusal) {
                self::assertMatchesRegularExpression('/constraint|datatype|store TEXT/i', $refusal->getMessage());
            }
        }
    }

    public function test_drops_counted_while_weighing_teach_how_large_a_drop_is_and_are_used_next_time(): void
    {
        $document = SoundFormula::document();
        $document['lines'][] = [
            'ingredient' => 'lavender-essential-oil',
            'amount' => '10 drops',
            'phase' => 'cooldown',
        ];
        $batch = $this->start($document);
        $line = count($document['lines']);
        $this->get("/make/$batch->code/weigh.1")->assertDontSee('Drops you counted');
        DB::table('batches')->update(['at_step' => "weigh.$line"]);
        foreach ([
            'sanitise' => [],
            'weigh.1' => ['weight' => '168.4'],
            'weigh.2' => ['weight' => '6'],
            'weigh.3' => ['weight' => '8'],
            'weigh.4' => ['weight' => '16'],
            'heat' => ['water' => '72', 'oil' => '71', 'do' => 'on'],
            'hold' => [],
            'combine' => [],
            'blend' => [],
            'gate' => ['mix' => '38'],
            'weigh.5' => ['weight' => '1.8'],
        ] as $step => $fields) {
            $this->tell($batch, $step, $fields);
        }
        $this->get("/make/$batch->code/weigh.$line")->assertSee('Drops you counted');
        $this->tell($batch, "weigh.$line", ['weight' => '0.35', 'drops' => 'ten'])->assertSessionHasErrors('drops');
        $this->tell($batch, "weigh.$line", ['weight' => '0.35', 'drops' => '10']);
        foreach ([
            'add' => [],
            'blend.2' => [],
            'ph' => ['ph' => '4.8'],
            'fill' => ['filled' => '190', 'containers' => '1', 'without' => '1'],
        ] as $step => $fields) {
            $this->tell($batch, $step, $fields);
        }
        $density = app(Catalogue::class)->get('lavender-essential-oil')->bulk->density;
        $learned = OwnMeasures::learnedDrop();
        self::assertSame(1, $learned->count);
        self::assertEqualsWithDelta(0.35 / 10 / $density, $learned->ownMean, 1e-9);
        $used = app(OwnMeasures::class)->tools()->ownMl['drop'];
        self::assertEqualsWithDelta(
            2 / 3 * 0.05 + 1 / 3 * $learned->ownMean,
            $used->likely,
            1e-9,
            'one record is a third of the way',
        );
        $this->get("/batches/$batch->code")->assertOk()->assertDontSee('make.', false);
        $this->get('/settings')->assertSee('One drop of mine');
        $this->post('/settings/learned', ['what' => 'drops', 'do' => 'forget']);
        self::assertSame(0, OwnMeasures::learnedDrop()->count);
    }

    public function test_who_looked_back_goes_on_where_the_work_stands(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'sanitise');
        $this->tell($batch, 'weigh.1', ['weight' => '168.4']);
        $this->tell($batch, 'weigh.2', ['weight' => '6']);
        $this->get("/make/$batch->code")->assertRedirect("/make/$batch->code/weigh.3");
        $this->get("/make/$batch->code/weigh.1")->assertOk();
        $this->get("/make/$batch->code")->assertRedirect("/make/$batch->code/weigh.3");
        $this->get('/')->assertSee('Weigh, step 4 of');
        $this->get("/make/$batch->code/weigh.4")->assertSeeText('You are looking ahead. Step 4 is waiting');
        $this->get("/make/$batch->code")->assertRedirect("/make/$batch->code/weigh.3");
    }

    public function test_a_pot_weighed_again_teaches_how_much_steams_off_it(): void
    {
        $open = [...SoundFormula::document(), 'process' => ['covered' => false]];
        $batch = $this->start($open);
        $this->get("/make/$batch->code/combine")->assertSee('Water pot, lighter by');
        $this->tell($batch, 'combine', ['lighter' => 'much'])->assertSessionHasErrors('lighter');
        $this->makeAll($batch, combine: ['lighter' => '9,5']);
        $taught = $batch->refresh()->outcome['taught']['steaming'];
        self::assertStringEndsWith('/steam', $taught['in']);
        self::assertSame(9.5, $batch->outcome['balance']['steamed'], 'what was weighed stands in the balance');
        $simulated = 9.5 / $taught['ratio'];
        $usual = app(Catalogue::class)->vessels()[explode('/', $taught['in'])[0]];
        self::assertGreaterThan(0.0, $usual->surface());
        $learned = LearnedMakes::steaming()[$taught['in']];
        self::assertEqualsWithDelta(
            2 / 3 + $taught['ratio'] / 3,
            $learned->value->likely,
            1e-9,
            'a third of the way after one batch',
        );
        $this->get('/settings')->assertSee('steams off as usual');
        $lost = static fn (array $own): float => Simulator::formula(
            app(Evaluator::class)->assess(FormulaDocument::read($open)),
            app(Catalogue::class),
            own: $own,
        )->waterLost;
        self::assertGreaterThan($simulated - 0.2, $lost([]));
        $times = $lost([$taught['in'] => 1.2]) / $lost([]);
        self::assertGreaterThan(1.15, $times);
        self::assertLessThan(1.6, $times, 'and it takes a little longer to get hot');
    }
}
