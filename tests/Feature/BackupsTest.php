<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backups\BackupFiles;
use App\Backups\RecordKind;
use App\Backups\RecordRefused;
use App\Backups\RecordWriter;
use App\Backups\Schema;
use App\Backups\WorkroomArchive;
use App\Backups\WorkroomImport;
use App\Ground\Picture;
use App\Ground\Settings;
use App\Models\Formula;
use App\Recipes\NotePictures;
use App\Shelf\ObservationBook;
use Database\Seeders\DemoWorkroom;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Material\Catalogue;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\FileCase;
use Tests\Support\MadeBatches;
use Tests\Support\RandomFormulas;
use Tests\Support\SoundFormula;

/**
 * Out as open files and back without loss; copies that can be trusted; nothing doubled, nothing overwritten in silence.
 */
final class BackupsTest extends FileCase
{
    use MadeBatches;

    private const PNG =
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    public function test_a_whole_workroom_goes_out_and_comes_back_letter_by_letter(): void
    {
        $this->seed(DemoWorkroom::class);
        $this->fill(25);
        $out = $this->packet();
        self::assertGreaterThan(60, count($out));
        $this->another('other');
        $done = app(WorkroomImport::class)->take(
            WorkroomArchive::read($this->directory.'/out'),
            static fn (): string => WorkroomImport::KEEP,
        );
        self::assertSame(count($out) - 1, $done['new'], 'all but the list of contents');
        self::assertSame($out, $this->packet('again'));
        // and once more: nothing is doubled
        $done = app(WorkroomImport::class)->take(
            WorkroomArchive::read($this->directory.'/out'),
            static fn (): string => WorkroomImport::TAKE,
        );
        self::assertSame([0, count($out) - 1, 0, 0], array_values($done));
        self::assertSame($out, $this->packet('third'));
        $this->get('/')->assertOk();
        foreach ([
            '/shelf',
            '/pantry',
            '/infusions',
            '/formulas/1',
            '/formulas/1/compare',
            '/batches/'.DB::table('batches')->where('status', 'finished')->value('code'),
        ] as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_every_file_is_what_its_schema_says_and_the_schemas_are_current(): void
    {
        $this->seed(DemoWorkroom::class);
        $this->fill(2);
        $schemas = dirname(__DIR__, 2).'/docs/schemas';
        foreach (RecordKind::all() as $folder => $kind) {
            $schema = RecordWriter::json($kind->schema());
            $file = "$schemas/".strtr(substr($kind->format, 7), ['/' => '-']).'.json';
            self::assertStringEqualsFile($file, $schema, "$folder: write it anew with php artisan ilvane:schemas");
            $count = 0;
            foreach ((new RecordWriter)->all($kind) as $key => $record) {
                $count++;
                self::assertTrue(
                    (new Validator)->validate(json_decode(RecordWriter::json($record)), $schema)->isValid(),
                    "$folder/$key",
                );
            }
            self::assertGreaterThan(0, $count, $folder);
        }
    }

    public function test_a_record_from_before_containers_and_diaries_is_read_as_before(): void
    {
        $this->seed(DemoWorkroom::class);
        $this->packet();
        foreach (glob("$this->directory/out/{batches,lots}/*.json", GLOB_BRACE) ?: [] as $file) {
            $record = json_decode((string) file_get_contents($file), true);
            unset($record['left_of']);
            foreach ($record['shelf'] ?? [] as $i => $entry) {
                if (in_array($entry['kind'], ['split', 'thawed'], true) || $entry['container'] !== '') {
                    unset($record['shelf'][$i]); // nobody could have written it then
                } else {
                    unset($record['shelf'][$i]['container'], $record['shelf'][$i]['storage']);
                    unset($record['shelf'][$i]['containers']);
                }
            }
            if (isset($record['shelf'])) {
                $record['shelf'] = array_values($record['shelf']);
            } else {
                $record['entries'] = array_map(
                    static fn (array $entry): array => array_diff_key($entry, ['minutes' => 1]),
                    $record['entries'],
                );
            }
            file_put_contents($file, (string) json_encode($record, JSON_PRESERVE_ZERO_FRACTION));
        }
        $this->another('older');
        app(WorkroomImport::class)->take(
            WorkroomArchive::read("$this->directory/out"),
            static fn (): string => WorkroomImport::TAKE,
        );
        self::assertGreaterThan(3, DB::table('batches')->count());
        self::assertSame(0, DB::table('shelf_entries')->where('container', '<>', '')->count());
        self::assertSame(0, DB::table('lots')->whereNotNull('left_of')->count());
        $this->get('/shelf')->assertOk();
    }

    public function test_what_is_here_and_differs_is_asked_about_and_nothing_is_changed_until_it_is_answered(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $batch = $this->madeOf($formula);
        $this->packet();
        DB::table('formulas')->where('id', $formula->id)->update(['name' => 'Renamed since']);
        $before = DB::table('formulas')->get()->all();
        $this->artisan('ilvane:import', ['from' => "$this->directory/out"])->assertExitCode(3);
        self::assertEquals($before, DB::table('formulas')->get()->all());
        $this
            ->artisan('ilvane:import', ['from' => "$this->directory/out", '--on-conflict' => 'keep'])
            ->assertExitCode(0);
        self::assertSame('Renamed since', Formula::query()->sole()->name);
        $this
            ->artisan('ilvane:import', ['from' => "$this->directory/out", '--on-conflict' => 'take'])
            ->assertExitCode(0);
        self::assertSame('Plain test milk', Formula::query()->sole()->name);
        self::assertSame($formula->id, $batch->refresh()->version->formula_id, 'what refers to it still does');
        $this
            ->artisan('ilvane:import', ['from' => "$this->directory/out", '--on-conflict' => 'perhaps'])
            ->assertExitCode(2);
    }

    public function test_another_batch_with_the_same_code_stays_out(): void
    {
        Carbon::setTestNow('2026-11-10 09:00:00');
        $this->madeOf($this->formulaOf(SoundFormula::document()));
        $this->packet();
        $this->another('other');
        $mine = $this->madeOf($this->formulaOf([...SoundFormula::document(), 'name' => 'My own']));
        $this
            ->artisan('ilvane:import', ['from' => "$this->directory/out", '--on-conflict' => 'take'])
            ->assertExitCode(0);
        self::assertSame('My own', $mine->refresh()->document['name']);
        self::assertSame(1, DB::table('batches')->count());
        self::assertSame(2, DB::table('formulas')->count());
    }

    /** @return iterable<string, array{callable(string): void, string}> */
    public static function broken(): iterable
    {
        $change = static fn (callable $how): callable => static function (string $directory) use ($how): void {
            $file = (glob("$directory/formulas/*.json") ?: [])[0];
            file_put_contents($file, $how((string) file_get_contents($file)));
        };
        yield 'half a file' => [
            $change(static fn (string $json): string => substr($json, 0, intdiv(strlen($json), 2))),
            'stops in the middle',
        ];
        yield 'an unknown key' => [
            $change(static fn (string $json): string => (string) preg_replace(
                '/"name"/',
                '"nom": "x", "name"',
                $json,
                1,
            )),
            '/nom: this key is not known',
        ];
        yield 'a number for a text' => [
            $change(static fn (string $json): string => (string) preg_replace(
                '/"name": "[^"]*"/',
                '"name": 7',
                $json,
                1,
            )),
            '/name: text is wanted',
        ];
        yield 'a formula that is none' => [
            $change(static fn (string $json): string => str_replace('"leave_in_emulsion"', '"soup"', $json)),
            '/versions/0/document/family',
        ];
        yield 'a newer format' => [
            $change(static fn (string $json): string => str_replace('formula-record/1', 'formula-record/9', $json)),
            'formula-record/1',
        ];
        yield 'a rule of the workroom broken' => [
            $change(static fn (string $json): string => (string) preg_replace(
                '/"revision": \d+/',
                '"revision": -4',
                $json,
                1,
            )),
            'breaks a rule of the workroom',
        ];
        yield 'a file too few' => [static function (string $directory): void {
            unlink((glob("$directory/formulas/*.json") ?: [])[0]);
        }, 'copied only in part'];
        yield 'a file too many' => [static function (string $directory): void {
            file_put_contents("$directory/formulas/evil.php", '<?php');
        }, 'no file of a workroom'];
        yield 'a version nobody has' => [static function (string $directory): void {
            $file = (glob("$directory/batches/*.json") ?: [])[0];
            file_put_contents(
                $file,
                (string) preg_replace(
                    '/("formula_version_id": \{\s*"formula": "[^"]*",\s*"number": )1/',
                    '${1}9',
                    (string) file_get_contents($file),
                ),
            );
        }, 'neither here nor in the files'];
    }

    /** @param  callable(string): void  $break */
    #[DataProvider('broken')]
    public function test_a_broken_file_is_refused_by_its_place_and_changes_nothing(callable $break, string $said): void
    {
        $this->madeOf($this->formulaOf(SoundFormula::document()));
        $this->packet();
        $break("$this->directory/out");
        $this->another('other');
        try {
            app(WorkroomImport::class)->take(
                WorkroomArchive::read("$this->directory/out"),
                static fn (): string => WorkroomImport::TAKE,
            );
            self::fail('It was taken.');
        } catch (RecordRefused $refused) {
            self::assertStringContainsString($said, $refused->said());
        }
        self::assertSame([0, 0], [DB::table('formulas')->count(), DB::table('batches')->count()]);
    }

    /**
     * @return iterable<string, array{string, string, mixed, string}> folder, place in the record, what stands there,
     *   what is said
     */
    public static function impossible(): iterable
    {
        yield 'a date that is none' => [
            'batches',
            'started_at',
            str_repeat('x', 90_000),
            '/started_at: a date of this kind',
        ];
        yield 'a day no month has' => [
            'batches',
            'started_at',
            '2026-02-30 10:00:00',
            '/started_at: a date of this kind',
        ];
        yield 'the year 9999, month 99' => [
            'batches',
            'best_before',
            '9999-99-99',
            '/best_before: a date of this kind',
        ];
        yield 'hour 27' => ['batches', 'finished_at', '2026-11-10 27:00:00', '/finished_at: a date of this kind'];
        yield 'a code with an address in it' => ['batches', 'code', '"><xssprobe>', '/code: a code of this kind'];
        yield 'a step that is none' => ['batches', 'at_step', '../../etc', '/at_step: a step of a batch'];
        yield 'more grams than there are' => ['batches', 'grams_left', 1e308, '/grams_left: a number'];
        yield 'a moment of an entry' => [
            'batches',
            'entries.0.recorded_at',
            'yesterday',
            '/entries/0/recorded_at: a date of this kind',
        ];
        yield 'a step of an entry' => ['batches', 'entries.0.step', 'Weigh 4', '/entries/0/step: a step of a batch'];
        yield 'an outcome without anything' => ['batches', 'outcome', new \stdClass, 'can’t show it'];
        yield 'an outcome of text' => ['batches', 'outcome.yield', 'much', 'can’t show it'];
        yield 'a lot made on no day' => ['lots', 'made_at', '2026-13-01', '/made_at: a date of this kind'];
        yield 'a draft that is none' => ['formulas', 'draft', ['lines' => 'none'], 'can’t show it'];
    }

    #[DataProvider('impossible')]
    public function test_an_impossible_value_is_refused_by_file_and_place(
        string $folder,
        string $path,
        mixed $value,
        string $said,
    ): void {
        $lot = $this->bought('sweet-almond-oil');
        $this->madeOf($this->formulaOf(SoundFormula::document()), lots: [4 => $lot->code]);
        $this->packet();
        $file = (glob("$this->directory/out/$folder/*.json") ?: [])[0];
        $record = json_decode((string) file_get_contents($file), true);
        data_set($record, $path, $value);
        file_put_contents($file, json_encode($record, JSON_PRESERVE_ZERO_FRACTION));
        $this->another('other');
        try {
            app(WorkroomImport::class)->take(
                WorkroomArchive::read("$this->directory/out"),
                static fn (): string => WorkroomImport::TAKE,
            );
            self::fail('It was taken.');
        } catch (RecordRefused $refused) {
            self::assertStringContainsString($said, $refused->said());
            self::assertStringContainsString(basename($file), $refused->said());
        }
        self::assertSame(
            [0, 0, 0],
            [DB::table('formulas')->count(), DB::table('batches')->count(), DB::table('lots')->count()],
        );
        $this->get('/')->assertOk();
    }

    /**
     * One place of one record at a time holds something else; what is taken in all the same breaks no page. ILVANE_LONG
     * tries ten times as many.
     */
    public function test_no_import_breaks_a_page(): void
    {
        $this->seed(DemoWorkroom::class);
        $this->packet();
        $random = new Randomizer(new Mt19937(20261128));
        $files = glob("$this->directory/out/*/*.json") ?: [];
        $strange = [
            '',
            'x',
            '"><xssprobe>',
            'null',
            -1,
            0,
            1e308,
            3.5,
            true,
            null,
            [],
            ['a'],
            new \stdClass,
            '9999-99-99',
            '2026-11-28 00:00:00',
            str_repeat('ä', 5000),
            '../../x',
            [[]],
            '{',
        ];
        [$refused, $taken] = [0, 0];
        foreach (range(1, getenv('ILVANE_LONG') === false ? 20 : 400) as $n) {
            $file = $files[$random->getInt(0, count($files) - 1)];
            $whole = (string) file_get_contents($file);
            $record = json_decode($whole, true);
            $leaves = array_keys(\Illuminate\Support\Arr::dot($record));
            $parts = explode('.', (string) $leaves[$random->getInt(0, count($leaves) - 1)]);
            $path = implode('.', array_slice($parts, 0, $random->getInt(1, count($parts))));
            data_set($record, $path, $strange[$random->getInt(0, count($strange) - 1)]);
            file_put_contents($file, (string) json_encode($record, JSON_PRESERVE_ZERO_FRACTION));
            $this->another("other$n");
            try {
                app(WorkroomImport::class)->take(
                    WorkroomArchive::read("$this->directory/out"),
                    static fn (): string => WorkroomImport::TAKE,
                );
                $taken++;
                foreach ([
                    '/',
                    '/shelf',
                    '/formulas',
                    '/pantry',
                    '/infusions',
                    '/settings',
                    '/practice',
                    '/calendar.ics',
                ] as $page) {
                    self::assertLessThan(500, $this->get($page)->getStatusCode(), basename($file)." $path on $page");
                }
            } catch (RecordRefused) {
                $refused++;
            }
            file_put_contents($file, $whole);
        }
        self::assertGreaterThan(10, $refused);
        self::assertGreaterThan(1, $taken);
    }

    public function test_a_copy_is_taken_while_it_runs_looked_through_and_put_back_and_that_taken_back(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $copy = "$this->directory/mine.sqlite";
        $this->artisan('ilvane:backup', ['file' => $copy])->assertExitCode(0);
        $this->artisan('ilvane:backup', ['file' => $copy])->assertExitCode(2);
        DB::table('formulas')->where('id', $formula->id)->update(['name' => 'Changed later']);
        $this->artisan('ilvane:restore', ['file' => $copy, '--look' => true])->assertExitCode(0);
        $this->artisan('ilvane:restore', ['file' => $copy])->assertExitCode(0);
        self::assertSame('Plain test milk', Formula::query()->sole()->name);
        $before = BackupFiles::all()[0];
        self::assertStringStartsWith('before-restore', $before['name']);
        BackupFiles::restore((string) BackupFiles::named($before['name']));
        self::assertSame('Changed later', Formula::query()->sole()->name, 'the restore is taken back');
        self::assertNull(BackupFiles::named('../room.sqlite'));
    }

    /** @return iterable<string, array{callable(string): void, string}> */
    public static function badCopies(): iterable
    {
        yield 'half copied' => [
            static fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 40_000)),
            'damaged',
        ];
        yield 'bytes turned' => [static function (string $file): void {
            $bytes = (string) file_get_contents($file);
            file_put_contents($file, substr_replace($bytes, str_repeat("\xA5", 6000), 9000, 6000));
        }, 'damaged'];
        yield 'a text' => [static fn (string $file) => file_put_contents($file, 'nothing'), 'no copy of a workroom'];
        yield 'empty' => [static fn (string $file) => file_put_contents($file, ''), 'no copy of a workroom'];
        yield 'another program’s' => [static function (string $file): void {
            unlink($file);
            (new \PDO("sqlite:$file"))->exec(
                'CREATE TABLE migrations_of_others (a); INSERT INTO migrations_of_others VALUES (1)',
            );
        }, 'no copy of a workroom'];
        yield 'a newer one' => [
            static fn (string $file) => (new \PDO("sqlite:$file"))->exec(
                "INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000001_tomorrow', 99)",
            ),
            'newer Ilvane',
        ];
    }

