<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE devices (
                id INTEGER PRIMARY KEY,
                name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
                token_hash TEXT NOT NULL UNIQUE CHECK (length(token_hash) = 64),
                signed_in_at TEXT NOT NULL,
                seen_at TEXT NOT NULL,
                ended_at TEXT
            ) STRICT;
            -- what must not be done too often, or twice, is counted here
            CREATE TABLE cache (key TEXT PRIMARY KEY, value TEXT NOT NULL, expiration INTEGER NOT NULL) STRICT;
            CREATE TABLE cache_locks (key TEXT PRIMARY KEY, owner TEXT NOT NULL, expiration INTEGER NOT NULL) STRICT;
            SQL);
    }

    public function down(): void
    {
        foreach (['devices', 'cache', 'cache_locks'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
