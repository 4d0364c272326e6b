<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

final class BenchTest extends AppCase
{
    public function test_the_whole_way_without_scripts(): void
    {
        $this->post('/formulas', ['family' => 'leave_in_emulsion'])->assertRedirect();
        $formula = Formula::query()->sole();
        $this->get("/formulas/$formula->id")->assertOk()->assertSee('Nothing in it yet.');
        $this
            ->post("/formulas/$formula->id", ['revision' => 1, 'do' => 'add:water'])
            ->assertRedirect("/formulas/$formula->id");
        $formula->refresh();
        $key = $this->lineKey($formula, 0);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['lines' => [$key => ['name' => 'eau distillée', 'amount' => 'to 100']]]),
            )
            ->assertRedirect();
        $line = Draft::fromStored($formula->refresh()->draft)->lines()[0];
        self::assertSame(
            ['distilled-water', 'water'],
            [$line['ingredient'], $line['phase']],
            'a French name that the catalogue knows is understood',
        );
    }

    public function test_one_call_saves_and_answers_with_the_same_partial(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $answer = $this->post(
            "/formulas/$formula->id",
            $this->form($formula, ['batch' => '300', 'turn' => 'abcdefgh12']),
            ['X-Live' => '1'],
        );
        $answer
            ->assertOk()
            ->assertHeader('X-Revision', '2')
            ->assertSee('id="bench-body"', false)
            ->assertSee('300')
            ->assertDontSee('<html', false);
        self::assertSame('300', Draft::fromStored($formula->refresh()->draft)->text('batch'));
        self::assertSame(2, $formula->revision);
    }

    public function test_a_second_window_never_overwrites_silently(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $stale = $this->form($formula, ['name' => 'From the second window']);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['name' => 'From the first window']),
                ['X-Live' => '1'],
            )
            ->assertOk();
        $this->post("/formulas/$formula->id", $stale, ['X-Live' => '1'])
            ->assertStatus(409)
            ->assertSee('From the second window')
            ->assertSeeInOrder(['Which should count?', '<li>name</li>'], false);
        self::assertSame('From the first window', $formula->refresh()->name);
        $this->post("/formulas/$formula->id", [...$stale, 'do' => 'overwrite'], ['X-Live' => '1'])->assertOk();
        self::assertSame('From the second window', $formula->refresh()->name);
    }

    public function test_nonsense_is_kept_as_typed_and_answered_beside_the_field(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $key = $this->lineKey($formula, 1);
        foreach ([
            '-4 %' => 'can’t be negative',
            '3 blobs' => 'not known here',
            '1,000 g' => 'One thousand, or one?',
            '1e308 cups' => 'any kitchen',
        ] as $amount => $why) {
            $this->post(
                "/formulas/$formula->id",
                $this->form($formula->refresh(), ['lines' => [$key => ['amount' => $amount]]]),
                ['X-Live' => '1'],
            )
                ->assertOk()->assertSee($amount)->assertSee($why);
            self::assertSame($amount, Draft::fromStored($formula->refresh()->draft)->lines()[1]['amount']);
        }
        $this->post(
            "/formulas/$formula->id",
            $this->form($formula, ['batch' => 'lots', 'ph' => '40']),
            ['X-Live' => '1'],
        )
            ->assertSee('value="lots"', false)->assertSee('How many grams?')->assertSee('A pH between 0 and 14.');
    }

    public function test_unknown_ingredient_keys_and_strange_input_do_no_harm(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $key = $this->lineKey($formula, 1);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['lines' => [$key => ['ingredient' => 'unobtainium', 'name' => 'Unobtainium']]]),
                ['X-Live' => '1'],
            )
            ->assertOk();
        foreach ([
            ['lines' => 'x'],
            ['lines' => [['a']]],
            ['name' => ['x']],
            ['lines' => ['<script>' => ['amount' => '1 g']]],
            ['do' => 'fix:preservation.low@9#77'],
            ['do' => 'up:nobody'],
            ['name' => "a\0b\xff"],
        ] as $strange) {
            $this
                ->post("/formulas/$formula->id", [...$this->form($formula->refresh()), ...$strange], ['X-Live' => '1'])
                ->assertOk();
        }
    }

    public function test_a_thousand_lines_are_cut_to_what_can_be_worked_on(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $lines = [];
        for ($i = 0; $i < 1000; $i++) {
            $lines[sprintf('k%05d', $i)] = ['name' => 'olive oil', 'amount' => '1 g'];
        }
        $this
            ->post("/formulas/$formula->id", [...$this->form($formula), 'lines' => $lines], ['X-Live' => '1'])
            ->assertOk()
            ->assertSee('200 lines');
        self::assertCount(200, Draft::fromStored($formula->refresh()->draft)->lines());
    }

    public function test_text_is_escaped(): void
    {
        $formula = $this->formulaOf([...SoundFormula::document(), 'name' => '<img src=x onerror=alert(1)>']);
        $this->get("/formulas/$formula->id")->assertDontSee('<img src=x', false)->assertSee('&lt;img', false);
    }

    public function test_a_fix_on_a_note_mends_it(): void
    {
        $document = SoundFormula::document();
        array_pop($document['lines']);
        $formula = $this->formulaOf($document);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => $this->offer($formula, 'preservation.missing')]),
                ['X-Live' => '1'],
            )
            ->assertOk()
            ->assertSee('Shelf life 6 months');
        $lines = Draft::fromStored($formula->refresh()->draft)->lines();
        self::assertSame(
            ['benzyl-alcohol-dehydroacetic-acid', '0.9 %', 'cooldown'],
            [$lines[4]['ingredient'], $lines[4]['amount'], $lines[4]['phase']],
        );
    }

    public function test_while_one_types_the_figures_come_first_and_the_offers_in_a_second_answer(): void
    {
        $document = SoundFormula::document();
        array_pop($document['lines']);
        $formula = $this->formulaOf($document);
        $first = $this->post("/formulas/$formula->id", $this->form($formula, ['batch' => '210']), ['X-Live' => '1']);
        $first->assertOk()->assertSee('data-notes', false)->assertSee('data-waits', false);
        $first->assertDontSee('class="fix"', false);
        $formula->refresh();
        $second = $this->get("/formulas/$formula->id/notes")->assertOk();
        self::assertSame((string) $formula->revision, $second->headers->get('X-Revision'));
        $second->assertSee('class="fix"', false)->assertDontSee('data-waits', false);
        $this->get("/formulas/$formula->id")->assertSee('class="fix"', false)->assertDontSee('data-notes', false);
    }

    public function test_one_change_that_ends_two_findings_is_offered_once(): void
    {
        // the second of two full systems, and barred from leave-on products for the smallest
        $formula = $this->formulaOf([
            ...SoundFormula::document(),
            'for' => ['audience' => 'child_under_3'],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
                ['ingredient' => 'btms-50', 'amount' => '4 %'],
                ['ingredient' => 'sunflower-oil', 'amount' => '5 %'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %', 'phase' => 'cooldown'],
                ['ingredient' => 'propylene-glycol-diazolidinyl-urea-ipbc', 'amount' => '0.4 %', 'phase' => 'cooldown'],
            ],
        ]);
        $page = (string) $this->get("/formulas/$formula->id")->assertOk()
            ->assertSeeText('A change offered at another note ends this too.')->getContent();
        self::assertSame(1, preg_match_all('/name="do"\s+value="fix:preservation\.(twice|audience)@/', $page));
    }

    public function test_a_vague_name_is_asked_and_settled_by_one_press(): void
    {
        $document = SoundFormula::document();
        $document['lines'][1] = ['name' => 'BTMS', 'amount' => '4 %', 'phase' => 'oil'];
        $formula = $this->formulaOf($document);
        $this->get("/formulas/$formula->id")->assertOk()->assertSeeText('“4 % BTMS” can mean several things');
        $this->post("/formulas/$formula->id", $this->form($formula, [
            'do' => $this->offer($formula, 'measure.unread', 1),
        ]))->assertRedirect();
        self::assertSame('btms-50', Draft::fromStored($formula->refresh()->draft)->lines()[1]['ingredient']);
    }

    public function test_what_title_and_note_say_of_whom_it_is_for_is_proposed_and_set_by_one_press(): void
    {
        $formula = $this->formulaOf([...SoundFormula::document(), 'name' => 'Detangler for my toddler']);
        $page = $this->get("/formulas/$formula->id")->assertOk()->assertSeeText('You wrote “toddler”.');
        self::assertSame('adult', Draft::fromStored($formula->draft)->text('audience'));
        $page->assertSee('value="for:audience=child_under_3"', false);
        $this
            ->post("/formulas/$formula->id", $this->form($formula, ['do' => 'for:audience=child_under_3']))
            ->assertRedirect();
        self::assertSame('child_under_3', Draft::fromStored($formula->refresh()->draft)->text('audience'));
        $this->get("/formulas/$formula->id")->assertOk()->assertDontSeeText('You wrote');
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => 'for:audience=the moon']));
        self::assertSame('child_under_3', Draft::fromStored($formula->refresh()->draft)->text('audience'));
    }

    public function test_a_fix_says_before_what_it_changes_and_is_taken_back_after(): void
    {
        $document = SoundFormula::document();
        $document['lines'][4]['amount'] = '0.1 %';
        $formula = $this->formulaOf([...$document, 'keeping' => ['claimed_days' => 30]]);
        $this->get("/formulas/$formula->id")->assertSeeText('5: 0.1 % → 0.9 %')->assertDontSee('Changed as offered');
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => $this->offer($formula, 'preservation.low')]),
                ['X-Live' => '1'],
            )
            ->assertSee('Changed as offered');
        self::assertSame('0.9 %', Draft::fromStored($formula->refresh()->draft)->lines()[4]['amount']);
        $this
            ->post("/formulas/$formula->id", $this->form($formula, ['do' => 'undo']), ['X-Live' => '1'])
            ->assertDontSee('id="did"', false);
        self::assertSame('0.1 %', Draft::fromStored($formula->refresh()->draft)->lines()[4]['amount']);
        [$read] = Draft::fromStored($formula->draft)->formula();
        self::assertSame(30.0, $read->keeping->claimedDays, 'what the bench has no field for stays');
    }

    public function test_whose_rules_are_shown_is_chosen_and_kept(): void
    {
        $document = SoundFormula::document();
        $document['lines'][4]['amount'] = '3 %';
        $formula = $this->formulaOf([...$document, 'for' => ['region' => 'US']]);
        $this->get("/formulas/$formula->id")->assertSeeText('the US keeps no such list');
        $this
            ->post("/formulas/$formula->id", $this->form($formula, ['region' => 'EU']), ['X-Live' => '1'])
            ->assertDontSeeText('the US keeps no such list');
        $stored = $formula->refresh()->draft;
        unset($stored['text']['region']);
        [$read] = Draft::fromStored($stored)->formula();
        self::assertSame('EU', $read->region->value, 'a draft from before the choice');
    }

    public function test_a_formula_is_scaled_to_grams_and_to_bottles(): void
    {
        $document = SoundFormula::document();
        $document['lines'][1]['amount'] = '1/2 tbsp';
        $formula = $this->formulaOf($document);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => 'scale:grams', 'to_grams' => '500']),
                ['X-Live' => '1'],
            )
            ->assertOk();
        $draft = Draft::fromStored($formula->refresh()->draft);
        self::assertSame(
            ['500', 'to 100', '1.25 tbsp', '4 %'],
            [$draft->text('batch'), ...array_slice(array_column($draft->lines(), 'amount'), 0, 3)],
        );
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => 'scale:containers', 'container' => 'pet-pump-250', 'count' => '2']),
                ['X-Live' => '1'],
            )
            ->assertOk();
        $draft = Draft::fromStored($formula->refresh()->draft);
        self::assertSame(['pet-pump-250', 2], $draft->packaging());
        self::assertEqualsWithDelta(480, (float) $draft->text('batch'), 15);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => 'scale:factor', 'factor' => '0,5']),
                ['X-Live' => '1'],
            )
            ->assertOk();
        self::assertEqualsWithDelta(
            (float) $draft->text('batch') / 2,
            (float) Draft::fromStored($formula->refresh()->draft)->text('batch'),
            0.01,
        );
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => 'scale:supply', 'scarce' => 'sweet-almond-oil', 'at_hand' => '8']),
                ['X-Live' => '1'],
            )
            ->assertOk();
        $draft = Draft::fromStored($formula->refresh()->draft);
        self::assertEqualsWithDelta(100.0, (float) $draft->text('batch'), 0.05, '8 g are 8 % of 100 g');
        foreach (['', 'abc', '-5', '1e99'] as $nonsense) {
            $this
                ->post(
                    "/formulas/$formula->id",
                    $this->form($formula->refresh(), ['do' => 'scale:grams', 'to_grams' => $nonsense]),
                    ['X-Live' => '1'],
                )
                ->assertOk();
        }
        self::assertSame($draft->text('batch'), Draft::fromStored($formula->refresh()->draft)->text('batch'));
    }

    public function test_own_drop_and_spoon_weights_are_used_ever_after(): void
    {
        $formula = $this->formulaOf([
            ...SoundFormula::document(),
            'lines' => [
                ['ingredient' => 'olive-oil', 'amount' => '2 tbsp'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '10 drops'],
            ],
        ]);
        $this->get("/formulas/$formula->id")->assertSee('25–29');
        foreach ([
            'drops' => '2',
            'drops_grams' => 'heavy',
            'tablespoon' => '-3',
            'teaspoon' => '900',
            'units' => 'parsec',
            'drops_of' => 'moon dust',
        ] as $field => $nonsense) {
            $this
                ->post('/settings', ['units' => 'us', 'drops' => '20', 'drops_grams' => '0.6', $field => $nonsense])
                ->assertSessionHasErrors($field);
        }
        $this
            ->post(
                '/settings',
                [
                    'units' => 'metric',
                    'drops' => '40',
                    'drops_grams' => '1,2',
                    'drops_of' => 'water',
                    'tablespoon' => '17.5',
                    'teaspoon' => '',
                ],
            )
            ->assertRedirect('/settings');
        $this->app->forgetInstance(Tools::class);
        $this->app->forgetInstance(Evaluator::class);
        $tools = app(Tools::class);
        self::assertEqualsWithDelta(
            10 * 1.2 / 40 / 0.998 * 0.884,
            $tools->grams(
                Band::exact(10.0),
                Unit::Drop,
                app(Catalogue::class)->get('lavender-essential-oil')->bulk,
            )?->likely,
            1e-9,
        );
        self::assertEqualsWithDelta(
            2 * 17.5 / 0.998 * 0.912,
            $tools->grams(Band::exact(2.0), Unit::Tablespoon, app(Catalogue::class)->get('olive-oil')->bulk)?->likely,
            1e-9,
        );
        $this->get('/settings')->assertOk()->assertSee('Your drop is 0.0301 mL.');
        $this->get("/formulas/$formula->id")->assertSee('31–33');
    }

    public function test_what_is_said_of_ones_hair_is_spoken_of_on_the_bench(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->get("/formulas/$formula->id")->assertDontSeeText('For my hair');
        $this
            ->post(
                '/settings/hair',
                [
                    'strand' => 'golden',
                    'porosity' => 'high',
                    'dislikes' => ['glycerine', 'mondays'],
                    'avoids' => ['tree_nut'],
                    'x' => ['y'],
                ],
            )
            ->assertRedirect('/settings');
        $settings = (string) $this->get('/settings')->assertOk()->assertDontSee('golden')->getContent();
        self::assertMatchesRegularExpression('/value="glycerine"\s+checked/', $settings);
        $this
            ->get("/formulas/$formula->id")
            ->assertSeeTextInOrder([
                'For my hair',
                'You said you react to that: Sweet almond oil',
                'There is glycerine in it',
            ]);
        $this->post('/settings/hair', []);
        $this->get("/formulas/$formula->id")->assertDontSeeText('For my hair');
    }

    public function test_a_blend_of_oils_is_drawn_turning_over_the_months(): void
    {
        $oil = static fn (string $key, array $more = []): array => [
            'format' => 'ilvane.formula/1', 'name' => 'Sealing oil', 'family' => 'hair_oil',
            'lines' => [['ingredient' => $key, 'amount' => '50 g']], ...$more,
        ];
        $flax = (string) $this->get('/formulas/'.$this->formulaOf($oil('flaxseed-oil'))->id)->getContent();
        self::assertStringContainsString('How it turns over the months', $flax);
        self::assertStringContainsString('past its date', $flax);
        self::assertStringContainsString('in the fridge', $flax);
        self::assertSame(3, preg_match_all('/class="curve curve-/', $flax));
        $cold = $this->formulaOf($oil('flaxseed-oil', ['keeping' => ['storage' => 'fridge']]));
        self::assertSame(2, preg_match_all(
            '/class="curve curve-/',
            (string) $this->get("/formulas/$cold->id")->getContent(),
        ));
        $this
            ->get('/formulas/'.$this->formulaOf(SoundFormula::document())->id)
            ->assertDontSee('How it turns over the months');
    }

    public function test_an_own_formula_goes_into_another_and_never_into_itself(): void
    {
        $tea = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Birch leaf tea',
            'family' => 'water_spray',
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '97 %'],
                ['ingredient' => 'glycerin', 'amount' => '3 %'],
            ],
        ]);
        $milk = $this->formulaOf(SoundFormula::document());
        $this
            ->getJson("/catalogue/search?not=$milk->id&q=birch")
            ->assertJsonFragment(['key' => "formula:$tea->id", 'kind' => 'my own formula']);
        $key = $this->lineKey($milk, 1);
        $put = ['lines' => [$key => [
            'ingredient' => "formula:$tea->id",
            'name' => 'Birch leaf tea',
            'amount' => '20 %',
        ]]];
        $this
            ->post("/formulas/$milk->id", $this->form($milk, $put), ['X-Live' => '1'])
            ->assertOk()
            ->assertSee('Birch leaf tea')
            ->assertSee('Ready to make.');
        $line = Draft::fromStored($milk->refresh()->draft)->lines()[1];
        self::assertSame('Birch leaf tea', $line['rest']['formula']['name']);
        $this->post("/formulas/$milk->id", $this->form($milk, ['ph' => '4.9']), ['X-Live' => '1']);
        self::assertArrayHasKey(
            'formula',
            Draft::fromStored($milk->refresh()->draft)->lines()[1]['rest'],
            'it stays while other fields change',
        );

        $back = ['lines' => [$this->lineKey($tea, 1) => [
            'ingredient' => "formula:$milk->id",
            'name' => 'Plain test milk',
            'amount' => '5 %',
        ]]];
        $this
            ->post("/formulas/$tea->id", $this->form($tea, $back), ['X-Live' => '1'])
            ->assertOk()
            ->assertSee('contain itself');
        $this->post(
            "/formulas/$milk->id",
            $this->form($milk, ['lines' => [$key => ['name' => 'Glycerin', 'ingredient' => 'glycerin']]]),
            ['X-Live' => '1'],
        );
        self::assertSame(
            ['glycerin', []],
            [
                Draft::fromStored($milk->refresh()->draft)->lines()[1]['ingredient'],
                Draft::fromStored($milk->draft)->lines()[1]['rest'],
            ],
        );
    }

    public function test_a_line_taken_out_can_be_put_back(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $key = $this->lineKey($formula, 1);
        $this
            ->post("/formulas/$formula->id", $this->form($formula, ['do' => "remove:$key"]), ['X-Live' => '1'])
            ->assertSee('taken out');
        self::assertCount(4, Draft::fromStored($formula->refresh()->draft)->lines());
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => 'undo']), ['X-Live' => '1']);
        self::assertSame($key, $this->lineKey($formula->refresh(), 1));
    }

    public function test_lines_move_within_and_between_lanes(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $glycerin = $this->lineKey($formula, 1);
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => "up:$glycerin"]), ['X-Live' => '1']);
        self::assertSame($glycerin, $this->lineKey($formula->refresh(), 0));
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => "down:$glycerin"]), ['X-Live' => '1']);
        $this->post(
            "/formulas/$formula->id",
            $this->form($formula->refresh(), ['do' => "down:$glycerin"]),
            ['X-Live' => '1'],
        );
        $moved = array_column(Draft::fromStored($formula->refresh()->draft)->lines(), null, 'key')[$glycerin];
        self::assertSame('oil', $moved['phase']);
        self::assertSame($glycerin, $this->lineKey($formula, 1), 'it comes in at the top of the next lane');
    }

    public function test_a_kept_version_never_changes_and_the_same_is_kept_once(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/keep")->assertRedirect("/formulas/$formula->id");
        $this->post("/formulas/$formula->id/keep")->assertRedirect("/formulas/$formula->id");
        self::assertSame(1, $formula->versions()->count());
        $this->post("/formulas/$formula->id", $this->form($formula->refresh(), ['batch' => '250']));
        $this->post("/formulas/$formula->id/keep")->assertRedirect("/formulas/$formula->id");
        self::assertSame(2, $formula->versions()->count());
        $this->get("/formulas/$formula->id/versions/1")->assertOk()->assertSee("200\u{202F}g");
        $this->post("/formulas/$formula->id/versions/1/reopen")->assertRedirect("/formulas/$formula->id");
        self::assertSame('200', Draft::fromStored($formula->refresh()->draft)->text('batch'));
        $this->expectException(QueryException::class);
        DB::table('formula_versions')
            ->where('id', FormulaVersion::query()->firstOrFail()->id)
            ->update(['document' => '{}']);
    }

    public function test_the_search_finds_english_and_french_and_bears_anything(): void
    {
        $this->getJson('/catalogue/search?q=huile+de+coco')->assertOk()->assertJsonFragment(['key' => 'coconut-oil']);
        $this->getJson('/catalogue/search?q=btms')->assertJsonPath('0.key', 'btms-25');
        foreach (['', '%00', '%ff%fe', str_repeat('a', 3000), '%27%22%3C'] as $q) {
            $this->getJson("/catalogue/search?q=$q")->assertOk();
        }
        $this->getJson('/catalogue/search?q[]=x')->assertOk();
    }
}