    /** @param  callable(string): mixed  $spoil */
    #[DataProvider('badCopies')]
    public function test_a_copy_that_is_not_sound_is_refused_and_the_workroom_untouched(
        callable $spoil,
        string $said,
    ): void {
        $this->formulaOf(SoundFormula::document());
        $copy = "$this->directory/bad.sqlite";
        BackupFiles::to($copy);
        $spoil($copy);
        $hash = hash_file('sha256', $this->file());
        try {
            BackupFiles::restore($copy);
            self::fail('It was put back.');
        } catch (RecordRefused $refused) {
            self::assertStringContainsString($said, $refused->said());
        }
        self::assertSame($hash, hash_file('sha256', $this->file()));
        $this->get('/')->assertOk();
    }

    /** @return iterable<string, array{string}> */
    public static function versions(): iterable
    {
        foreach ([
            '2026_11_23_000003_create_jars_and_lots',
            '2026_11_24_000008_every_record_has_a_name_of_its_own',
            '2026_11_28_000002_batches_are_held_and_withdrawn',
            '2026_11_29_000001_workroom',
        ] as $version) {
            yield $version => [$version];
        }
    }

    #[DataProvider('versions')]
    public function test_a_copy_from_before_a_change_of_the_tables_is_brought_up_to_date(string $version): void
    {
        $old = "$this->directory/old.sqlite";
        touch($old);
        Schema::lift($old, $version);
        (new \PDO(
            "sqlite:$old",
            options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
        ))->exec(
            "INSERT INTO formulas (name, draft, created_at, updated_at) VALUES ('Of long ago', '{}', '2026-11-01', '2026-11-01')",
        );
        BackupFiles::restore($old);
        self::assertSame('Of long ago', DB::table('formulas')->value('name'));
        self::assertSame(32, strlen((string) DB::table('formulas')->value('uid')));
        self::assertSame([], glob("$this->directory/.lifting-*"));
    }

