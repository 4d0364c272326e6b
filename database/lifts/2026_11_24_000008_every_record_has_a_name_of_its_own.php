<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A random name by which a record is known in every workroom it is carried to. */
return new class extends Migration
{
    private const TABLES = ['formulas', 'batches', 'jars', 'preparations', 'lots'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::unprepared(<<<SQL
                ALTER TABLE $table ADD COLUMN uid TEXT CHECK (uid IS NULL OR length(uid) = 32);
                UPDATE $table SET uid = lower(hex(randomblob(16)));
                CREATE UNIQUE INDEX {$table}_by_uid ON $table (uid);
                CREATE TRIGGER {$table}_are_named AFTER INSERT ON $table WHEN NEW.uid IS NULL
                BEGIN UPDATE $table SET uid = lower(hex(randomblob(16))) WHERE id = NEW.id; END;
                SQL);
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            DB::unprepared("DROP TRIGGER {$table}_are_named; DROP INDEX {$table}_by_uid;");
            Schema::dropColumns($table, 'uid');
        }
    }
};
