<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE watches (
                batch_id INTEGER PRIMARY KEY REFERENCES batches (id) ON DELETE RESTRICT,
                begun_at TEXT NOT NULL,
                look_at TEXT
            ) STRICT;

            CREATE INDEX watches_by_look ON watches (look_at);

            CREATE TABLE sightings (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                batch_id INTEGER NOT NULL REFERENCES watches (batch_id) ON DELETE RESTRICT,
                place TEXT NOT NULL CHECK (place IN ('cold', 'room', 'warm')),
                look TEXT NOT NULL CHECK (look IN ('sound', 'parted', 'grainy', 'smell', 'colour', 'mould', 'undo')),
                undoes INTEGER REFERENCES sightings (id),
                note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
                client_key TEXT NOT NULL UNIQUE,
                happened_at TEXT NOT NULL,
                recorded_at TEXT NOT NULL,
                CHECK ((look = 'undo') = (undoes IS NOT NULL))
            ) STRICT;

            CREATE INDEX sightings_by_batch ON sightings (batch_id, happened_at);

            CREATE TRIGGER what_was_seen_stays BEFORE UPDATE ON sightings
            BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('sightings');
        Schema::dropIfExists('watches');
    }
};
