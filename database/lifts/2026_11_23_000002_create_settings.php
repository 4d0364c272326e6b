<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE settings (
                name TEXT PRIMARY KEY CHECK (length(name) <= 40),
                value TEXT NOT NULL CHECK (json_valid(value)),
                updated_at TEXT NOT NULL
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('settings');
    }
};
