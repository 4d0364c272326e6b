<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was put in a little at a time, and how it looked: chosen from drawings. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            INSERT INTO batch_entry_kinds (name, least, most, needs_reason) VALUES
                ('little', 0, 1000000, 0), ('look', NULL, NULL, 0);
            SQL);
    }
};
