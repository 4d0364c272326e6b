<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A formula whose parts are to be made in time: when its making begins, and how far each part is. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE projects (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
                formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE CASCADE,
                begin_at TEXT NOT NULL,
                parts TEXT NOT NULL CHECK (json_valid(parts)), -- {"KEY": {"begun_at": …, "jar": uid, "lot": code}}
                batch TEXT CHECK (batch IS NULL OR length(batch) <= 20), -- code of what was made of it
                created_at TEXT NOT NULL,
                updated_at TEXT NOT NULL
            ) STRICT;
            CREATE INDEX projects_by_formula ON projects (formula_id, batch);
            SQL);
    }
};
