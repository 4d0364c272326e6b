<?php

declare(strict_types=1);

namespace App\Backups;

use App\Ground\Settings;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use SQLite3;
use Throwable;

/**
 * Copies of the workroom's file: taken while it runs, looked through before they are trusted, put back in one step that
 * can be
 * taken back. A copy of each day is made by itself; old ones are thinned out.
 */
final class BackupFiles
{
    private const NAME = 'safekeeping';

    /**
     * So many of the last days' copies are all kept; of those before one a week, then one a month, by their order and
     * number.
     */
    private const DAYS = 14;

    private const WEEKS = 10;

    private const MONTHS = 24;

    /** Fewer than this are never thinned out, and never more than so many at once. */
    private const LEAST = 10;

    private const AT_ONCE = 2;

    /** With no copy from the days before, the clock may be wrong: nothing is thrown away by it. */
    private const BELIEVED_D = 45;

    /** Begins the name of a copy that is being brought up to date, and of one on its way to the maker. */
    private const LIFTING = '.lifting-';

    private const LEAVING = '.leaving-';

    /** So many days without a copy taken elsewhere are a word on Today worth. */
    private const REMIND_DAYS = 30;

    private const WAIT_MS = 5000;

    /** Of what a copy lacks, so much is named. */
    private const NAMED = 4;

    /** Where the workroom is; null where it is only in memory. */
    public static function workroom(): ?string
    {
        $file = config()->string('database.connections.sqlite.database');

        return $file === ':memory:' ? null : $file;
    }

    public static function directory(): string
    {
        return preg_replace('/\.sqlite$/', '', (string) self::workroom()).'-copies';
    }

    /**
     * A consistent copy while others write.
     *
     * @throws RecordRefused when the file can't be written or is there already
     */
    public static function to(string $file): void
    {
        if (file_exists($file)) {
            throw RecordRefused::thereAlready(basename($file), '');
        }
        $draft = "$file.part";
        @unlink($draft);
        try {
            DB::statement('VACUUM INTO '.DB::getPdo()->quote($draft));
        } catch (Throwable) {
            @unlink($draft);
            throw RecordRefused::cantWrite(basename($file), '');
        }
        self::look($draft);
        rename($draft, $file);
    }

    /**
     * Whether a file is a whole workroom this Ilvane knows: undamaged, with the tables, indexes and triggers of its
     * version, no
     * fewer, no others.
     *
     * @param  string|null  $called  what the maker calls the file, where that isn't its name here
     *
     * @throws RecordRefused when it is damaged, something else, hollow, altered, or from a newer Ilvane
     */
    public static function look(string $file, ?string $called = null): void
    {
        $name = $called ?? basename($file);
        if (! is_file($file) || (string) file_get_contents($file, length: 15) !== 'SQLite format 3') {
            throw RecordRefused::noCopy($name, '');
        }
        try {
            $copy = new PDO(
                "sqlite:$file",
                options: [
                    PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
                    PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY,
                ],
            );
            $ask = static function (string $sql) use ($copy): array {
                $answer = $copy->query($sql) ?: throw new PDOException($sql);

                return $answer->fetchAll(PDO::FETCH_COLUMN);
            };
            $isWhole = $ask('PRAGMA integrity_check') === ['ok'] && $ask('PRAGMA foreign_key_check') === [];
            $has = array_values(array_filter(
                $ask('SELECT migration FROM migrations ORDER BY migration'),
                is_string(...),
            ));
            $tables = Schema::of($copy);
        } catch (PDOException $problem) {
            throw RecordRefused::noBackup($name, str_contains($problem->getMessage(), 'no such table'));
        }
        if (! $isWhole || $has === []) {
            throw RecordRefused::noBackup($name, $isWhole);
        }
        if (array_diff($has, Schema::before(), Schema::versions()) !== []) {
            throw RecordRefused::newer($name, '');
        }
        $expected = Schema::ofVersions($has) ?? throw RecordRefused::altered($name, '', 'migrations');
        $missing = array_keys(array_diff_key($expected, $tables));
        if ($missing !== []) {
            throw RecordRefused::hollow($name, '', implode(', ', array_slice($missing, 0, self::NAMED)));
        }
        $other = array_keys(array_diff_assoc($tables, $expected));
        if ($other !== []) {
            throw RecordRefused::altered($name, '', implode(', ', array_slice($other, 0, self::NAMED)));
        }
    }

    /**
     * Puts a copy in the workroom's place, for all that have it open, at once: looked through, brought up to date in a
     * file of its
     * own and looked through again before the workroom is touched. What was there before is kept beside it.
     *
     * @param  string|null  $called  what the maker calls the file
     * @return string name of the copy of what was there before
     *
     * @throws RecordRefused
     */
    public static function restore(string $file, ?string $called = null): string
    {
        $workroom = self::workroom() ?? throw RecordRefused::noFile(basename($file), '');
        self::look($file, $called);
        $lifted = dirname($workroom).'/'.self::LIFTING.bin2hex(random_bytes(6)).'.sqlite';
        try {
            self::into($file, $lifted) ?: throw RecordRefused::cantWrite($called ?? basename($file), '');
            Schema::lift($lifted);
            self::look($lifted, $called);
            $before = self::copyNow('before-restore');
            DB::disconnect();
            self::into($lifted, $workroom) ?: throw RecordRefused::busy($called ?? basename($file), '');
        } finally {
            DB::reconnect();
            array_map(unlink(...), glob("$lifted*") ?: []);
        }

        return $before;
    }

