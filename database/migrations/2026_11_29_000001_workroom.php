<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The tables of a workroom, new; or those of 28 November 2026 with all that is in them, brought to the same. */
return new class extends Migration
{
    /** What went by another name before. */
    private const TABLES = [
        'watches' => 'stability_tests',
        'sightings' => 'observations',
        'to_make' => 'planned_batches',
    ];

    private const COLUMNS = ['sighting_id' => 'observation_id'];

    private const ASIDE = 'before_';

    public $withinTransaction = false;

    public function up(): void
    {
        // foreign keys can't be put off inside a transaction
        DB::unprepared('PRAGMA foreign_keys = OFF; PRAGMA legacy_alter_table = ON');
        try {
            DB::transaction(function (): void {
                $given = $this->given();
                $before = $this->layAside();
                DB::unprepared((string) file_get_contents(database_path('schema/2026_11_29_000001_workroom.sql')));
                array_map($this->takeOver(...), $before);
                array_map($this->countOn(...), array_keys($given), $given);
                DB::table('migrations')->where('migration', '<', '2026_11_29')->delete();
                $broken = DB::select('PRAGMA foreign_key_check');
                $broken === [] ?: throw new RuntimeException(
                    'The workroom names things it has not: '.json_encode($broken),
                );
            });
        } finally {
            DB::unprepared('PRAGMA legacy_alter_table = OFF; PRAGMA foreign_keys = ON');
        }
    }

    /** @return list<string> the tables there were */
    private function layAside(): array
    {
        $has = DB::table('sqlite_master')
            ->whereNotIn('name', ['migrations'])
            ->whereRaw("name NOT LIKE 'sqlite\\_%' ESCAPE '\\'")
            ->whereNotNull('sql')
            ->get(['type', 'name']);
        foreach ($has as $one) {
            if ($one->type !== 'table') {
                DB::unprepared("DROP $one->type \"$one->name\"");
            }
        }
        $tables = array_values($has->where('type', 'table')->pluck('name')->all());
        foreach ($tables as $table) {
            DB::unprepared(sprintf('ALTER TABLE "%s" RENAME TO "%s%s"', $table, self::ASIDE, $table));
        }

        return $tables;
    }

    private function takeOver(string $table): void
    {
        $aside = self::ASIDE.$table;
        $old = $this->columns($aside);
        $new = array_map(static fn (string $column): string => self::COLUMNS[$column] ?? $column, $old);
        $to = self::TABLES[$table] ?? $table;
        $lost = array_diff($new, $this->columns($to));
        $lost === [] ?: throw new RuntimeException("$to has no place for ".implode(', ', $lost));
        DB::unprepared(sprintf(
            'INSERT INTO "%s" (%s) SELECT %s FROM "%s"; DROP TABLE "%4$s"',
            $to,
            implode(', ', $new),
            implode(', ', $old),
            $aside,
        ));
    }

    /** @return list<string> */
    private function columns(string $table): array
    {
        return array_column(DB::select("SELECT name FROM pragma_table_info('$table')"), 'name');
    }

    /** @return array<string, int> the last number given, by table */
    private function given(): array
    {
        return DB::table('sqlite_master')->where('name', 'sqlite_sequence')->exists()
            ? DB::table('sqlite_sequence')->where('name', '<>', 'migrations')->pluck('seq', 'name')->all()
            : [];
    }

    /** A number that was given once is never given again, whatever was deleted since. */
    private function countOn(string $table, int $last): void
    {
        $table = self::TABLES[$table] ?? $table;
        DB::table('sqlite_sequence')->where('name', $table)->delete();
        DB::table('sqlite_sequence')->insert(['name' => $table, 'seq' => $last]);
    }
};
