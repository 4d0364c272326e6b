<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;

/**
 * The tables, indexes and triggers a workroom's file has to have, by its version: the last of its migrations. What each
 * version
 * has is kept in database/schema, a line for each: type, name, fingerprint of its definition.
 */
final class Schema
{
    /** @return array<string, string> fingerprint by "type name" */
    public static function of(PDO $file): array
    {
        $rows = (
            $file->query(
                "SELECT type, name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\'"
                ." AND sql IS NOT NULL AND name <> 'migrations' ORDER BY type, name",
            ) ?: throw new PDOException('no schema')
        )->fetchAll(PDO::FETCH_NUM);
        $has = [];
        foreach ($rows as [$type, $name, $sql]) {
            // how it is spaced and quoted says nothing; what it says counts
            $has["$type $name"] = substr(
                hash('sha256', (string) preg_replace('/["`\s]+/', '', mb_strtolower((string) $sql))),
                0,
                20,
            );
        }

        return $has;
    }

    /** @return array<string, string>|null what a version has; null where no such version is known */
    public static function known(string $version): ?array
    {
        $lines = @file(self::path($version), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);
        if ($lines === false) {
            return null;
        }
        $has = [];
        foreach ($lines as $line) {
            [$type, $name, $fingerprint] = [...explode(' ', $line), '', ''];
            $has["$type $name"] = $fingerprint;
        }

        return $has;
    }

    /** @return list<string> names of all migrations, the oldest first */
    public static function versions(): array
    {
        $names = array_map(
            static fn (string $path): string => basename($path, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
        sort($names);

        return $names;
    }

    /**
     * Brings a file up to a version, beside whatever workroom is open.
     *
     * @param  string|null  $version  the last migration to run; null for all
     */
    public static function lift(string $file, ?string $version = null): void
    {
        $open = config()->string('database.connections.sqlite.database');
        $paths = array_map(
            static fn (string $name): string => database_path("migrations/$name.php"),
            array_filter(self::versions(), static fn (string $name): bool => $version === null || $name <= $version),
        );
        config(['database.connections.sqlite.database' => $file]);
        DB::purge();
        try {
            Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => array_values($paths)]);
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        } finally {
            config(['database.connections.sqlite.database' => $open]);
            DB::purge();
        }
    }

    /**
     * What every version has, made anew by running the migrations up to it in an empty file.
     *
     * @return array<string, string> lines by version
     */
    public static function written(): array
    {
        $written = [];
        foreach (self::versions() as $version) {
            $file = tempnam(sys_get_temp_dir(), 'ilvane-tables-') ?: throw RecordRefused::cantWrite('', '');
            try {
                self::lift($file, $version);
                $has = self::of(new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]));
                $written[$version] = implode(
                    "\n",
                    array_map(
                        static fn (string $what, string $fingerprint): string => "$what $fingerprint",
                        array_keys($has),
                        $has,
                    ),
                )."\n";
            } finally {
                array_map(unlink(...), glob("$file*") ?: []);
            }
        }

        return $written;
    }

    public static function path(string $version): string
    {
        return database_path("schema/$version.txt");
    }
}
