<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\SuggestionKey;
use App\Infusions\PlanDraft;
use App\Infusions\Planner;
use App\Models\Jar;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** Planning a jar: live, with what is wrong said beside it and nothing typed lost. */
final class PlannerTest extends AppCase
{
    private function begun(): Jar
    {
        $this->post('/infusions')->assertRedirect();

        return Jar::query()->latest('id')->firstOrFail();
    }

    private function type(Jar $jar, array $fields, string $do = ''): TestResponse
    {
        $jar->refresh();
        $draft = PlanDraft::fromStored($jar->draft);
        $form = ['revision' => $jar->revision, 'seq' => 1, 'do' => $do, 'plants' => [], 'oils' => []];
        foreach (['plants', 'oils'] as $part) {
            foreach ($draft->rows($part) as $i => $row) {
                $form[$part][$row['key']] = [
                    ...$row,
                    'name' => $row['name'] ?: $row['ingredient'],
                    ...($fields[$part][$i] ?? []),
                ];
            }
        }

        return $this->post(
            "/infusions/$jar->id",
            [...$form, ...array_diff_key($fields, ['plants' => 1, 'oils' => 1])],
            ['X-Live' => '1'],
        );
    }

    /** What the page would send for the nth offer of a finding. */
    private function planned(Jar $jar, string $code, int $nth = 0): string
    {
        $draft = PlanDraft::fromStored($jar->refresh()->draft);
        foreach (InfusionRules::examine(
            $draft->infusion(app(Planner::class))[0] ?? throw new LogicException('Nothing is planned.'),
        ) as $finding) {
            if ($finding->code === $code) {
                return SuggestionKey::press($finding, $finding->fixes[$nth], $draft->lineKeys());
            }
        }

        throw new LogicException("There is no $code.");
    }

    private function calendula(Jar $jar, array $more = []): TestResponse
    {
        return $this->type(
            $jar,
            [
                'plants' => [['name' => 'calendula', 'amount' => '30 g']],
                'oils' => [['name' => 'huile d’olive', 'amount' => '1 1/4 cup']],
                ...$more,
            ],
        );
    }

    public function test_two_lines_are_enough_for_everything_else(): void
    {
        $jar = $this->begun();
        $this->get("/infusions/$jar->id")->assertOk()->assertSee('Put in a plant and an oil');
        $page = $this->calendula($jar)->assertOk();
        $page
            ->assertSee('21 days')
            ->assertSee('Air above')
            ->assertSee('plant covered')
            ->assertSee('Methods compared')
            ->assertSee('low oven')
            ->assertSee('Patch-test');
        self::assertStringContainsString('Ready within the hour', (string) $page->getContent());
        self::assertMatchesRegularExpression('/school-cold_dark\s+is-chosen/', (string) $page->getContent());
    }

    public function test_another_school_at_one_press(): void
    {
        $jar = $this->begun();
        $this->calendula($jar, ['celsius' => '19', 'lasts' => '4 weeks']);
        self::assertSame(
            28.0,
            PlanDraft::fromStored($jar->refresh()->draft)->infusion(app(Planner::class))[0]?->plan->days,
        );
        $this
            ->type($jar, [], 'method:warm_bath')
            ->assertSee("45\u{202F}min")
            ->assertSee('Hot oil')
            ->assertDontSee('name="rhythm"', false);
        $plan = PlanDraft::fromStored($jar->refresh()->draft)->infusion(app(Planner::class))[0]?->plan;
        self::assertSame(
            ['warm_bath', 95.0],
            [$plan?->method->value, $plan?->celsius],
            'at its usual temperature, not the old one',
        );
    }

