<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The pantry takes in what was bought, with its price. SQLite changes a CHECK only by building the table anew. */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(static fn () => DB::unprepared(<<<'SQL'
            CREATE TABLE lots_anew (
                id INTEGER PRIMARY KEY AUTOINCREMENT,
                code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 6 AND 20),
                kind TEXT NOT NULL CHECK (kind IN ('infused_oil', 'preparation', 'bought')),
                name TEXT NOT NULL CHECK (length(name) <= 120),
                ingredient TEXT,
                document TEXT CHECK (document IS NULL OR json_valid(document)),
                grams REAL NOT NULL CHECK (grams > 0 AND grams <= 100000),
                grams_left REAL NOT NULL CHECK (grams_left >= 0),
                portion_grams REAL CHECK (portion_grams IS NULL OR portion_grams > 0),
                strength REAL CHECK (strength IS NULL OR strength >= 0),
                price REAL CHECK (price IS NULL OR (price >= 0 AND price <= 1000000)),
                opened_at TEXT,
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
            INSERT INTO lots_anew (id, code, kind, name, ingredient, document, grams, grams_left, portion_grams, strength, made_at, good_until, storage, first_storage, jar_id, preparation_id, gone_at, created_at, updated_at)
                SELECT id, code, kind, name, ingredient, document, grams, grams_left, portion_grams, strength, made_at, good_until, storage, first_storage, jar_id, preparation_id, gone_at, created_at, updated_at FROM lots;
            DROP TABLE lots;
            ALTER TABLE lots_anew RENAME TO lots;
            CREATE INDEX lots_at_hand ON lots (gone_at, good_until);
            CREATE INDEX lots_by_ingredient ON lots (ingredient, gone_at);
            SQL));
        Schema::enableForeignKeyConstraints();
    }

    public function down(): void
    {
        // what was bought has no place in the table before this
    }
};
