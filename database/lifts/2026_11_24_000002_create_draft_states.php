<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Every state a draft was in, so that it can be undone step by step and two windows can be merged; and whose trial a
 * formula is.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE draft_states (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE CASCADE,
                revision INTEGER NOT NULL CHECK (revision > 0),
                state TEXT NOT NULL CHECK (json_valid(state)),
                did TEXT NOT NULL DEFAULT '',
                about TEXT NOT NULL DEFAULT '',
                undo_to INTEGER,
                redo_to INTEGER,
                created_at TEXT NOT NULL,
                UNIQUE (formula_id, revision),
                CHECK (undo_to IS NULL OR undo_to < revision),
                CHECK (redo_to IS NULL OR redo_to < revision)
            ) STRICT;

            CREATE TRIGGER what_a_draft_was_stays BEFORE UPDATE ON draft_states
            BEGIN SELECT RAISE(ABORT, 'what a draft was stays'); END;

            ALTER TABLE formulas ADD COLUMN trial_of INTEGER REFERENCES formula_versions (id);
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('draft_states');
    }
};
