<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What becomes of a finished batch, which lot each weighing came from, stock-taking, readings and pictures beside a look,
 * what is planned to be made. Tables whose CHECK grows are built anew from their own definition.
 */
return new class extends Migration
{
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::transaction(function (): void {
            $this->widen('batch_entries', ["'feel'))" => "'feel', 'lot'))"], <<<'SQL'
                CREATE INDEX batch_entries_by_batch ON batch_entries (batch_id, id);
                CREATE TRIGGER what_was_recorded_stays BEFORE UPDATE ON batch_entries
                BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;
                SQL);
            $this->widen('lot_entries', ["'moved', 'undo'))," => "'moved', 'undo', 'counted', 'opened')),", "'discarded') OR (grams IS NOT NULL AND grams > 0)" => "'discarded', 'counted') OR (grams IS NOT NULL AND (grams > 0 OR kind = 'counted'))"], <<<'SQL'
                CREATE INDEX lot_entries_by_lot ON lot_entries (lot_id, id);
                CREATE INDEX lot_entries_by_subject ON lot_entries (kind, subject);
                CREATE TRIGGER what_happened_to_a_lot_stays BEFORE UPDATE ON lot_entries
                BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;
                SQL);
            DB::unprepared(<<<'SQL'
                ALTER TABLE lots ADD COLUMN supplier TEXT NOT NULL DEFAULT '' CHECK (length(supplier) <= 200);
                ALTER TABLE lots ADD COLUMN sealed_until TEXT;

                ALTER TABLE batches ADD COLUMN grams_left REAL CHECK (grams_left IS NULL OR grams_left >= 0);
                ALTER TABLE batches ADD COLUMN stands TEXT NOT NULL DEFAULT '' CHECK (length(stands) <= 80);
                ALTER TABLE batches ADD COLUMN gone_at TEXT;
                UPDATE batches SET grams_left = json_extract(outcome, '$.yield.filled') WHERE status = 'finished';
                CREATE INDEX batches_at_hand ON batches (status, gone_at, best_before);
                CREATE INDEX batches_by_version ON batches (formula_version_id, finished_at);

                CREATE TABLE shelf_entries (
                    id INTEGER PRIMARY KEY AUTOINCREMENT,
                    batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE RESTRICT,
                    kind TEXT NOT NULL CHECK (kind IN ('used', 'gifted', 'sold', 'discarded', 'moved', 'hair', 'undo')),
                    grams REAL,
                    subject TEXT NOT NULL DEFAULT '' CHECK (length(subject) <= 200),
                    price REAL CHECK (price IS NULL OR (price >= 0 AND price <= 1000000)),
                    note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
                    client_key TEXT NOT NULL UNIQUE,
                    happened_at TEXT NOT NULL,
                    recorded_at TEXT NOT NULL,
                    CHECK (kind NOT IN ('used', 'gifted', 'sold', 'discarded') OR (grams IS NOT NULL AND grams > 0 AND grams <= 1000000)),
                    CHECK (kind NOT IN ('undo', 'moved', 'hair', 'discarded') OR length(subject) > 0)
                ) STRICT;
                CREATE INDEX shelf_entries_by_batch ON shelf_entries (batch_id, id);
                CREATE TRIGGER what_became_of_it_stays BEFORE UPDATE ON shelf_entries
                BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

                ALTER TABLE sightings ADD COLUMN ph REAL CHECK (ph IS NULL OR ph BETWEEN 0 AND 14);
                CREATE TABLE photos (
                    id INTEGER PRIMARY KEY AUTOINCREMENT,
                    sighting_id INTEGER NOT NULL REFERENCES sightings (id) ON DELETE CASCADE,
                    type TEXT NOT NULL CHECK (type IN ('image/jpeg', 'image/png', 'image/webp')),
                    bytes BLOB NOT NULL CHECK (length(bytes) BETWEEN 1 AND 6000000)
                ) STRICT;
                CREATE INDEX photos_by_sighting ON photos (sighting_id);

                CREATE TABLE to_make (
                    id INTEGER PRIMARY KEY AUTOINCREMENT,
                    formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE CASCADE,
                    grams REAL NOT NULL CHECK (grams > 0 AND grams <= 1000000),
                    created_at TEXT NOT NULL,
                    UNIQUE (formula_id)
                ) STRICT;

                CREATE TABLE own_ingredients (
                    key TEXT PRIMARY KEY CHECK (length(key) BETWEEN 2 AND 80),
                    is_own INTEGER NOT NULL CHECK (is_own IN (0, 1)),
                    fields TEXT NOT NULL CHECK (json_valid(fields)),
                    updated_at TEXT NOT NULL
                ) STRICT;
                SQL);
        });
        Schema::enableForeignKeyConstraints();
    }

    /** @param  array<string, string>  $wider  of the table's definition; the first of each that is in it */
    private function widen(string $table, array $wider, string $after): void
    {
        $sql = DB::scalar("SELECT sql FROM sqlite_master WHERE type = 'table' AND name = '$table'");
        $anew = strtr((string) preg_replace('/^CREATE TABLE "?'.$table.'"?/', "CREATE TABLE {$table}_anew", is_string($sql) ? $sql : ''), $wider);
        DB::unprepared("$anew; INSERT INTO {$table}_anew SELECT * FROM $table; DROP TABLE $table; ALTER TABLE {$table}_anew RENAME TO $table; $after");
    }

    public function down(): void
    {
        // what was written down since has no place in the tables before this
    }
};
