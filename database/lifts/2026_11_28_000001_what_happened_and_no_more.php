<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Weighed, taken as planned and not done are three kinds of entry; "weight" stays for what was recorded before they
 * were told apart.
 * A make begun in spite of open problems says why. Plans of infusions are undone step by step like formulas, and a
 * press that is
 * sent again is done once.
 */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(function (): void {
            $this->widen('batch_entries', [
                "'lot', 'drops'))" => "'lot', 'drops', 'weighed', 'as_planned', 'not_done', 'dropped', 'resumed'))",
                "CHECK (kind NOT IN ('weight'," => "CHECK (kind NOT IN ('weight', 'weighed',",
                "kind <> 'override'" => "kind NOT IN ('override', 'dropped')",
            ]);
            $this->widen('draft_states', [
                'formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE CASCADE,' => 'formula_id INTEGER REFERENCES formulas (id) ON DELETE CASCADE, jar_id INTEGER REFERENCES jars (id) ON DELETE CASCADE,',
                'created_at TEXT NOT NULL,' => "created_at TEXT NOT NULL, edit TEXT NOT NULL DEFAULT '', turn TEXT NOT NULL DEFAULT '',",
                'UNIQUE (formula_id, revision),' => 'UNIQUE (formula_id, revision), UNIQUE (jar_id, revision), CHECK ((formula_id IS NULL) <> (jar_id IS NULL)),',
            ], 'id, formula_id, revision, state, did, about, undo_to, redo_to, created_at');
            DB::unprepared(
                'ALTER TABLE batches ADD COLUMN despite TEXT CHECK (despite IS NULL OR json_valid(despite))',
            );
        });
        Schema::enableForeignKeyConstraints();
    }

    /**
     * The table built from its own definition with some places replaced, what stands in it kept.
     *
     * @param  array<string, string>  $wider
     */
    private function widen(string $name, array $wider, string $columns = '*'): void
    {
        $definition = static fn (string $type): array => DB::table('sqlite_master')
            ->where('type', $type)
            ->where('tbl_name', $name)
            ->whereNotNull('sql')
            ->pluck('sql')
            ->all();
        $table = (string) preg_replace(
            "/^CREATE TABLE \"?$name\"?/",
            "CREATE TABLE {$name}_wider",
            (string) $definition('table')[0],
        );
        foreach ($wider as $from => $to) {
            if (! str_contains($table, $from)) {
                throw new RuntimeException("$name is not as expected: $from");
            }
            $table = str_replace($from, $to, $table);
        }
        $around = implode(";\n", [...$definition('index'), ...$definition('trigger')]);
        $into = $columns === '*' ? '' : "($columns)";
        DB::unprepared(
            "$table; INSERT INTO {$name}_wider $into SELECT $columns FROM $name; DROP TABLE $name; ALTER TABLE {$name}_wider RENAME TO $name; $around;",
        );
    }

    public function down(): void
    {
        // what was recorded since has no place in the tables before this
    }
};