    /** @return iterable<string, array{list<string>, string}> what is done to a sound copy; what is said */
    public static function alteredCopies(): iterable
    {
        yield 'a trigger added' => [
            ["CREATE TRIGGER spy AFTER INSERT ON formulas BEGIN UPDATE settings SET value = '{}'; END"],
            'trigger spy',
        ];
        yield 'a trigger taken out' => [['DROP TRIGGER what_was_recorded_stays'], 'trigger what_was_recorded_stays'];
        yield 'a trigger weakened' => [
            [
                'DROP TRIGGER what_was_recorded_stays',
                'CREATE TRIGGER what_was_recorded_stays BEFORE UPDATE ON batch_entries BEGIN SELECT 1; END',
            ],
            'trigger what_was_recorded_stays',
        ];
        yield 'a CHECK taken out' => [
            [
                'PRAGMA writable_schema = 1',
                "UPDATE sqlite_master SET sql = replace(sql, 'CHECK (length(name) <= 120)', '') WHERE name = 'formulas'",
                'PRAGMA writable_schema = 0',
            ],
            'table formulas',
        ];
        yield 'a table of another' => [['CREATE TABLE extra (a)'], 'table extra'];
        yield 'a column more' => [['ALTER TABLE settings ADD COLUMN more TEXT'], 'table settings'];
        yield 'an index less' => [['DROP INDEX batch_entries_by_batch'], 'index batch_entries_by_batch'];
        yield 'a table less' => [['DROP TABLE photos'], 'table photos'];
        yield 'a version it never had' => [
            ["INSERT INTO migrations (migration, batch) VALUES ('2026_11_24_000001_create_watches', 1)"],
            'of no version',
        ];
        yield 'hollow' => [
            ['PRAGMA foreign_keys = 0', 'DROP TABLE planned_batches', 'DROP TABLE shelf_entries', 'DROP TABLE batch_entries'],
            'hollow',
        ];
    }