    public function test_a_wet_plant_stops_it_and_the_way_out_is_one_press(): void
    {
        $jar = $this->begun();
        $this->type(
            $jar,
            [
                'plants' => [['name' => 'fresh rosemary', 'amount' => '40 g']],
                'oils' => [['name' => 'olive oil', 'amount' => '400 g']],
                'jar' => '750',
            ],
        )
            ->assertSee('Don’t fill it yet')->assertSee('Cook the water out');
        $this->post("/infusions/$jar->id/start")->assertSessionHas('refused');
        self::assertTrue($jar->refresh()->isPlanned());
        $this
            ->type($jar, [], $this->planned($jar, 'plant.fresh_in_oil', 1))
            ->assertSee('cooked out')
            ->assertSee('Wet plants spit')
            ->assertDontSee('Don’t fill it yet');
        $this->type($jar, [], 'method:cold_dark');
        $this->type($jar, [], $this->planned($jar, 'plant.fresh_in_oil'))->assertDontSee('Don’t fill it yet');
        $this->post("/infusions/$jar->id/start")->assertSessionHas('said');
        self::assertSame('dried_whole', $jar->refresh()->plan['plants'][0]['form'] ?? null);
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('slips')]
    public function test_a_slip_is_pointed_at_kept_and_stops_only_the_filling(
        array $typed,
        string $said,
        string $kept,
    ): void {
        $jar = $this->begun();
        $this->calendula($jar);
        $page = $this
            ->type($jar, $typed)
            ->assertOk()
            ->assertSee($said)
            ->assertSee('value="'.e($kept).'"', false)
            ->assertSee('aria-invalid="true"', false);
        self::assertStringContainsString(
            'form="fill" disabled',
            (string) preg_replace('/\s+/', ' ', (string) $page->getContent()),
        );
        $this->get("/infusions/$jar->id")->assertOk()->assertSee('value="'.e($kept).'"', false);
        $this->post("/infusions/$jar->id/start")->assertSessionHas('refused');
    }

    public static function slips(): iterable
    {
        yield 'a negative ratio' => [['plants' => [['amount' => '-3 g']]], 'less than nothing', '-3 g'];
        yield 'no unit' => [['oils' => [['amount' => '300']]], 'Grams, spoons, cups? Say which.', '300'];
        yield 'percent of what' => [['plants' => [['amount' => '10 %']]], 'gives no weight', '10 %'];
        yield 'a plant nobody knows' => [
            ['plants' => [['ingredient' => '', 'name' => 'moon dust', 'amount' => '3 g']]],
            'Not in the catalogue',
            'moon dust',
        ];
        yield 'honey for oil' => [
            ['oils' => [['ingredient' => '', 'name' => 'honey', 'amount' => '300 g']]],
            'oils or butters',
            'Honey',
        ];
        yield 'hotter than fire' => [['celsius' => '900'], 'between -20 and 200', '900'];
        yield 'warm in words' => [['celsius' => 'warm'], 'A temperature in °C.', 'warm'];
        yield 'a while' => [['lasts' => 'a while'], 'A time like', 'a while'];
        yield 'a jar that is none' => [['jar' => '-500'], 'between 1 and 100000', '-500'];
        yield 'no name' => [['name' => ''], 'Give it a name.', ''];
    }

    public function test_a_plant_that_does_not_fit_is_said_with_numbers(): void
    {
        $jar = $this->begun();
        $this->calendula($jar, ['jar' => '250'])->assertSee('the jar holds 250')->assertSee('runs over');
        $this
            ->type($jar, ['oils' => [['amount' => '120 g']], 'jar' => '500'])
            ->assertSee('above the oil')
            ->assertSee('more oil would cover it');
        $this->type($jar, [], $this->planned($jar, 'plant.uncovered'))->assertDontSee('more oil would cover it');
    }

    public function test_another_way_by_the_menu_takes_its_own_temperature(): void
    {
        $jar = $this->begun();
        $this->calendula($jar, ['celsius' => '105', 'method' => 'cook_out']);
        $this->type($jar, ['method' => 'warm_bath']);
        self::assertSame(
            ['', 95.0],
            [
                PlanDraft::fromStored($jar->refresh()->draft)->text('celsius'),
                PlanDraft::fromStored($jar->draft)->infusion(app(Planner::class))[0]?->plan->celsius,
            ],
        );
    }

