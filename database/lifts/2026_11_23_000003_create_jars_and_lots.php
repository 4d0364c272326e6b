<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE jars (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                code TEXT UNIQUE CHECK (code IS NULL OR length(code) BETWEEN 6 AND 20),
                name TEXT NOT NULL CHECK (length(name) <= 120),
                draft TEXT NOT NULL CHECK (json_valid(draft)),
                revision INTEGER NOT NULL DEFAULT 1 CHECK (revision > 0),
                plan TEXT CHECK (plan IS NULL OR json_valid(plan)),
                status TEXT NOT NULL DEFAULT 'planned' CHECK (status IN ('planned', 'standing', 'strained', 'discarded')),
                started_at TEXT,
                ended_at TEXT,
                outcome TEXT CHECK (outcome IS NULL OR json_valid(outcome)),
                shake_at TEXT,
                ready_at TEXT,
                strain_at TEXT,
                too_strong_at TEXT,
                alarm TEXT NOT NULL DEFAULT '',
                created_at TEXT NOT NULL,
                updated_at TEXT NOT NULL,
                CHECK ((status = 'planned') = (started_at IS NULL)),
                CHECK (status = 'planned' OR (plan IS NOT NULL AND code IS NOT NULL)),
                CHECK ((status IN ('strained', 'discarded')) = (ended_at IS NOT NULL))
            ) STRICT;

            CREATE INDEX jars_by_status ON jars (status, started_at);
            CREATE INDEX jars_by_shake ON jars (status, shake_at);
            CREATE INDEX jars_by_strain ON jars (status, strain_at);

            CREATE TRIGGER a_filled_jar_stays_what_it_is BEFORE UPDATE OF plan, started_at, code ON jars
            WHEN OLD.status <> 'planned' AND (OLD.plan IS NOT NEW.plan OR OLD.started_at IS NOT NEW.started_at OR OLD.code IS NOT NEW.code)
            BEGIN SELECT RAISE(ABORT, 'a filled jar stays what it is'); END;

            CREATE TABLE jar_entries (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                jar_id INTEGER NOT NULL REFERENCES jars (id) ON DELETE RESTRICT,
                kind TEXT NOT NULL CHECK (kind IN ('shake', 'temperature', 'look', 'take_out', 'top_up', 'strain', 'discard', 'undo')),
                value REAL,
                subject TEXT NOT NULL DEFAULT '',
                note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
                client_key TEXT NOT NULL UNIQUE,
                happened_at TEXT NOT NULL,
                recorded_at TEXT NOT NULL,
                CHECK (kind NOT IN ('take_out', 'top_up', 'strain') OR (value IS NOT NULL AND value > 0 AND value <= 100000)),
                CHECK (kind <> 'temperature' OR (value IS NOT NULL AND value BETWEEN -20 AND 200)),
                CHECK (kind NOT IN ('undo', 'look', 'discard') OR length(subject) > 0)
            ) STRICT;

            CREATE INDEX jar_entries_by_jar ON jar_entries (jar_id, happened_at);

            CREATE TRIGGER what_happened_to_a_jar_stays BEFORE UPDATE ON jar_entries
            BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

            CREATE TABLE preparations (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                method TEXT NOT NULL CHECK (length(method) <= 60),
                plan TEXT NOT NULL CHECK (json_valid(plan)),
                status TEXT NOT NULL DEFAULT 'planned' CHECK (status IN ('planned', 'made')),
                made_at TEXT,
                grams REAL CHECK (grams IS NULL OR (grams > 0 AND grams <= 100000)),
                created_at TEXT NOT NULL,
                updated_at TEXT NOT NULL,
                CHECK ((status = 'made') = (made_at IS NOT NULL AND grams IS NOT NULL))
            ) STRICT;

            CREATE INDEX preparations_by_method ON preparations (method, made_at);

            CREATE TABLE lots (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 6 AND 20),
                kind TEXT NOT NULL CHECK (kind IN ('infused_oil', 'preparation')),
                name TEXT NOT NULL CHECK (length(name) <= 120),
                ingredient TEXT,
                document TEXT CHECK (document IS NULL OR json_valid(document)),
                grams REAL NOT NULL CHECK (grams > 0 AND grams <= 100000),
                grams_left REAL NOT NULL CHECK (grams_left >= 0),
                portion_grams REAL CHECK (portion_grams IS NULL OR portion_grams > 0),
                strength REAL CHECK (strength IS NULL OR strength >= 0),
                made_at TEXT NOT NULL,
                good_until TEXT,
                storage TEXT NOT NULL CHECK (storage IN ('room', 'fridge', 'freezer')),
                first_storage TEXT NOT NULL CHECK (first_storage IN ('room', 'fridge', 'freezer')),
                jar_id INTEGER REFERENCES jars (id) ON DELETE RESTRICT,
                preparation_id INTEGER REFERENCES preparations (id) ON DELETE RESTRICT,
                gone_at TEXT,
                created_at TEXT NOT NULL,
                updated_at TEXT NOT NULL,
                CHECK ((ingredient IS NULL) <> (document IS NULL))
            ) STRICT;

            CREATE INDEX lots_at_hand ON lots (gone_at, good_until);

            CREATE TABLE lot_entries (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                lot_id INTEGER NOT NULL REFERENCES lots (id) ON DELETE RESTRICT,
                kind TEXT NOT NULL CHECK (kind IN ('used', 'discarded', 'moved', 'undo')),
                grams REAL,
                subject TEXT NOT NULL DEFAULT '',
                note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
                client_key TEXT NOT NULL UNIQUE,
                happened_at TEXT NOT NULL,
                recorded_at TEXT NOT NULL,
                CHECK (kind NOT IN ('used', 'discarded') OR (grams IS NOT NULL AND grams > 0)),
                CHECK (kind NOT IN ('moved', 'undo') OR length(subject) > 0)
            ) STRICT;

            CREATE INDEX lot_entries_by_lot ON lot_entries (lot_id, id);

            CREATE TRIGGER what_happened_to_a_lot_stays BEFORE UPDATE ON lot_entries
            BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;
            SQL);
    }

    public function down(): void
    {
        foreach (['lot_entries', 'lots', 'preparations', 'jar_entries', 'jars'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
