<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use App\Models\FormulaVersion;
use App\Models\Lot;
use App\Pantry\LotBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** Comparing, substituting, proposing: what the bench offers beyond checking. */
final class DesignTest extends AppCase
{
    public function test_versions_lie_side_by_side_with_what_moved_and_why(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->get("/formulas/$formula->id/compare")->assertOk()->assertSee('No version is kept yet');
        $this->post("/formulas/$formula->id/keep", ['note' => 'the first try'])->assertRedirect();
        $key = $this->lineKey($formula, 3);
        $this->post(
            "/formulas/$formula->id",
            $this->form($formula, ['lines' => [$key => ['amount' => '12 %']]]),
            ['X-Live' => '1'],
        );
        $this->post("/formulas/$formula->id/keep", ['note' => 'more slip']);
        $page = $this
            ->get("/formulas/$formula->id/compare?a=1&b=2")
            ->assertOk()
            ->assertSeeText('the first try')
            ->assertSeeText('more slip')
            ->assertSeeText('Sweet almond oil');
        $page
            ->assertSeeInOrder(['Sweet almond oil', '<td class="num">8</td>', '<td class="num">12</td>', '+4'], false)
            ->assertSee("4\u{202F}% of it is other")
            ->assertSeeText('Version 1');
        $this->get("/formulas/$formula->id/compare?a=nonsense&b=99")->assertOk()->assertSeeText('Being edited');
    }

    public function test_a_trial_is_half_the_batch_and_counts_what_is_changed_in_it(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/keep");
        $this->post("/formulas/$formula->id/versions/1/trial")->assertRedirect();
        $trial = Formula::query()->orderByDesc('id')->firstOrFail();
        self::assertSame(
            [FormulaVersion::query()->firstOrFail()->id, '100'],
            [$trial->trial_of, Draft::fromStored($trial->draft)->text('batch')],
        );
        $this->get("/formulas/$trial->id")->assertSeeText('Nothing is changed yet');
        $key = $this->lineKey($trial, 3);
        $this
            ->post(
                "/formulas/$trial->id",
                $this->form($trial, ['lines' => [$key => ['ingredient' => 'jojoba-oil', 'name' => 'Jojoba oil']]]),
                ['X-Live' => '1'],
            )
            ->assertSeeText('One thing is changed');
        $this
            ->post(
                "/formulas/$trial->id",
                $this->form($trial->refresh(), ['lines' => [$this->lineKey($trial, 1) => ['amount' => '2 %']]]),
                ['X-Live' => '1'],
            )
            ->assertSeeText('2 things are changed');
        $this
            ->get("/formulas/$trial->id/compare")
            ->assertOk()
            ->assertSeeText($formula->name.', version 1')
            ->assertSeeText('Jojoba oil');
    }

