<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Timers, rescaling after an over-pour, cups weighed for the overrun, what pH took. SQLite changes a CHECK only by
 * building the table anew.
 */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(static fn () => DB::unprepared(<<<'SQL'
            CREATE TABLE batch_entries_anew (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE RESTRICT,
                step TEXT NOT NULL,
                kind TEXT NOT NULL CHECK (kind IN ('done', 'weight', 'temperature', 'ph', 'fill', 'override', 'timer', 'rescale', 'accepted', 'cup', 'dose', 'sample')),
                subject TEXT NOT NULL DEFAULT '',
                value REAL,
                reason TEXT NOT NULL DEFAULT '',
                client_key TEXT NOT NULL UNIQUE,
                recorded_at TEXT NOT NULL,
                CHECK (kind NOT IN ('weight', 'fill', 'accepted', 'cup', 'dose', 'sample') OR (value IS NOT NULL AND value >= 0 AND value <= 1000000)),
                CHECK (kind <> 'temperature' OR (value IS NOT NULL AND value BETWEEN -40 AND 200)),
                CHECK (kind <> 'ph' OR (value IS NOT NULL AND value BETWEEN 0 AND 14)),
                CHECK (kind <> 'timer' OR (value IS NOT NULL AND value BETWEEN 0 AND 100000)),
                CHECK (kind <> 'rescale' OR (value IS NOT NULL AND value BETWEEN 0.1 AND 10)),
                CHECK (kind <> 'override' OR length(trim(reason)) > 0)
            ) STRICT;
            INSERT INTO batch_entries_anew SELECT id, batch_id, step, kind, subject, value, reason, client_key, recorded_at FROM batch_entries;
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
