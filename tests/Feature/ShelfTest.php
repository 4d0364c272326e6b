<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\Refused;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Lot;
use App\Models\Photo;
use App\Models\ShelfEntry;
use App\Preparations\PreparationBook;
use App\Shelf\ShelfBook;
use App\Shelf\TraceFactory;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Formula\Storage;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;

/** The shelf and the threads: what became of a batch, what it cost, where it came from. */
final class ShelfTest extends AppCase
{
    use MadeBatches;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-10 09:00:00');
    }

    public function test_jars_leave_the_shelf_and_come_back_when_it_is_taken_back(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()), 188.0, 2);
        $this->get('/shelf')->assertOk()->assertSee('Plain test milk')->assertSee("188\u{202F}g left");
        Carbon::setTestNow('2026-11-12 10:00:00');
        $this->tell($batch, 'move', ['to' => 'bathroom shelf'])->assertRedirect("/batches/$batch->code#shelf");
        $this->tell($batch, 'leaves', ['kind' => 'gifted', 'shelf_grams' => '94', 'subject' => 'Odile']);
        $this->tell(
            $batch,
            'leaves',
            ['kind' => 'sold', 'shelf_grams' => '40', 'subject' => 'market', 'price' => '6,50'],
        );
        self::assertSame(
            [54.0, 'bathroom shelf', null],
            [$batch->refresh()->grams_left, $batch->stands, $batch->gone_at],
        );
        $this
            ->get("/batches/$batch->code")
            ->assertSee('Odile')
            ->assertSee('6.50')
            ->assertSee('about 0.6 of 2 containers');
        $this->tell($batch, 'leaves', ['kind' => 'used', 'shelf_grams' => '60'])->assertSessionHasErrors('shelf_grams');
        $this
            ->tell($batch, 'leaves', ['kind' => 'discarded', 'shelf_grams' => '54', 'subject' => ' '])
            ->assertSessionHasErrors('subject');
        $this->tell(
            $batch,
            'leaves',
            ['kind' => 'discarded', 'shelf_grams' => '54', 'subject' => 'smells off'],
            'the-very-same',
        );
        $this
            ->tell(
                $batch,
                'leaves',
                ['kind' => 'discarded', 'shelf_grams' => '54', 'subject' => 'smells off'],
                'the-very-same',
            )
            ->assertSessionHasNoErrors();
        self::assertSame('2026-11-12', $batch->refresh()->gone_at?->toDateString());
        $this->get('/shelf')->assertSee('Used up');
        $entry = ShelfEntry::query()->where('kind', 'discarded')->sole();
        $this->tell($batch, "shelf/$entry->id/undo");
        self::assertSame([54.0, null], [$batch->refresh()->grams_left, $batch->gone_at]);
        $this->expectException(QueryException::class);
        DB::table('shelf_entries')->where('id', $entry->id)->update(['grams' => 1]);
    }

    public function test_random_histories_of_a_shelf_add_up_to_the_gram(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()), 188.0, 2);
        $dice = new Randomizer(new Mt19937(8));
        $book = app(ShelfBook::class);
        for ($i = 0; $i < 60; $i++) {
            try {
                $dice->getInt(0, 3) === 0 && ShelfEntry::query()->exists()
                    ? $book->undo(
                        $batch,
                        ShelfEntry::query()->where('kind', '<>', 'undo')->inRandomOrder($i)->firstOrFail(),
                        (string) Str::uuid(),
                    )
                    : $book->leaves(
                        $batch,
                        ShelfBook::LEAVES[$dice->getInt(0, 3)],
                        $dice->getInt(10, 500) / 10,
                        'because',
                        null,
                        Carbon::now(),
                        (string) Str::uuid(),
                    );
            } catch (Refused) {
                // no more is there
            }
            $undone = ShelfEntry::query()->where('kind', 'undo')->pluck('subject')->all();
            $out = (float) ShelfEntry::query()->where('kind', '<>', 'undo')->whereNotIn('id', $undone)->sum('grams');
            self::assertEqualsWithDelta(188.0, $batch->refresh()->grams_left + $out, 0.5, "after step $i");
            self::assertGreaterThanOrEqual(0.0, $batch->grams_left);
        }
    }

    public function test_from_any_jar_to_every_lot_and_from_a_lot_to_every_jar(): void
    {
        $almond = $this->bought('sweet-almond-oil', 100.0, 5.0);
        $root = $this->bought('marshmallow-root', 60.0);
        $tea = app(PreparationBook::class)->made(
            app(PreparationBook::class)->plan('marshmallow-decoction', 'marshmallow-root', 150.0),
            140.0,
            Storage::Fridge,
            null,
            Carbon::now(),
        );
        $document = SoundFormula::document();
        $document['lines'][1] = ['ingredient' => 'marshmallow-root-decoction', 'amount' => '15 %', 'phase' => 'water'];
        $first = $this->madeOf($this->formulaOf($document), lots: [2 => $tea->code, 4 => $almond->code]);
        $second = $this->madeOf($this->formulaOf(SoundFormula::document()), lots: [4 => $almond->code]);
        $third = $this->madeOf($this->formulaOf(SoundFormula::document()));
        app(ShelfBook::class)->leaves($second, 'sold', 94.0, 'Saturday market', 9.0, Carbon::now(), 'sold-once-1');

        $back = app(TraceFactory::class)->back($first);
        self::assertEqualsCanonicalizing(
            ["batch $first->code", "lot $tea->code", "lot $root->code", "lot $almond->code"],
            array_values(array_filter(
                array_keys($back->nodes),
                static fn (string $id): bool => ! str_starts_with($id, 'none'),
            )),
        );
        self::assertEqualsWithDelta(16.0, $back->edges["lot $almond->code>batch $first->code"]['grams'], 0.01);
        self::assertArrayHasKey("lot $root->code>lot $tea->code", $back->edges);

        self::assertEqualsCanonicalizing(
            [$first->code, $second->code],
            app(TraceFactory::class)->forward($almond)->batchCodes(),
        );
        self::assertSame([$first->code], app(TraceFactory::class)->forward($root)->batchCodes(), 'through the tea');
        self::assertSame(
            ['none'],
            array_values(array_unique(array_diff(
                array_column(app(TraceFactory::class)->back($third)->nodes, 'kind'),
                ['batch'],
            ))),
            'no lot was told for anything in it',
        );
        $page = $this
            ->get("/pantry/$almond->code/trace")
            ->assertOk()
            ->assertSee($first->code)
            ->assertSee($second->code);
        self::assertStringNotContainsString(
            $third->code,
            (string) preg_replace(
                '#<section class="recall" id="may-be">.*?</section>#s',
                '',
                (string) $page->getContent(),
            ),
        );
        $page
            ->assertSee('May also be of')
            ->assertSee($third->code)
            ->assertSee("To call back, if $almond->code is bad")
            ->assertSee('Saturday market');
        $this->get("/batches/$first->code/trace")->assertOk()->assertSee($root->code);
        self::assertEqualsWithDelta(
            68.0,
            Lot::query()->find($almond->id)->grams_left,
            0.01,
            'two times sixteen grams are gone',
        );
    }

    public function test_a_lot_is_chosen_at_the_scale_and_its_price_counts(): void
    {
        $dear = $this->bought('sweet-almond-oil', 100.0, 50.0);
        Carbon::setTestNow('2026-11-11 09:00:00');
        $cheap = $this->bought('sweet-almond-oil', 100.0, 2.0);
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/make");
        $batch = Batch::query()->sole();
        $this
            ->get("/make/$batch->code/weigh.4")
            ->assertSee('Taken from')
            ->assertSee($dear->code)
            ->assertSee($cheap->code);
        $this
            ->post(
                "/make/$batch->code/weigh.4",
                ['client_key' => 'choose-the-lot', 'weight' => '16.0', 'lot' => $cheap->code],
            )
            ->assertSessionHasNoErrors();
        self::assertSame($cheap->code, $batch->entries()->where('kind', 'lot')->value('subject'));
        $made = $this->madeOf($formula, 188.0, 2, [4 => $cheap->code]);
        self::assertEqualsWithDelta(0.32, $made->outcome['cost']['known'], 0.001, '16 g at 2 for 100 g');
        self::assertContains('Glycerin', $made->outcome['cost']['unpriced']);
        $this->get("/batches/$made->code")->assertSee('0.16 a container')->assertSee('Without');
        // (0.16 + 1.20 + 6) / 0.7
        $this
            ->get("/batches/$made->code/price?packaging=1,20&hours=1&wage=12&fee=20&margin=10")
            ->assertOk()
            ->assertSee('10.51');
        $this->get("/batches/$made->code/price?fee=80&margin=40")->assertOk()->assertSee('Not in it');
        $this->get("/batches/$made->code/price?fee=abc")->assertOk()->assertSee('A number from 0 to 99');
    }

    public function test_stock_is_taken_and_a_bottle_opened(): void
    {
        $lot = $this->bought('sweet-almond-oil', 100.0);
        self::assertSame('2027-11-10', $lot->good_until?->toDateString());
        Carbon::setTestNow('2026-11-20 09:00:00');
        $this->post("/pantry/$lot->code/open", ['client_key' => 'open-it-now'])->assertSessionHasNoErrors();
        self::assertSame('2026-11-20', $lot->refresh()->opened_at?->toDateString());
        self::assertTrue($lot->good_until->lessThan('2027-11-10'), 'by its opened life now');
        $this->post("/pantry/$lot->code/open", ['client_key' => 'open-it-again'])->assertSessionHas('refused');
        $this->post("/pantry/$lot->code/count", ['client_key' => 'count-it-now', 'left' => '62,5']);
        self::assertSame(62.5, $lot->refresh()->grams_left);
        $this
            ->post("/pantry/$lot->code/count", ['client_key' => 'count-nothing', 'left' => ''])
            ->assertSessionHasErrors('left');
        $this->post(
            "/pantry/$lot->code/undo/".$lot->entries()->where('kind', 'opened')->value('id'),
            ['client_key' => 'it-was-not'],
        );
        self::assertNull($lot->refresh()->opened_at);
        self::assertSame('2027-11-10', $lot->good_until?->toDateString());
        $this->post("/pantry/$lot->code/count", ['client_key' => 'count-to-zero', 'left' => '0']);
        self::assertNotNull($lot->refresh()->gone_at);
    }

    public function test_a_jar_draws_its_oil_from_what_turns_first(): void
    {
        $old = $this->bought('sunflower-oil-high-oleic', 200.0);
        Carbon::setTestNow('2026-11-12 09:00:00');
        $new = $this->bought('sunflower-oil-high-oleic', 500.0);
        $jar = $this->standingJar(self::jarPlan());
        self::assertSame([0.0, 400.0], [$old->refresh()->grams_left, $new->refresh()->grams_left]);
        self::assertSame(
            "jar $jar->code",
            app(TraceFactory::class)->forward($old)->edges["lot $old->code>jar $jar->code"]['to'],
        );
    }

    public function test_a_jar_at_the_end_of_its_date_is_named_today_and_in_the_calendar(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $end = $batch->best_before ?? self::fail('no date');
        self::assertStringContainsString(
            'DTSTART;VALUE=DATE:'.$end->format('Ymd'),
            (string) $this->get('/calendar.ics')->getContent(),
        );
        $this->get('/')->assertDontSee('use up the 188');
        Carbon::setTestNow($end->copy()->subDays(3));
        $this->get('/')->assertSee("use up the 188\u{202F}g");
        Carbon::setTestNow($end->copy()->addDays(2));
        $this->get('/')->assertSee('past its date');
        app(ShelfBook::class)->leaves(
            $batch,
            'discarded',
            188.0,
            'past its date',
            null,
            Carbon::now(),
            'throw-it-away',
        );
        $this->get('/')->assertDontSee('past its date');
    }

    public function test_a_look_takes_a_ph_and_a_picture_by_what_it_is(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $png = base64_decode(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            true,
        );
        $see = fn (string $key, array $fields) => $this
            ->from("/batches/$batch->code")
            ->post(
                "/batches/$batch->code/observations",
                ['client_key' => $key, 'place' => 'room', 'look' => 'sound', ...$fields],
            );
        $see(
            'seen-with-all',
            ['ph' => '4,7', 'picture' => UploadedFile::fake()->createWithContent('jar.txt', (string) $png)],
        )->assertSessionHasNoErrors();
        $photo = Photo::query()->sole();
        $this
            ->get("/photos/$photo->id")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        $this->get("/batches/$batch->code")->assertSee('pH 4.7')->assertSee("/photos/$photo->id");
        $see(
            'seen-script',
            ['picture' => UploadedFile::fake()->createWithContent('jar.png', '<script>alert(1)</script>')],
        )->assertSessionHasErrors('picture');
        $see('seen-bad-ph', ['ph' => '19'])->assertSessionHasErrors('ph');
        self::assertSame(1, DB::table('observations')->count(), 'what was refused left nothing behind');
    }

    public function test_ten_thousand_batches_and_two_thousand_lots_ask_no_more_than_ten(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->bought('sweet-almond-oil');
        $batch = $this->madeOf($formula);
        $pages = [
            '/',
            '/shelf-line',
            '/shelf',
            '/pantry',
            "/batches/$batch->code",
            '/labels',
            '/shopping',
            '/pantry/'.Lot::query()->value('code').'/trace',
        ];
        $before = array_map($this->queries(...), $pages);
        $this->many($batch, Lot::query()->firstOrFail(), $formula);
        foreach ($pages as $i => $page) {
            self::assertLessThanOrEqual($before[$i] + 3, $this->queries($page), "$page asks for each thing anew");
        }
    }

    private function many(Batch $batch, Lot $lot, Formula $formula): void
    {
        $clone = static function (string $table, int $id, int $count, array $changed): void {
            $columns = array_diff(array_map(
                static fn (object $column): string => $column->name,
                DB::select("PRAGMA table_info($table)",
                )),
                [
                    'id',
                    'uid',
                    ...array_keys($changed),
                ]);
            $list = implode(', ', [...$columns, ...array_keys($changed)]);
            $values = implode(', ', [...$columns, ...array_values($changed)]);
            DB::statement(
                "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < $count) INSERT INTO $table ($list) SELECT $values FROM $table, n WHERE id = $id",
            );
        };
        $clone('batches', $batch->id, 10_000, ['code' => "'280101-' || i"]);
        $clone('lots', $lot->id, 2_000, ['code' => "'L280101-' || i"]);
        self::assertSame(10_001, DB::table('batches')->count());
    }

    private function queries(string $page): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($page)->assertOk();
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    }

    private function tell(Batch $batch, string $what, array $fields = [], ?string $key = null): TestResponse
    {
        return $this
            ->from("/batches/$batch->code")
            ->post("/batches/$batch->code/$what", ['client_key' => $key ?? Str::uuid()->toString(), ...$fields]);
    }
}
