<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was strained out of a thing and kept: a lot of its own that knows what it is left of. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            ALTER TABLE lots ADD COLUMN left_of TEXT CHECK (left_of IS NULL OR length(left_of) BETWEEN 6 AND 20);
            CREATE UNIQUE INDEX lots_by_what_they_are_left_of ON lots (left_of) WHERE left_of IS NOT NULL;
            SQL);
    }
};