    public function test_all_of_it_is_undone_and_redone(): void
    {
        $jar = $this->begun();
        $states = [$jar->refresh()->draft];
        foreach ([
            fn () => $this->calendula($jar),
            fn () => $this->type($jar, [], 'add:plants'),
            fn () => $this->type($jar, [], 'method:warm_bath'),
            fn () => $this->type($jar, ['name' => 'Renamed']),
        ] as $turn) {
            $turn()->assertOk();
            $states[] = $jar->refresh()->draft;
        }
        foreach (array_reverse(array_slice($states, 0, -1)) as $before) {
            $this->type($jar, [], 'undo')->assertOk();
            self::assertSame($before, $jar->refresh()->draft);
        }
        foreach (array_slice($states, 1) as $after) {
            $this->type($jar, [], 'redo')->assertOk();
            self::assertSame($after, $jar->refresh()->draft);
        }
    }

    public function test_rows_come_and_go(): void
    {
        $jar = $this->begun();
        $this->calendula($jar);
        $this->type($jar, [], 'add:plants');
        self::assertCount(2, PlanDraft::fromStored($jar->refresh()->draft)->rows('plants'));
        $this
            ->type($jar, ['plants' => [1 => ['name' => 'lavender buds', 'amount' => '2 tbsp']]])
            ->assertSee('Fragrance allergens');
        $key = PlanDraft::fromStored($jar->refresh()->draft)->rows('plants')[0]['key'];
        $this->type($jar, [], "remove:$key")->assertDontSee('Calendula');
        $this->type($jar, [], 'add:nonsense')->assertOk();
        $this->type($jar, [], 'fix:gone@1#0')->assertOk();
    }

    public function test_two_windows_ask_before_one_overwrites_the_other(): void
    {
        $jar = $this->begun();
        $this->calendula($jar);
        $old = $jar->refresh()->revision;
        $this->type($jar, ['name' => 'From this window'])->assertOk();
        $stale = $this->post(
            "/infusions/$jar->id",
            ['revision' => $old, 'name' => 'From the other window'],
            ['X-Live' => '1'],
        );
        $stale
            ->assertStatus(409)
            ->assertSee('From the other window')
            ->assertSeeInOrder(['Which should count?', '<li>name</li>'], false);
        self::assertNotSame('From the other window', $jar->refresh()->name);
        $this
            ->post(
                "/infusions/$jar->id",
                ['revision' => $old, 'name' => 'From the other window', 'do' => 'overwrite'],
                ['X-Live' => '1'],
            )
            ->assertOk();
        self::assertSame('From the other window', $jar->refresh()->name);
        self::assertCount(1, PlanDraft::fromStored($jar->draft)->rows('plants'), 'all else stays');
    }

    public function test_a_plan_is_thrown_away_or_made_again(): void
    {
        $jar = $this->begun();
        $this->calendula($jar, ['name' => 'Thrown away']);
        $this->post("/infusions/$jar->id/again")->assertRedirect();
        self::assertSame(2, Jar::query()->count());
        $this->post("/infusions/$jar->id/drop")->assertRedirect('/infusions');
        self::assertSame(1, Jar::query()->count());
        $standing = $this->standingJar();
        $this->post("/infusions/$standing->id/again");
        $again = Jar::query()->latest('id')->firstOrFail();
        self::assertEqualsWithDelta(
            $standing->plan['days'],
            PlanDraft::fromStored($again->draft)->infusion(app(Planner::class))[0]?->plan->days,
            1e-9,
        );
    }

    public function test_hostile_forms_are_harmless(): void
    {
        $jar = $this->begun();
        foreach ([
            ['plants' => 'x'],
            ['plants' => ['../../etc' => ['name' => 'x']]],
            ['plants' => ['abcd' => 'x']],
            ['name' => ['a']],
            ['name' => str_repeat('é', 5000)],
            ['method' => 'microwave'],
            ['lasts' => '1e999'],
            ['jar' => 'NaN'],
            ['plants' => array_fill_keys(
                array_map(static fn (int $i): string => "row$i", range(1000, 1500)),
                ['name' => 'calendula', 'amount' => '1 g'],
            )],
        ] as $fields) {
            $this
                ->post("/infusions/$jar->id", ['revision' => $jar->refresh()->revision, ...$fields], ['X-Live' => '1'])
                ->assertOk();
        }
        self::assertCount(20, PlanDraft::fromStored($jar->refresh()->draft)->rows('plants'));
        $this->get("/infusions/$jar->id")->assertOk();
    }
}
