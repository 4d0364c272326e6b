<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backups\BackupFiles;
use App\Backups\Schema;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FileCase;

/** Workroom files as earlier versions wrote them, kept in tests/workrooms: each opens, and nothing in it is lost. */
final class OldWorkroomsTest extends FileCase
{
    /** Names tables and columns had, and have. */
    private const NOW = [
        'watches' => 'stability_tests',
        'sightings' => 'observations',
        'to_make' => 'planned_batches',
        'sighting_id' => 'observation_id',
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(dirname(__DIR__).'/workrooms/*.sqlite.gz') ?: [] as $file) {
            yield basename($file, '.sqlite.gz') => [$file];
        }
    }

    #[DataProvider('files')]
    public function test_it_is_lifted_with_every_row_it_had(string $packed): void
    {
        $file = $this->unpacked($packed);
        $before = self::contents($file);
        self::assertGreaterThan(60, array_sum(array_map(count(...), $before)));
        $this->open($file);
        // by the same command as bin/start
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        self::assertKept($before, self::contents($file));
        self::assertSame(Schema::known(array_reverse(Schema::versions())[0]), Schema::of(new PDO("sqlite:$file")));
        BackupFiles::look($file);
    }

    #[DataProvider('files')]
    public function test_it_is_put_back_from_a_backup_and_read_by_its_pages(string $packed): void
    {
        $copy = $this->unpacked($packed);
        $before = self::contents($copy);
        BackupFiles::restore($copy);
        self::assertKept($before, self::contents($this->file()));
        $pages = ['/', '/formulas', '/infusions', '/make', '/shelf', '/pantry', '/settings'];
        foreach (Formula::query()->pluck('id') as $id) {
            $pages[] = "/formulas/$id";
        }
        foreach (Batch::query()->where('status', 'finished')->pluck('code') as $code) {
            array_push($pages, "/batches/$code", "/batches/$code/label");
        }
        foreach (Jar::query()->pluck('id') as $id) {
            $pages[] = "/infusions/$id";
        }
        foreach (Lot::query()->pluck('code') as $code) {
            $pages[] = "/pantry/$code";
        }
        foreach ($pages as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_numbers_of_what_was_deleted_are_not_given_again(): void
    {
        $file = $this->unpacked(dirname(__DIR__).'/workrooms/2026-11-28.sqlite.gz');
        $room = new PDO("sqlite:$file");
        $last = (int) $room->query("SELECT seq FROM sqlite_sequence WHERE name = 'formulas'")->fetchColumn();
        $room->exec("UPDATE sqlite_sequence SET seq = $last + 40 WHERE name IN ('formulas', 'sightings')");
        $room = null;
        Schema::lift($file);
        $room = new PDO("sqlite:$file");
        $seq = $room
            ->query("SELECT name, seq FROM sqlite_sequence WHERE name IN ('formulas', 'observations')")
            ->fetchAll(PDO::FETCH_KEY_PAIR);
        self::assertSame($last + 40, (int) $seq['formulas']);
        self::assertSame($last + 40, (int) $seq['observations']);
    }

    private function unpacked(string $packed): string
    {
        $file = $this->directory.'/'.basename($packed, '.gz');
        file_put_contents($file, gzdecode((string) file_get_contents($packed)));

        return $file;
    }

    /** @return array<string, array<string, array<string, mixed>>> rows by table and first column */
    private static function contents(string $file): array
    {
        $room = new PDO("sqlite:$file");
        $tables = $room
            ->query("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%' AND name <> 'migrations'")
            ->fetchAll(PDO::FETCH_COLUMN);
        $rows = [];
        foreach ($tables as $table) {
            foreach ($room->query("SELECT * FROM \"$table\"")->fetchAll(PDO::FETCH_ASSOC) as $row) {
                $rows[$table][(string) reset($row)] = $row;
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, array<string, array<string, mixed>>>  $before
     * @param  array<string, array<string, array<string, mixed>>>  $after
     */
    private static function assertKept(array $before, array $after): void
    {
        foreach ($before as $table => $rows) {
            $now = $after[self::NOW[$table] ?? $table] ?? [];
            self::assertCount(count($rows), $now, $table);
            foreach ($rows as $key => $row) {
                foreach ($row as $column => $value) {
                    $column = self::NOW[$column] ?? $column;
                    self::assertSame($value, $now[$key][$column] ?? null, "$table $key $column");
                }
            }
        }
    }
}
