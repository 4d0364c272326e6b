<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a cloth kept back, and what a finger found in a chilled butter. The table is built anew from its own definition,
 * wider by these.
 */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        $table = DB::scalar("SELECT sql FROM sqlite_master WHERE type = 'table' AND name = 'batch_entries'");
        $wider = strtr((string) preg_replace(
            '/^CREATE TABLE "?batch_entries"?/',
            'CREATE TABLE batch_entries_anew',
            is_string($table) ? $table : '',
        ), [
            "'sample'))" => "'sample', 'strained', 'feel'))",
            "'sample') OR" => "'sample', 'strained') OR",
        ]);
        Schema::disableForeignKeyConstraints();
        DB::transaction(static fn () => DB::unprepared(<<<SQL
            $wider;
            INSERT INTO batch_entries_anew SELECT * FROM batch_entries;
            DROP TABLE batch_entries;
            ALTER TABLE batch_entries_anew RENAME TO batch_entries;
            CREATE INDEX batch_entries_by_batch ON batch_entries (batch_id, id);
            CREATE TRIGGER what_was_recorded_stays BEFORE UPDATE ON batch_entries
            BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;
            SQL));
        Schema::enableForeignKeyConstraints();
    }

    public function down(): void
    {
        // what was written down since has no place in the table before this
    }
};