    public function test_what_stands_in_for_a_line_shows_what_it_shifts_and_goes_in_by_one_press(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->bought('jojoba-oil', 60, 12.0);
        $key = $this->lineKey($formula, 3);
        $this
            ->get("/formulas/$formula->id/substitute/$key")
            ->assertOk()
            ->assertSeeInOrder([
                'Instead of Sweet almond oil',
                'Jojoba oil',
                "60\u{202F}g in the pantry",
                'No longer from',
                'tree nuts',
            ])
            ->assertSeeText('Apricot kernel oil');
        $this
            ->post("/formulas/$formula->id/substitute/$key", ['with' => 'jojoba-oil', 'revision' => 99])
            ->assertRedirect("/formulas/$formula->id/substitute/$key")
            ->assertSessionHas('refused');
        $this
            ->post("/formulas/$formula->id/substitute/$key", ['with' => 'jojoba-oil', 'revision' => $formula->revision])
            ->assertRedirect("/formulas/$formula->id");
        $line = Draft::fromStored($formula->refresh()->draft)->lines()[3];
        self::assertSame(['jojoba-oil', '8 %'], [$line['ingredient'], $line['amount']]);
        $this->get("/formulas/$formula->id")->assertSeeText('Jojoba oil is put in.');
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => 'undo']), ['X-Live' => '1']);
        self::assertSame('sweet-almond-oil', Draft::fromStored($formula->refresh()->draft)->lines()[3]['ingredient']);
        $this->get("/formulas/$formula->id/substitute/ffffffff")->assertNotFound();
        $this
            ->post("/formulas/$formula->id/substitute/$key", ['with' => 'moon-dust', 'revision' => 1])
            ->assertNotFound();
    }

    public function test_every_wish_is_answered_and_taken_and_undone(): void
    {
        $butter = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Whip',
            'family' => 'whipped_butter',
            'lines' => [
                ['ingredient' => 'shea-butter-refined', 'amount' => '120 g'],
                ['ingredient' => 'sweet-almond-oil', 'amount' => '60 g'],
                ['ingredient' => 'argan-oil', 'amount' => '20 g'],
            ],
        ]);
        $before = $butter->draft;
        $this->get("/formulas/$butter->id/suggest")->assertOk()->assertSeeText('The pantry knows no prices yet');
        foreach ([
            'shea-butter-refined' => 0.02,
            'sweet-almond-oil' => 0.03,
            'argan-oil' => 0.12,
            'grapeseed-oil' => 0.01,
        ] as $ingredient => $price) {
            $this->bought($ingredient, 500, 500 * $price);
        }
        foreach ([
            ['wish' => 'firm', 'feel' => 'firm', 'celsius' => '20'],
            ['wish' => 'without', 'without' => ['tree_nut']],
            ['wish' => 'cheaper', 'by' => '20'],
        ] as $wish) {
            $this
                ->get("/formulas/$butter->id/suggest?".http_build_query($wish))
                ->assertOk()
                ->assertSee('Use this version')
                ->assertSeeText('Suggested');
            $this
                ->post("/formulas/$butter->id/suggest", [...$wish, 'revision' => $butter->refresh()->revision])
                ->assertRedirect("/formulas/$butter->id");
            self::assertNotSame($before, $butter->refresh()->draft, $wish['wish']);
            $this->post("/formulas/$butter->id", $this->form($butter, ['do' => 'undo']), ['X-Live' => '1']);
            self::assertSame($before, $butter->refresh()->draft, $wish['wish']);
        }
        $this
            ->get("/formulas/$butter->id/suggest?wish=firm&feel=hard&celsius=35")
            ->assertOk()
            ->assertSeeText('Not with these fats')
            ->assertDontSee('Use this version');
        $this->get("/formulas/$butter->id/suggest?wish=without")->assertSeeText('Tick at least one');
        $this->get("/formulas/$butter->id/suggest?wish=cheaper&by=abc&without=x&feel[]=y")->assertOk();
        $this
            ->post("/formulas/$butter->id/suggest", ['wish' => 'firm', 'feel' => 'firm', 'revision' => 1])
            ->assertRedirectContains('/suggest?')
            ->assertSessionHas('refused');
    }

    public function test_what_turns_soon_is_offered_unasked_with_its_lot(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $lot = $this->bought('sweet-almond-oil', 40, 2.0, 20);
        $this->bought('olive-oil', 40, 2.0, 300);
        $offer = "use:$lot->code";
        $this
            ->get("/formulas/$formula->id/suggest")
            ->assertSeeText('soon')
            ->assertDontSeeText('Olive oil, which');
        $this->get("/formulas/$formula->id/suggest?wish=offer&offer=$offer")->assertOk()->assertSee('Use this version');
        $this->post(
            "/formulas/$formula->id/suggest",
            ['wish' => 'offer', 'offer' => $offer, 'revision' => $formula->revision],
        );
        $this->get("/formulas/$formula->id")->assertSee($lot->code);
    }

    public function test_the_bought_is_put_in_the_pantry_or_refused_beside_its_field(): void
    {
        $this
            ->post(
                '/pantry',
                [
                    'name' => 'Jojoba oil',
                    'grams' => '95,5',
                    'price' => '8,40 €',
                    'best_before' => Carbon::now()->addYear()->toDateString(),
                ],
            )
            ->assertSessionHasNoErrors();
        $lot = Lot::query()->firstOrFail();
        self::assertSame(['bought', 'jojoba-oil', 95.5, 8.4], [$lot->kind->value, $lot->ingredient, $lot->grams, $lot->price]);
        $this->get('/pantry')->assertSeeText('Jojoba oil')->assertSee($lot->code);
        $this
            ->get("/pantry/$lot->code")
            ->assertOk()
            ->assertSeeText('8.40 for it, 8.80 for 100 g')
            ->assertSeeText('bought');
        foreach ([
            'name' => 'moon dust',
            'grams' => '-4',
            'price' => 'cheap',
            'best_before' => '2026-02-31',
            'opened_on' => 'yesterday',
        ] as $field => $nonsense) {
            $this
                ->post('/pantry', ['name' => 'Jojoba oil', 'grams' => '10', $field => $nonsense])
                ->assertSessionHasErrors($field);
        }
        self::assertSame(1, Lot::query()->count());
        $this->post(
            '/pantry',
            [
                'name' => 'Jojoba oil',
                'grams' => '10',
                'opened_on' => Carbon::now()->subDays(10)->toDateString(),
                'best_before' => Carbon::now()->addYears(5)->toDateString(),
            ],
        );
        self::assertTrue(
            Lot::query()->orderByDesc('id')->firstOrFail()->good_until?->lessThan(Carbon::now()->addYears(3)),
            'opened, it goes by the day it was opened',
        );
    }

    public function test_the_pages_ask_the_database_no_more_for_many_lots(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $queries = function () use ($formula): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            foreach (['suggest', 'compare', "substitute/{$this->lineKey($formula, 3)}"] as $page) {
                $this->get("/formulas/$formula->id/$page")->assertOk();
            }

            return count(DB::getQueryLog());
        };
        $queries();
        $few = $queries();
        foreach (range(1, 40) as $n) {
            $this->bought($n % 2 === 0 ? 'olive-oil' : 'jojoba-oil', 40, 2.0, 10 + $n);
        }
        self::assertSame($few, $queries());
    }

    private function bought(string $ingredient, float $grams, float $price, int $days = 300): Lot
    {
        return app(LotBook::class)->putBought(
            $ingredient,
            $grams,
            $price,
            Carbon::now()->addDays($days),
            null,
            Carbon::now(),
        );
    }

    public function test_suggestions_begin_with_what_stands_against_it(): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Milk',
            'family' => 'leave_in_emulsion',
            'ph' => 5.0,
            'batch' => ['grams' => 200],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '5 %', 'phase' => 'oil'],
                ['ingredient' => 'argan-oil', 'amount' => '6 %', 'phase' => 'oil'],
            ],
        ]);
        $page = $this->get("/formulas/$formula->id/suggest")->assertOk()
            ->assertSeeTextInOrder([
                'First: 1 problem to solve',
                'no preservative',
                'Add 0.9',
                'As close to mine',
            ]);
        preg_match('/name="do"\s+value="(fix:[^"]+)"/', (string) $page->getContent(), $press);
        $this->post("/formulas/$formula->id", ['revision' => $formula->revision, 'do' => html_entity_decode($press[1])])
            ->assertRedirect();
        $this->get("/formulas/$formula->id/suggest")->assertDontSeeText('problem to solve');
        $this->get("/formulas/$formula->id")->assertSeeText('Ready to make');
    }
}