    /** @param  list<string>  $changes */
    #[DataProvider('alteredCopies')]
    public function test_a_copy_with_other_tables_than_its_version_has_is_refused_by_the_makers_name_for_it(
        array $changes,
        string $said,
    ): void {
        $this->formulaOf(SoundFormula::document());
        $copy = "$this->directory/bad.sqlite";
        BackupFiles::to($copy);
        $file = new \PDO("sqlite:$copy", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        array_map($file->exec(...), $changes);
        $file = null;
        $hash = hash_file('sha256', $this->file());
        $this
            ->from('/backups')
            ->followingRedirects()
            ->post('/backups/restore', ['file' => new UploadedFile($copy, 'My October copy.sqlite', test: true)])
            ->assertSee('My October copy.sqlite')
            ->assertSee($said);
        self::assertSame($hash, hash_file('sha256', $this->file()), 'the workroom is untouched');
        self::assertSame([], glob("$this->directory/.lifting-*"));
    }

    public function test_a_file_with_nothing_but_a_known_migration_is_hollow(): void
    {
        $hollow = "$this->directory/hollow.sqlite";
        (new \PDO("sqlite:$hollow"))->exec(
            "CREATE TABLE migrations (id INTEGER PRIMARY KEY, migration TEXT, batch INTEGER); INSERT INTO migrations VALUES (1, '2026_11_23_000001_create_workroom', 1)",
        );
        $this->expectExceptionMessage('hollow');
        BackupFiles::look($hollow);
    }

    public function test_the_tables_of_every_version_are_kept_as_its_migrations_make_them(): void
    {
        foreach (Schema::written() as $version => $lines) {
            self::assertSame(
                $lines,
                @file_get_contents(Schema::path($version)),
                "$version: php artisan ilvane:schemas",
            );
        }
        self::assertCount(15, Schema::before());
        self::assertSame('2026_11_29_000001_workroom', Schema::versions()[0]);
    }

    public function test_before_the_tables_change_a_copy_is_laid_aside(): void
    {
        $old = "$this->directory/before.sqlite";
        touch($old);
        Schema::lift($old, '2026_11_27_000001_what_was_practised');
        $this->open($old);
        DB::table('formulas')->insert([
            'name' => 'As it was',
            'draft' => '{}',
            'created_at' => '2026-11-01',
            'updated_at' => '2026-11-01',
            'uid' => str_repeat('a', 32),
        ]);
        $this->artisan('migrate', ['--force' => true])->assertExitCode(0);
        $copies = glob("$this->directory/before-copies/before-update-*.sqlite") ?: [];
        self::assertCount(1, $copies);
        $copy = new \PDO("sqlite:$copies[0]");
        self::assertSame(
            [['As it was'], [12]],
            [
                ($copy->query('SELECT name FROM formulas') ?: self::fail())->fetchAll(\PDO::FETCH_COLUMN),
                ($copy->query('SELECT count(*) FROM migrations') ?: self::fail())->fetchAll(\PDO::FETCH_COLUMN),
            ],
        );
        $this->artisan('migrate', ['--force' => true])->assertExitCode(0);
        self::assertCount(
            1,
            glob("$this->directory/before-copies/before-update-*.sqlite") ?: [],
            'with nothing to change nothing is copied',
        );
    }

    /** @param  list<int>  $daysBefore */
    private function copiesOf(string $today, array $daysBefore): void
    {
        is_dir(BackupFiles::directory()) || mkdir(BackupFiles::directory());
        foreach ($daysBefore as $days) {
            $at = Carbon::parse($today)->subDays($days);
            touch(BackupFiles::directory().'/day-'.$at->format('Y-m-d').'.sqlite', $at->getTimestamp());
        }
    }

    /** @return list<string> */
    private function days(): array
    {
        $names = array_map(basename(...), glob(BackupFiles::directory().'/day-*.sqlite') ?: []);
        sort($names);

        return $names;
    }

    public function test_a_copy_a_day_is_laid_aside_once_and_old_ones_are_thinned_out_two_at_a_time(): void
    {
        Carbon::setTestNow('2026-11-20 10:00:00');
        BackupFiles::daily();
        BackupFiles::daily();
        self::assertSame(['day-2026-11-20.sqlite'], array_column(BackupFiles::all(), 'name'));
        $this->copiesOf('2026-11-20', range(1, 500));
        touch(BackupFiles::directory().'/before-restore-2025-01-01-100000.sqlite', 1);
        self::assertCount(501, $this->days());
        BackupFiles::thinOut();
        self::assertCount(499, $this->days(), 'two at once');
        for ($i = 0; $i < 300; $i++) {
            BackupFiles::thinOut();
        }
        $left = $this->days();
        self::assertContains('day-2026-11-07.sqlite', $left);
        self::assertNotContains('day-2026-11-05.sqlite', $left);
        self::assertFileExists(
            BackupFiles::directory().'/before-restore-2025-01-01-100000.sqlite',
            'what was there before a restore is never thrown away',
        );
        self::assertGreaterThan(35, count($left));
        self::assertLessThan(49, count($left));
    }

    public function test_ten_copies_are_never_thinned_however_old(): void
    {
        Carbon::setTestNow('2026-11-20 10:00:00');
        $this->copiesOf('2026-11-20', [0, 1, 2, 3, 4, 5, 6, 7, 8, 9]);
        BackupFiles::thinOut();
        self::assertCount(10, $this->days());
        $this->copiesOf('2026-11-20', range(10, 40));
        for ($i = 0; $i < 100; $i++) {
            BackupFiles::thinOut();
        }
        self::assertGreaterThanOrEqual(14, count($this->days()));
    }

    public function test_a_clock_five_hundred_days_ahead_and_back_loses_no_copy(): void
    {
        Carbon::setTestNow('2026-11-20 10:00:00');
        $this->copiesOf('2026-11-20', [0, 1, 2, 8, 30, 60, 300, ...range(400, 420)]);
        $before = $this->days();
        Carbon::setTestNow('2028-04-03 10:00:00');
        for ($i = 0; $i < 5; $i++) {
            BackupFiles::daily();
            BackupFiles::thinOut();
            $this->get('/')->assertOk();
        }
        self::assertSame([], array_diff($before, $this->days()));
        Carbon::setTestNow('2026-11-20 18:00:00');
        $this->get('/')->assertOk();
        self::assertSame([], array_diff($before, $this->days()));
    }

    public function test_the_page_gives_copies_and_files_and_asks_before_it_takes_any_in(): void
    {
        Carbon::setTestNow('2026-11-20 10:00:00');
        $this->formulaOf(SoundFormula::document());
        $copy = $this->post('/backups/copy')->assertOk()->assertDownload();
        self::assertNotNull(Settings::values('safekeeping')['taken_at'] ?? null);
        $bytes = (string) file_get_contents($copy->baseResponse->getFile()->getPathname());
        self::assertStringStartsWith('SQLite format 3', $bytes);
        $zip = (string) $this->get('/backups/workroom.zip')->assertOk()->getContent();
        DB::table('formulas')->update(['name' => 'Renamed since']);
        $page = $this
            ->post('/backups/look', ['file' => UploadedFile::fake()->createWithContent('w.zip', $zip)])
            ->assertOk()
            ->assertSee('Here, but different')
            ->assertSee('Plain test milk')
            ->assertSee('Take the file');
        preg_match('#/backups/import/([a-z0-9]{16})#', (string) $page->getContent(), $name);
        $this
            ->post(
                "/backups/import/$name[1]",
                ['choose' => ['formulas/'.DB::table('formulas')->value('uid') => 'take']],
            )
            ->assertRedirect('/backups')
            ->assertSessionHas('said');
        self::assertSame('Plain test milk', Formula::query()->sole()->name);
        $this->post("/backups/import/$name[1]")->assertSessionHasErrors('packet');
        $this
            ->post('/backups/look', ['file' => UploadedFile::fake()->createWithContent('w.zip', 'no zip')])
            ->assertSessionHasErrors('packet');
        $this->post('/backups/restore')->assertSessionHasErrors('copy');
        $this
            ->post('/backups/restore', ['file' => UploadedFile::fake()->createWithContent('c.sqlite', $bytes)])
            ->assertSessionHas('before');
        $this->get('/backups')->assertOk()->assertSee('before a restore');
        $this->get('/backups/copies/..%2Froom.sqlite')->assertNotFound();
        $this->get('/')->assertDontSee('to another disk for');
        Carbon::setTestNow('2026-12-30 10:00:00');
        $this->get('/')->assertSee('to another disk for');
    }

    /** Made-up records of every kind, from a seed. */
    private function fill(int $count): void
    {
        $dice = new Randomizer(new Mt19937(9));
        foreach (RandomFormulas::seeded(9, $count, app(Catalogue::class)) as $i => $document) {
            $formula = $this->formulaOf([
                ...$document,
                'name' => "Made up, no. $i, ".['Été', 'a/b\\c', '“so”', '日本'][$i % 4],
            ]);
            $lot = $this->bought(
                'sweet-almond-oil',
                $dice->getInt(100, 90_000) / 7,
                $i % 3 === 0 ? null : $dice->getInt(1, 999) / 13,
            );
            $batch = $this->madeOf(
                $this->formulaOf(SoundFormula::document()),
                $dice->getInt(1500, 1990) / 10.3,
                $dice->getInt(1, 5),
                [4 => $lot->code],
            );
            app(ObservationBook::class)->saw(
                $batch,
                'warm',
                'sound',
                "look $i",
                Carbon::now(),
                "fill-look-$i",
                4.7,
                $i % 5 === 0 ? Picture::read((string) base64_decode(self::PNG, true), 'picture') : null,
            );
            if ($i % 7 === 0) {
                $pictures = app(NotePictures::class);
                $pictures->belongs(
                    $pictures->keep(Picture::read((string) base64_decode(self::PNG, true), 'file')),
                    $formula,
                );
            }
            app(\App\Shelf\ShelfBook::class)->leaves(
                $batch,
                'gifted',
                10.5,
                'somebody',
                null,
                Carbon::now(),
                "fill-gift-$i",
            );
            app(\App\Shelf\ShelfBook::class)->undo($batch, $batch->shelfEntries()->firstOrFail(), "fill-undo-$i");
            \App\Models\PlannedBatch::query()->create(['formula_id' => $formula->id, 'grams' => 100 + $i]);
            (new \App\Models\Project)->forceFill([
                'formula_id' => $formula->id,
                'begin_at' => Carbon::now()->addDays(30 + $i),
                'parts' => $i % 2 === 0 ? [] : ['tea' => ['lot' => $lot->code]],
            ])->save();
        }
        \App\Models\OwnIngredient::query()->create([
            'key' => 'own-plum',
            'is_own' => true,
            'fields' => ['name' => 'Plum oil', 'kind' => 'carrier_oil', 'source' => 'made up'],
        ]);
        Settings::keep('hair', ['strand' => 'fine']);
        Settings::keep('access', ['passphrase' => 'never leaves']);
    }

    /** @return array<string, string> file contents by name, the moment of writing aside */
    private function packet(string $name = 'out'): array
    {
        WorkroomArchive::toDirectory("$this->directory/$name");
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            "$this->directory/$name",
            \RecursiveDirectoryIterator::SKIP_DOTS,
        )) as $file) {
            $files[substr($file->getPathname(), strlen("$this->directory/$name"))] = (string) preg_replace(
                '/"written_at": "[^"]*"/',
                '',
                (string) file_get_contents($file->getPathname()),
            );
        }
        ksort($files);
        self::assertStringNotContainsString('never leaves', implode('', $files));

        return $files;
    }
}
