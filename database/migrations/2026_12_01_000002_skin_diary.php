<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** How a hot oil felt on the skin, and for how long it was left on. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lot_entries ADD COLUMN minutes REAL
                CHECK (minutes IS NULL OR (minutes > 0 AND minutes <= 1440));
            INSERT INTO lot_entry_kinds (name, least, most, needs_subject) VALUES ('tried', NULL, NULL, 1);
            SQL);
    }
};
