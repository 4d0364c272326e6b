<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a finished batch was filled into, and which of its containers a thing happened to. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE shelf_entries ADD COLUMN container TEXT NOT NULL DEFAULT '' CHECK (length(container) <= 1);
            ALTER TABLE shelf_entries ADD COLUMN storage TEXT REFERENCES storages (name);
            ALTER TABLE shelf_entries ADD COLUMN containers TEXT CHECK (containers IS NULL OR json_valid(containers));
            INSERT INTO shelf_entry_kinds (name, least, most, needs_subject) VALUES
                ('split', NULL, NULL, 0),
                ('thawed', 1e-9, 1000000, 0);
            SQL);
    }
};
