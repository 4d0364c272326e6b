<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A picture of the recipe as it was written, kept with what was read from it. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE note_pictures (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
                formula_id INTEGER REFERENCES formulas (id) ON DELETE CASCADE,
                jar_id INTEGER REFERENCES jars (id) ON DELETE CASCADE,
                type TEXT NOT NULL REFERENCES photo_types (name),
                bytes BLOB NOT NULL CHECK (length(bytes) BETWEEN 1 AND 6000000),
                created_at TEXT NOT NULL,
                CHECK (formula_id IS NULL OR jar_id IS NULL)
            ) STRICT;
            CREATE INDEX note_pictures_by_formula ON note_pictures (formula_id);
            CREATE INDEX note_pictures_by_jar ON note_pictures (jar_id);
            SQL);
    }
};
