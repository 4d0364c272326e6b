<?php

declare(strict_types=1);

namespace App\Safekeeping;

use App\Workroom\Kept;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use SQLite3;
use Throwable;

/**
 * Copies of the workroom's file: taken while it runs, looked through before they are trusted, put back in one step that can be
 * taken back. A copy of each day is made by itself; old ones are thinned out.
 */
final class Copies
{
    private const NAME = 'safekeeping';

    /** Days of which every copy is kept; beyond that one a week, then one a month. */
    private const DAILY = 7;

    private const WEEKLY = 35;

    private const MONTHLY = 400;

    /** So many days without a copy taken elsewhere are a word on Today worth. */
    private const REMIND_DAYS = 30;

    private const WAIT_MS = 5000;

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
            throw new RecordRefused(basename($file), '', 'there_already');
        }
        $draft = "$file.part";
        @unlink($draft);
        try {
            DB::statement('VACUUM INTO '.DB::getPdo()->quote($draft));
        } catch (Throwable) {
            @unlink($draft);
            throw new RecordRefused(basename($file), '', 'cant_write');
        }
        self::look($draft);
        rename($draft, $file);
    }

    /**
     * Whether a file is a whole workroom this Ilvane knows.
     *
     * @throws RecordRefused when it is damaged, something else, or from a newer Ilvane
     */
    public static function look(string $file): void
    {
        $name = basename($file);
        if (! is_file($file) || (string) file_get_contents($file, length: 15) !== 'SQLite format 3') {
            throw new RecordRefused($name, '', 'no_copy');
        }
        try {
            $copy = new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
            $ask = static fn (string $sql): array => ($copy->query($sql) ?: throw new PDOException($sql))->fetchAll(PDO::FETCH_COLUMN);
            $isWhole = $ask('PRAGMA integrity_check') === ['ok'] && $ask('PRAGMA foreign_key_check') === [];
            $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
            $has = array_filter($ask('SELECT migration FROM migrations'), is_string(...));
        } catch (PDOException $problem) {
            throw new RecordRefused($name, '', str_contains($problem->getMessage(), 'no such table') ? 'no_copy' : 'damaged');
        }
        if (! $isWhole || $has === []) {
            throw new RecordRefused($name, '', $isWhole ? 'no_copy' : 'damaged');
        }
        array_diff($has, $known) === [] ?: throw new RecordRefused($name, '', 'newer');
    }

    /**
     * Puts a copy in the workroom's place, for all that have it open, at once. What was there before is kept beside it.
     *
     * @return string name of the copy of what was there before
     *
     * @throws RecordRefused
     */
    public static function restore(string $file): string
    {
        $workroom = self::workroom() ?? throw new RecordRefused(basename($file), '', 'no_file');
        self::look($file);
        $before = self::copyNow('before-restore');
        DB::disconnect();
        $from = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $to = new SQLite3($workroom);
        $to->busyTimeout(self::WAIT_MS);
        $isDone = $from->backup($to);
        $from->close();
        $to->close();
        DB::reconnect();
        $isDone ?: throw new RecordRefused(basename($file), '', 'busy');
        // what is older is brought up to this Ilvane
        Artisan::call('migrate', ['--force' => true]);
        self::look($workroom);

        return $before;
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

    /** Keeps a week of days, then a copy a week, then one a month for a year. */
    public static function thinOut(): void
    {
        $kept = [];
        foreach (self::all() as $copy) {
            if (preg_match('/^day-(\d{4}-\d\d-\d\d)\.sqlite$/', $copy['name'], $part) !== 1) {
                continue;
            }
            $day = Carbon::parse($part[1]);
            $age = $day->diffInDays(Carbon::now()->startOfDay());
            $of = match (true) {
                $age <= self::DAILY => $part[1],
                $age <= self::WEEKLY => $day->format('o-W'),
                $age <= self::MONTHLY => $day->format('Y-m'),
                default => null,
            };
            if ($of === null || isset($kept[$of])) {
                @unlink(self::directory().'/'.$copy['name']);
            }
            $kept[(string) $of] = true;
        }
    }

    /** @return list<array{name: string, bytes: int, at: Carbon}> the newest first */
    public static function all(): array
    {
        $copies = array_map(static fn (string $path): array => ['name' => basename($path), 'bytes' => (int) filesize($path), 'at' => Carbon::createFromTimestamp((int) filemtime($path))], glob(self::directory().'/*.sqlite') ?: []);
        usort($copies, static fn (array $one, array $other): int => [$other['at'], $other['name']] <=> [$one['at'], $one['name']]);

        return $copies;
    }

    /** The path of a copy of this workroom by its name; null where there is none. */
    public static function named(string $name): ?string
    {
        return in_array($name, array_column(self::all(), 'name'), true) ? self::directory()."/$name" : null;
    }

    public static function taken(): void
    {
        Kept::keep(self::NAME, [...Kept::values(self::NAME), 'taken_at' => Carbon::now()->toDateTimeString()]);
    }

    /** Days since a copy was taken elsewhere, where it is time for another; null while it is not. */
    public static function overdue(): ?int
    {
        $taken = Kept::values(self::NAME)['taken_at'] ?? DB::table('formulas')->min('created_at');
        $days = is_string($taken) ? (int) Carbon::parse($taken)->diffInDays(Carbon::now()) : 0;

        return $days >= self::REMIND_DAYS ? $days : null;
    }
}
