<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Written as SQL: strict tables and CHECK constraints stand behind every form. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE formulas (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                name TEXT NOT NULL CHECK (length(name) <= 120),
                draft TEXT NOT NULL CHECK (json_valid(draft)),
                revision INTEGER NOT NULL DEFAULT 1 CHECK (revision > 0),
                created_at TEXT NOT NULL,
                updated_at TEXT NOT NULL
            ) STRICT;

            CREATE TABLE formula_versions (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE RESTRICT,
                number INTEGER NOT NULL CHECK (number > 0),
                document TEXT NOT NULL CHECK (json_valid(document)),
                note TEXT NOT NULL DEFAULT '',
                created_at TEXT NOT NULL,
                UNIQUE (formula_id, number)
            ) STRICT;

            CREATE TRIGGER a_kept_version_never_changes BEFORE UPDATE OF formula_id, number, document ON formula_versions
            BEGIN SELECT RAISE(ABORT, 'a kept version never changes'); END;

            CREATE TABLE batches (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 6 AND 20),
                formula_version_id INTEGER NOT NULL REFERENCES formula_versions (id) ON DELETE RESTRICT,
                document TEXT NOT NULL CHECK (json_valid(document)),
                status TEXT NOT NULL DEFAULT 'making' CHECK (status IN ('making', 'finished', 'abandoned')),
                at_step TEXT NOT NULL,
                started_at TEXT NOT NULL,
                finished_at TEXT,
                best_before TEXT,
                outcome TEXT CHECK (outcome IS NULL OR json_valid(outcome)),
                created_at TEXT NOT NULL,
                updated_at TEXT NOT NULL,
                CHECK ((status = 'finished') = (finished_at IS NOT NULL)),
                CHECK (finished_at IS NULL OR outcome IS NOT NULL)
            ) STRICT;

            CREATE INDEX batches_by_status ON batches (status, started_at);

            CREATE TABLE batch_entries (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE RESTRICT,
                step TEXT NOT NULL,
                kind TEXT NOT NULL CHECK (kind IN ('done', 'weight', 'temperature', 'ph', 'fill', 'override')),
                subject TEXT NOT NULL DEFAULT '',
                value REAL,
                reason TEXT NOT NULL DEFAULT '',
                client_key TEXT NOT NULL UNIQUE,
                recorded_at TEXT NOT NULL,
                CHECK (kind NOT IN ('weight', 'fill') OR (value IS NOT NULL AND value >= 0 AND value <= 1000000)),
                CHECK (kind <> 'temperature' OR (value IS NOT NULL AND value BETWEEN -40 AND 200)),
                CHECK (kind <> 'ph' OR (value IS NOT NULL AND value BETWEEN 0 AND 14)),
                CHECK (kind <> 'override' OR length(trim(reason)) > 0)
            ) STRICT;

            CREATE INDEX batch_entries_by_batch ON batch_entries (batch_id, id);

            CREATE TRIGGER what_was_recorded_stays BEFORE UPDATE ON batch_entries
            BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;
            SQL);
    }

    public function down(): void
    {
        foreach (['batch_entries', 'batches', 'formula_versions', 'formulas'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
