<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;

/**
 * The tables, indexes and triggers a workroom's file has to have, by its version: the last of its migrations. What each
 * version has is kept in database/schema, a line for each: type, name, fingerprint of its definition. The tables were
 * written anew on 29 November 2026; what led to those of before is in database/lifts, for files that are older.
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

    /** @return list<string> names of the versions of today's tables, the oldest first */
    public static function versions(): array
    {
        return self::in('migrations');
    }

    /** @return list<string> names of the versions before the tables were written anew, the oldest first */
    public static function before(): array
    {
        return self::in('lifts');
    }

    /** @return list<string> */
    private static function in(string $directory): array
    {
        $names = array_map(
            static fn (string $path): string => basename($path, '.php'),
            glob(database_path("$directory/*.php")) ?: [],
        );
        sort($names);

        return $names;
    }

    /**
     * What a file that names these versions has to have.
     *
     * @param  list<string>  $has  the oldest first
     * @return array<string, string>|null null where no version has had just these
     */
    public static function ofVersions(array $has): ?array
    {
        foreach ([self::versions(), self::before()] as $all) {
            if ($has !== [] && array_slice($all, 0, count($has)) === $has) {
                return self::known($has[count($has) - 1]);
            }
        }

        return null;
    }

    /** Whether the open workroom still has tables from before they were written anew. */
    public static function isFromBefore(): bool
    {
        try {
            return DB::table('migrations')->whereIn('migration', self::before())->exists();
        } catch (QueryException) {
            return false; // an empty file, or none
        }
    }

    /**
     * Brings a file up to a version, beside whatever workroom is open.
     *
     * @param  string|null  $version  the last migration to run; null for all
     */
    public static function lift(string $file, ?string $version = null): void
    {
        $open = config()->string('database.connections.sqlite.database');
        config(['database.connections.sqlite.database' => $file]);
        DB::purge();
        try {
            $isFromBefore = self::isFromBefore() || in_array($version, self::before(), true);
            $paths = [];
            foreach ([
                'lifts' => $isFromBefore ? self::before() : [],
                'migrations' => self::versions(),
            ] as $in => $names) {
                foreach ($names as $name) {
                    $paths[] = $version === null || $name <= $version ? database_path("$in/$name.php") : null;
                }
            }
            Artisan::call('migrate', [
                '--force' => true,
                '--realpath' => true,
                '--path' => array_values(array_filter($paths)),
            ]);
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        } finally {
            config(['database.connections.sqlite.database' => $open]);
            DB::purge();
        }
    }

    /**
     * What every version has, made by running its migrations in an empty file.
     *
     * @return array<string, string> lines by version
     */
    public static function written(): array
    {
        $written = [];
        foreach ([...self::before(), ...self::versions()] as $version) {
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
