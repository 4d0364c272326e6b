<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was practised, and how it went: one row a mistake or a question, its answers oldest first. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE practised (
                key TEXT PRIMARY KEY CHECK (length(key) BETWEEN 1 AND 60),
                answers TEXT NOT NULL CHECK (json_valid(answers)),
                updated_at TEXT NOT NULL
            ) STRICT;
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('practised');
    }
};
