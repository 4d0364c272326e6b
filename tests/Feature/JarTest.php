<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\LearnedUptake;
use App\Ground\Wording;
use App\Infusions\JarStoryFactory;
use App\Models\Jar;
use App\Models\JarEntry;
use App\Models\Lot;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Material\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** The life of a jar: filled, shaken, looked at, drawn from, strained; and what can't be done to it. */
final class JarTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-01 09:00:00');
    }

    private function tell(Jar $jar, string $what, array $fields = [], ?string $key = null): TestResponse
    {
        return $this
            ->from("/infusions/$jar->id")
            ->post("/infusions/$jar->id/$what", ['client_key' => $key ?? Str::uuid()->toString(), ...$fields]);
    }

    private static function strength(Jar $jar): float
    {
        return app(JarStoryFactory::class)->of($jar->refresh()->load('entries'))->state()->strength();
    }

    public function test_from_filling_to_the_pantry(): void
    {
        $jar = $this->standingJar();
        self::assertSame(['standing', 'J261101-A'], [$jar->status->value, $jar->code]);
        self::assertSame('2026-11-04 09:00:00', $jar->shake_at?->toDateTimeString());
        self::assertSame('2026-11-22 09:00:00', $jar->strain_at?->toDateTimeString());
        self::assertSame('2026-11-21', $jar->ready_at?->addHours(5)->toDateString());

        Carbon::setTestNow('2026-11-04 18:00:00');
        $this->tell($jar, 'shake')->assertRedirect("/infusions/$jar->id");
        self::assertSame('2026-11-07 18:00:00', $jar->refresh()->shake_at?->toDateTimeString());
        $this->tell($jar, 'look', ['look' => 'clear', 'celsius' => '18,5', 'note' => 'Larder']);
        self::assertSame(['shake', 'temperature', 'look'], $jar->entries()->toBase()->pluck('kind')->all());
        self::assertSame(18.5, $jar->entries()->where('kind', 'temperature')->first()?->value);

        Carbon::setTestNow('2026-11-15 09:00:00');
        $before = self::strength($jar);
        $this->tell($jar, 'move', ['take_out' => '50', 'top_up' => '50']);
        $lot = Lot::query()->sole();
        self::assertEqualsWithDelta($before, $lot->strength, 0.01, 'what is taken out is as strong as the jar was');
        self::assertLessThan($before, self::strength($jar));
        self::assertSame([50.0, 'L261115-A', 'infused_oil'], [$lot->grams_left, $lot->code, $lot->kind->value]);
        self::assertSame('2027-11-01', $lot->good_until?->toDateString(), 'the oldest oil’s date rules, a year opened');

        Carbon::setTestNow('2026-11-22 10:00:00');
        $strength = self::strength($jar);
        $this->tell($jar, 'strain', ['strained' => '232', 'pressed' => '14']);
        $jar->refresh();
        self::assertSame('strained', $jar->status->value);
        self::assertNull($jar->shake_at);
        $last = Lot::query()->orderByDesc('id')->firstOrFail();
        self::assertSame(246.0, $last->grams);
        self::assertEqualsWithDelta($strength, $last->strength, 0.01);
        self::assertSame(['calendula-dried' => [1.8]], LearnedUptake::records(), '54 g kept by 30 g of flowers');
        $this->get("/infusions/$jar->id")->assertOk()->assertSee('246')->assertSee('Plan it again');
        $this->get('/pantry')->assertOk()->assertSee('L261115-A')->assertSee('L261122-A');
    }

    public function test_a_filled_jar_is_never_rewritten(): void
    {
        $jar = $this->standingJar();
        $this->tell($jar, 'shake');
        foreach ([
            'UPDATE jar_entries SET value = 3',
            "UPDATE jars SET plan = '{}'",
            "UPDATE jars SET started_at = '2020-01-01'",
        ] as $sql) {
            try {
                DB::statement($sql);
                self::fail($sql);
            } catch (QueryException $refusal) {
                self::assertStringContainsString('stays', $refusal->getMessage());
            }
        }
        $plan = $jar->plan;
        $this
            ->post("/infusions/$jar->id", ['name' => 'Another name', 'method' => 'warm_bath'])
            ->assertSessionHas('refused');
        self::assertSame($plan, $jar->refresh()->plan);
        $this->post("/infusions/$jar->id/drop");
        self::assertTrue(Jar::query()->whereKey($jar->id)->exists(), 'only plans are thrown away');
        $this->post("/infusions/$jar->id/start")->assertSessionHas('refused');
    }

    public function test_sent_twice_is_written_down_once(): void
    {
        $jar = $this->standingJar();
        $key = Str::uuid()->toString();
        $this->tell($jar, 'shake', [], $key);
        $this->tell($jar, 'shake', [], $key);
        $key = Str::uuid()->toString();
        $this->tell($jar, 'move', ['take_out' => '20'], $key);
        $this->tell($jar, 'move', ['take_out' => '20'], $key);
        self::assertSame(['shake', 'take_out'], $jar->entries()->toBase()->pluck('kind')->all());
        self::assertSame(1, Lot::query()->count());
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('impossible')]
    public function test_what_cant_be_is_refused_at_its_field_and_kept_as_typed(
        string $what,
        array $fields,
        string $field,
        string $said,
    ): void {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-10 09:00:00');
        $this->tell($jar, $what, $fields)->assertSessionHasErrors($field);
        $page = $this->get("/infusions/$jar->id")->assertOk()->assertSee($said);
        foreach (array_filter($fields, static fn (string $typed): bool => $typed !== '') as $typed) {
            $page->assertSee('value="'.$typed.'"', false);
        }
        self::assertSame(0, JarEntry::query()->count());
        self::assertSame('standing', $jar->refresh()->status->value);
    }

    public static function impossible(): iterable
    {
        yield 'a day still to come' => ['shake', ['when' => '2026-12-24T10:00'], 'when', 'still to come'];
        yield 'before it was filled' => ['shake', ['when' => '2026-10-01T10:00'], 'when', 'before it was begun'];
        yield 'no day at all' => ['shake', ['when' => '2026-13-45'], 'when', 'A day like'];
        yield 'more than is in it' => ['move', ['take_out' => '300'], 'take_out', 'There is only'];
        yield 'less than nothing' => ['move', ['take_out' => '-5'], 'take_out', 'less than nothing'];
        yield 'words' => ['move', ['take_out' => 'a bit'], 'take_out', 'A number of grams'];
        yield 'nothing' => ['move', [], 'take_out', 'How many grams?'];
        yield 'over the brim' => ['move', ['top_up' => '250'], 'top_up', 'the jar holds 500'];
        yield 'more than was taken' => [
            'move',
            ['take_out' => '20', 'top_up' => '60'],
            'top_up',
            'more than was taken out',
        ];
        yield 'strained more than went in' => ['strain', ['strained' => '400'], 'strained', 'More than there was'];
        yield 'strained nothing' => ['strain', ['strained' => ''], 'strained', 'How many grams?'];
        yield 'an oven, not a larder' => ['look', ['celsius' => '400'], 'celsius', 'A temperature from'];
        yield 'no look' => ['look', ['note' => 'hm'], 'look', 'Say how it looks'];
        yield 'thrown away without a word' => ['discard', ['reason' => ' '], 'reason', 'Say why'];
    }

    public function test_what_is_unusual_goes_through_once_it_is_said_to_be_so(): void
    {
        $jar = $this->standingJar();
        $this->tell($jar, 'move', ['top_up' => '40', 'sure' => '1'])->assertSessionHasNoErrors();
        self::assertSame(340.0, app(JarStoryFactory::class)->of($jar->refresh()->load('entries'))->life->oil());
        $this->tell($jar, 'strain', ['strained' => '345', 'sure' => '1'])->assertSessionHasNoErrors();
        self::assertSame('strained', $jar->refresh()->status->value);
    }

    public function test_strained_once_is_strained(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-20 09:00:00');
        $this->tell($jar, 'strain', ['strained' => '240']);
        $this->tell($jar, 'strain', ['strained' => '240'])->assertSessionHas('refused');
        $this->tell($jar, 'shake')->assertSessionHas('refused');
        self::assertSame(1, Lot::query()->count());
        self::assertSame(['strain'], $jar->entries()->toBase()->pluck('kind')->all());
    }

    public function test_everything_can_be_taken_back_and_the_taking_back_stays_in_the_record(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-12 09:00:00');
        $as = self::strength($jar);
        foreach ([
            ['shake', []],
            ['move', ['take_out' => '30']],
            ['look', ['look' => 'mould']],
            ['strain', ['strained' => '240']],
        ] as [$what, $fields]) {
            $this->tell($jar, $what, $fields);
        }
        self::assertSame(2, Lot::query()->count());
        foreach ($jar->entries()->get()->reverse() as $entry) {
            $this->tell($jar, "undo/$entry->id")->assertSessionHasNoErrors();
        }
        $jar->refresh();
        self::assertSame(['standing', null, ''], [$jar->status->value, $jar->ended_at, $jar->alarm]);
        self::assertEqualsWithDelta($as, self::strength($jar), 1e-9);
        self::assertSame(0, Lot::query()->count());
        self::assertSame(8, $jar->entries()->count());
        $this->get("/infusions/$jar->id")->assertSee('Taken back');
    }

    public function test_a_lot_something_was_made_of_stays_when_the_straining_is_taken_back(): void
    {
        $jar = $this->standingJar();
        $this->tell($jar, 'strain', ['strained' => '240', 'sure' => '1']);
        $lot = Lot::query()->sole();
        $this->post(
            "/pantry/$lot->code/use",
            ['client_key' => Str::uuid()->toString(), 'grams' => '10', 'for' => 'a mask'],
        );
        $this->tell($jar, 'undo/'.$jar->entries()->sole()->id)->assertSessionHas('refused');
        self::assertSame('strained', $jar->refresh()->status->value);
    }

    public function test_an_alarming_look_says_what_to_do(): void
    {
        $jar = $this->standingJar();
        $this->tell($jar, 'look', ['look' => 'bubbles']);
        self::assertSame('bubbles', $jar->refresh()->alarm);
        $this->get("/infusions/$jar->id")->assertSee('Something ferments');
        $this->get('/')->assertSee('Something ferments');
        $this->tell($jar, 'discard', ['reason' => 'fermented']);
        self::assertSame(['discarded', ''], [$jar->refresh()->status->value, $jar->alarm]);
    }

    public function test_a_clock_set_back_loses_nothing(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-10 09:00:00');
        $this->tell($jar, 'shake');
        $then = self::strength($jar);
        Carbon::setTestNow('2026-10-20 09:00:00');
        $this->get("/infusions/$jar->id")->assertOk()->assertSee('Nothing is lost; set the clock');
        self::assertEqualsWithDelta($then, self::strength($jar), 1e-9);
        $this->get('/')->assertOk();
        $this->tell($jar, 'shake')->assertSessionHasNoErrors();
        self::assertSame(2, $jar->entries()->count());
    }

    public function test_another_time_zone_moves_no_entry(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-10 09:00:00');
        $this->tell($jar, 'shake');
        $was = self::strength($jar);
        $zone = date_default_timezone_get();
        try {
            date_default_timezone_set('Pacific/Auckland');
            Carbon::setTestNow(Carbon::parse('2026-11-10 09:00:00', 'UTC'));
            self::assertEqualsWithDelta(
                $was,
                self::strength($jar),
                0.6,
                'half a day at most, by the clock on the wall',
            );
            self::assertSame('2026-11-10 09:00:00', $jar->entries()->sole()->happened_at->format('Y-m-d H:i:s'));
        } finally {
            date_default_timezone_set($zone);
        }
    }

    public function test_taking_out_is_foreseen_before_it_is_done(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-15 09:00:00');
        $said = str_replace(
            "\u{202F}",
            ' ',
            (string) $this->get("/infusions/$jar->id/foresee?take_out=50&top_up=50")->assertOk()->getContent(),
        );
        $before = self::strength($jar);
        self::assertStringContainsString('50 g at strength '.round($before, 1), $said);
        $this->tell($jar, 'move', ['take_out' => '50', 'top_up' => '50']);
        self::assertStringContainsString('to '.round(self::strength($jar), 1), $said, 'and that is what happens');
        self::assertSame('', $this->get("/infusions/$jar->id/foresee?take_out=-5&top_up=x")->assertOk()->getContent());
        self::assertSame('', $this->get("/infusions/$jar->id/foresee?take_out=900")->assertOk()->getContent());
    }

    public function test_the_label_says_what_is_in_it_and_when(): void
    {
        $jar = $this->standingJar();
        $this
            ->get("/infusions/$jar->id/label")
            ->assertOk()
            ->assertSee('Calendula flowers, dried')
            ->assertSee('22 Nov 2026')
            ->assertSee('every 3 days')
            ->assertSee('J261101-A');
        $this
            ->get('/infusions/'.Jar::query()->create([
                'name' => 'x',
                'draft' => [],
                'status' => 'planned',
            ])->id.'/label')
            ->assertNotFound();
    }

    public function test_water_is_cooked_out_by_the_weight_of_the_pot(): void
    {
        $jar = $this->standingJar([
            'name' => 'Fresh rosemary',
            'plants' => [['ingredient' => 'rosemary-fresh', 'amount' => '100 g', 'form' => 'fresh_wet']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '400 g']],
            'method' => 'cook_out',
            'temperature_c' => 105,
            'days' => null,
            'minutes' => 60,
        ]);
        $this->get("/infusions/$jar->id")->assertSee('Weigh the pot')->assertSee('Only water leaves it');
        $weigh = fn (string $grams): mixed => $this->post(
            "/infusions/$jar->id/pot",
            ['pot' => $grams, 'client_key' => (string) Str::uuid()],
        );
        $weigh('1180')->assertRedirect();
        $water = app(Catalogue::class)->get('rosemary-fresh')->waterFraction * 100;
        $done = 1180 - 0.95 * $water;
        $this
            ->get("/infusions/$jar->id")
            ->assertSee(app(Wording::class)->grams(round($done, 1)), false)
            ->assertSee('have still to go');
        $weigh((string) round($done + 20, 1));
        $this->get("/infusions/$jar->id")->assertSee('20'."\u{202F}g of water", false);
        $weigh((string) round($done - 0.1, 1));
        $this->get("/infusions/$jar->id")->assertSee('By weight the water is gone')->assertSee('Pot weighed');
        $weigh('1300');
        $this->get("/infusions/$jar->id")->assertSee('It weighs more than at first');
        $this->post("/infusions/$jar->id/undo/".JarEntry::query()->max('id'), ['client_key' => (string) Str::uuid()]);
        $this->get("/infusions/$jar->id")->assertSee('By weight the water is gone');
        $weigh('-3')->assertSessionHasErrors('pot');
        $weigh('a lot')->assertSessionHasErrors('pot');
        $dry = $this->standingJar();
        $this->get("/infusions/$dry->id")->assertDontSee('Weigh the pot');
    }
}
