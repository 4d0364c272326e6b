<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\MakeBook;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Lot;
use App\Pantry\Shelving;
use App\Shelf\ShelfBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Support\FileCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;

/**
 * Killed, full, locked, torn, set back: nothing half-written, a clear word, and it works again after. Bounded; the long
 * run is bin/bench.
 */
final class FaultTest extends FileCase
{
    use MadeBatches;

    private const KILLS = 12;

    /** Lines the writer says for one batch, at the least. */
    private const WRITES_OF_A_BATCH = 20;

    public function test_killed_in_the_middle_of_any_write_nothing_is_half_written(): void
    {
        $this->formulaOf(SoundFormula::document());
        DB::disconnect();
        $dice = new Randomizer(new Mt19937(11));
        $batches = 0;
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            $writer = new Process(
                [PHP_BINARY, 'tests/Support/writer.php'],
                dirname(__DIR__, 2),
                [
                    'APP_ENV' => 'testing',
                    'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
                    'DB_DATABASE' => $this->file(),
                    'ILVANE_DAILY_COPY' => 'false',
                    'APP_CONFIG_CACHE' => "$this->directory/none.php",
                ],
            );
            $writer->start();
            // in the middle of the next write after so many, however fast this machine is just now
            $writes = $dice->getInt(1, 2 * self::WRITES_OF_A_BATCH);
            $heard = 0;
            $writer->waitUntil(static function (string $type, string $said) use ($writes, &$heard): bool {
                return ($heard += substr_count($said, "\n")) >= $writes;
            });
            $writer->signal(SIGKILL);
            $writer->wait();
            $this->open($this->file());
            $this->assertWhole();
            self::assertGreaterThanOrEqual(
                $batches,
                $batches = Batch::query()->where('status', 'finished')->count(),
                'what was finished stays finished',
            );
            DB::disconnect();
        }
        $this->open($this->file());
        self::assertGreaterThan(0, $batches, 'some of it was written to its end');
        $this->get('/')->assertOk();
        $this->get('/shelf')->assertOk();
    }

    public function test_a_full_disk_says_so_saves_nothing_by_half_and_works_again(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $batch = $this->madeOf($formula);
        DB::statement('VACUUM'); // no free pages are left inside
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        $before = $this->counts();
        $told = 0;
        do {
            $answer = $this->post(
                "/batches/$batch->code/hair",
                ['client_key' => 'full-'.(++$told).'-xxxxxxxx', 'how' => 'well', 'note' => str_repeat('Soft. ', 80)],
            );
        } while ($answer->status() === 302 && $told < 200);
        $answer->assertStatus(507)->assertSee('The disk is full. Nothing of this was saved');
        $this->assertWhole();
        self::assertSame(
            $before['shelf_entries'] + $told - 1,
            $this->counts()['shelf_entries'],
            'what was answered with yes is there, what was refused is not',
        );

        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        $lots = DB::table('lots')->count();
        for ($i = 0, $status = 302; $status === 302 && $i < 200; $i++) {
            $status = $this
                ->post(
                    '/pantry',
                    ['ingredient' => 'sweet-almond-oil', 'grams' => '100', 'supplier' => str_repeat('mill ', 30)],
                )
                ->status();
        }
        self::assertSame(507, $status);
        self::assertSame($lots + $i - 1, DB::table('lots')->count());
        $this->assertWhole();
        DB::statement('PRAGMA max_page_count = 1000000'); // there is room again
        $this->post("/formulas/$formula->id/make")->assertRedirect();
        self::assertSame($before['batches'] + 1, $this->counts()['batches']);
    }

    public function test_held_by_another_program_it_says_so_and_works_again(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $other = new PDO('sqlite:'.$this->file());
        $other->exec('BEGIN IMMEDIATE; DELETE FROM cache');
        DB::statement('PRAGMA busy_timeout = 60');
        $hair = fn (string $key) => $this->post("/batches/$batch->code/hair", ['client_key' => $key, 'how' => 'well']);
        $hair('while-it-is-held')->assertStatus(503)->assertSee('Another program holds the workroom');
        $this->postJson("/make/$batch->code/fill", ['client_key' => 'held-as-well-1'])->assertDontSee('stack');
        $this->get("/batches/$batch->code")->assertOk(); // reading goes on
        self::assertSame(0, DB::table('shelf_entries')->count());
        $other->exec('ROLLBACK');
        $hair('while-it-is-held')->assertRedirect();
        self::assertSame(1, DB::table('shelf_entries')->count());
    }

    public function test_a_workroom_copied_by_half_says_what_to_do(): void
    {
        $this->madeOf($this->formulaOf(SoundFormula::document()));
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        DB::disconnect();
        $bytes = (string) file_get_contents($this->file());
        file_put_contents(
            $this->file('torn'),
            substr_replace(substr($bytes, 0, intdiv(strlen($bytes), 2)), str_repeat("\xA5", 30_000), 8_192, 30_000),
        );
        $this->open($this->file('torn'));
        $this->get('/formulas')->assertStatus(500)->assertSee('ilvane:restore')->assertSee('-copies');
        $this->open($this->file());
        $this->get('/formulas')->assertOk();
    }

    public function test_a_clock_set_back_loses_and_reorders_nothing(): void
    {
        Carbon::setTestNow('2026-11-20 10:00:00');
        $formula = $this->formulaOf(SoundFormula::document());
        $first = $this->madeOf($formula);
        Carbon::setTestNow('2026-11-18 09:00:00');
        $second = $this->madeOf($formula);
        self::assertSame(['261120-A', '261118-A'], [$first->code, $second->code]);
        app(ShelfBook::class)->leaves($first, 'used', 94.0, '', null, Carbon::now(), 'before-it-was-made');
        $lot = $this->bought('sweet-almond-oil', 50.0);
        foreach ([
            '/',
            '/shelf',
            '/pantry',
            "/batches/$first->code",
            "/batches/$second->code",
            "/pantry/$lot->code",
            '/calendar.ics',
        ] as $page) {
            $this->get($page)->assertOk();
        }
        $makes = app(MakeBook::class);
        $batch = $makes->start($formula->versions()->firstOrFail()) ?? self::fail();
        $makes->record(
            $batch,
            ['step' => 'weigh.1', 'kind' => 'weighed', 'subject' => '1', 'value' => 160.0],
            (string) Str::uuid(),
        );
        Carbon::setTestNow('2026-11-17 09:00:00');
        $makes->record(
            $batch,
            ['step' => 'weigh.1', 'kind' => 'weighed', 'subject' => '1', 'value' => 168.0],
            (string) Str::uuid(),
        );
        self::assertSame(
            168.0,
            app(MakeStateFactory::class)->of($batch->load('entries'))->taken->reading(1),
            'the newest is what was told last, whatever the clock says',
        );
        self::assertSame(2, $batch->entries()->count());
    }

    /** No row points nowhere; what is finished has all that belongs to it; every sum is what its entries say. */
    private function assertWhole(): void
    {
        self::assertSame('ok', DB::scalar('PRAGMA integrity_check'));
        self::assertSame([], DB::select('PRAGMA foreign_key_check'));
        foreach (Batch::query()->where('status', 'finished')->with('shelfEntries', 'entries')->get() as $batch) {
            self::assertSame(ShelfBook::stateOf($batch)['grams_left'], $batch->grams_left, "$batch->code on the shelf");
            $told = $batch->entries->where('kind', 'lot')->where('subject', '<>', '')->pluck('subject')->all();
            self::assertSame(
                count($told),
                DB::table('lot_entries')->where('subject', $batch->code)->count(),
                "$batch->code is finished and its lots are drawn down, or neither",
            );
        }
        foreach (Lot::query()->with('entries', 'preparation')->get() as $lot) {
            self::assertSame(
                app(Shelving::class)->stateOf($lot)['grams_left'],
                $lot->grams_left,
                "$lot->code in the pantry",
            );
        }
        self::assertSame(1, Formula::query()->count());
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return array_map(
            static fn (string $table): int => DB::table($table)->count(),
            ['shelf_entries' => 'shelf_entries', 'batches' => 'batches', 'batch_entries' => 'batch_entries'],
        );
    }
}
