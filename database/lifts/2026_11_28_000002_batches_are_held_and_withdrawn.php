<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A batch can be held back, withdrawn and set free again, each time with a reason. */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(function (): void {
            $definition = static fn (string $type): array => DB::table('sqlite_master')
                ->where('type', $type)
                ->where('tbl_name', 'shelf_entries')
                ->whereNotNull('sql')
                ->pluck('sql')
                ->all();
            $table = (string) preg_replace(
                '/^CREATE TABLE "?shelf_entries"?/',
                'CREATE TABLE shelf_entries_wider',
                (string) $definition('table')[0],
            );
            foreach ([
                "'hair', 'undo'))" => "'hair', 'undo', 'held', 'withdrawn', 'freed'))",
                "('undo', 'moved', 'hair', 'discarded')" => "('undo', 'moved', 'hair', 'discarded', 'held', 'withdrawn', 'freed')",
            ] as $from => $to) {
                str_contains($table, $from) ?: throw new RuntimeException("shelf_entries is not as expected: $from");
                $table = str_replace($from, $to, $table);
            }
            $around = implode(";\n", [...$definition('index'), ...$definition('trigger')]);
            DB::unprepared(
                "$table; INSERT INTO shelf_entries_wider SELECT * FROM shelf_entries; DROP TABLE shelf_entries; ALTER TABLE shelf_entries_wider RENAME TO shelf_entries; $around;",
            );
        });
        Schema::enableForeignKeyConstraints();
    }

    public function down(): void
    {
        // what was decided since has no place in the table before this
    }
};
