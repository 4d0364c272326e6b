<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the pot weighs while water is cooked out of fresh plants, and how many drops a weight was. The two tables are
 * built anew
 * from their own definitions, wider by this, with what stands on them.
 */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        $this->widen(
            'jar_entries',
            [
                "'discard', 'undo'))" => "'discard', 'undo', 'pot'))",
                "'top_up', 'strain') OR" => "'top_up', 'strain', 'pot') OR",
            ],
        );
        $this->widen(
            'batch_entries',
            [
                "'feel', 'lot'))" => "'feel', 'lot', 'drops'))",
                "'sample', 'strained') OR" => "'sample', 'strained', 'drops') OR",
            ],
        );
    }

    /** @param  array<string, string>  $wider */
    private function widen(string $name, array $wider): void
    {
        $definition = static fn (string $type, string $of): array => DB::table('sqlite_master')
            ->where('type', $type)
            ->where('tbl_name', $of)
            ->whereNotNull('sql')
            ->pluck('sql')
            ->all();
        $table = strtr(
            (string) preg_replace(
                "/^CREATE TABLE \"?$name\"?/",
                "CREATE TABLE {$name}_anew",
                (string) $definition('table', $name)[0],
            ),
            $wider,
        );
        $around = implode(";\n", [...$definition('index', $name), ...$definition('trigger', $name)]);
        Schema::disableForeignKeyConstraints();
        DB::transaction(
            static fn () => DB::unprepared(
                "$table; INSERT INTO {$name}_anew SELECT * FROM $name; DROP TABLE $name; ALTER TABLE {$name}_anew RENAME TO $name; $around;",
            ),
        );
        Schema::enableForeignKeyConstraints();
    }

    public function down(): void
    {
        // what was written down since has no place in the tables before this
    }
};