    /** All of one file into another, at once for everybody who has that open. */
    private static function into(string $file, string $other): bool
    {
        $from = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $to = new SQLite3($other);
        $to->busyTimeout(self::WAIT_MS);
        $isDone = $from->backup($to);
        $from->close();
        $to->close();

        return $isDone;
    }

    /** Before the tables of a workroom with something in it change, it is copied. */
    public static function beforeMigrating(): void
    {
        $workroom = self::workroom();
        if (
            $workroom === null
            || str_starts_with(basename($workroom), self::LIFTING)
            || ! is_file($workroom)
            || filesize($workroom) === 0
        ) {
            return;
        }
        $isLived = DB::table('sqlite_master')->where('name', 'migrations')->exists()
            && DB::table('migrations')->exists();
        $isLived && self::copyNow('before-update');
    }

    /** A name for a copy on its way to the maker; what a kill leaves of it is swept away at the next start. */
    public static function leaving(): string
    {
        return storage_path('workroom/'.self::LEAVING.bin2hex(random_bytes(6)).'.sqlite');
    }

    /** @return string name of the new copy */
    public static function copyNow(string $why = 'copy'): string
    {
        $directory = self::directory();
        is_dir($directory) || mkdir($directory, 0700, true);
        $stem = "$why-".Carbon::now()->format('Y-m-d-His');
        for ($name = "$stem.sqlite", $i = 2; file_exists("$directory/$name"); $i++) {
            $name = "$stem-$i.sqlite";
        }
        self::to("$directory/$name");

        return $name;
    }

    /** Today's copy, if there is none yet; the first that comes takes it. */
    public static function daily(): void
    {
        $workroom = self::workroom();
        if ($workroom === null || ! is_file($workroom)) {
            return;
        }
        $directory = self::directory();
        $file = "$directory/day-".Carbon::now()->format('Y-m-d').'.sqlite';
        if (file_exists($file) || (! is_dir($directory) && ! @mkdir($directory, 0700, true) && ! is_dir($directory))) {
            return;
        }
        $hold = fopen("$directory/.taking", 'c');
        if ($hold === false || ! flock($hold, LOCK_EX | LOCK_NB)) {
            return;
        }
        try {
            if (! file_exists($file)) {
                self::to($file);
                self::thinOut();
            }
        } catch (RecordRefused) {
            // a full disk must not keep the maker from working; Today says that the last copy is old
        } finally {
            flock($hold, LOCK_UN);
            fclose($hold);
        }
    }

    /**
     * Keeps the last days' copies, of those before one a week, then one a month: by their order and number, never by
     * how long ago
     * they are, never fewer than LEAST, never more than AT_ONCE at a time, and nothing while the clock may be wrong.
     */
    public static function thinOut(): void
    {
        $days = array_values(array_filter(array_map(
            static fn (array $copy): ?string => preg_match(
                '/^day-(\d{4}-\d\d-\d\d)\.sqlite$/',
                $copy['name'],
                $part,
            ) === 1 ? $part[1] : null,
            self::all(),
        )));
        rsort($days);
        $today = Carbon::now()->toDateString();
        $before = array_values(array_filter($days, static fn (string $day): bool => $day < $today))[0] ?? null;
        if ($before === null || Carbon::parse($before)->diffInDays(Carbon::now()) > self::BELIEVED_D) {
            return;
        }
        $weeks = $months = $over = [];
        foreach (array_slice($days, self::DAYS) as $day) {
            [$week, $month] = [Carbon::parse($day)->format('o-W'), substr($day, 0, 7)];
            if (! isset($weeks[$week]) && count($weeks) < self::WEEKS) {
                $weeks[$week] = $months[$month] = true;
            } elseif (! isset($months[$month]) && ! isset($weeks[$week]) && count($months) < self::MONTHS) {
                $months[$month] = true;
            } else {
                $over[] = $day;
            }
        }
        $most = min(self::AT_ONCE, count($days) - self::LEAST);
        foreach (array_slice(array_reverse($over), 0, max(0, $most)) as $day) {
            @unlink(self::directory()."/day-$day.sqlite");
        }
    }

    /** @return list<array{name: string, bytes: int, at: Carbon}> the newest first */
    public static function all(): array
    {
        $copies = array_map(
            static fn (string $path): array => [
                'name' => basename($path),
                'bytes' => (int) filesize($path),
                'at' => Carbon::createFromTimestamp((int) filemtime($path)),
            ],
            glob(self::directory().'/*.sqlite') ?: [],
        );
        usort(
            $copies,
            static fn (array $one, array $other): int => [$other['at'], $other['name']] <=> [$one['at'], $one['name']],
        );

        return $copies;
    }

    /** The path of a copy of this workroom by its name; null where there is none. */
    public static function named(string $name): ?string
    {
        return in_array($name, array_column(self::all(), 'name'), true) ? self::directory()."/$name" : null;
    }

    public static function taken(): void
    {
        Settings::keep(self::NAME, [...Settings::values(self::NAME), 'taken_at' => Carbon::now()->toDateTimeString()]);
    }

    /** Days since a copy was taken elsewhere, where it is time for another; null while it is not. */
    public static function overdue(): ?int
    {
        $taken = Settings::values(self::NAME)['taken_at'] ?? DB::table('formulas')->min('created_at');
        $days = is_string($taken) ? (int) Carbon::parse($taken)->diffInDays(Carbon::now()) : 0;

        return $days >= self::REMIND_DAYS ? $days : null;
    }
}
