<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Support\Carbon;
use RuntimeException;
use stdClass;
use ZipArchive;

/** The whole workroom as open files: a directory, or the same as one ZIP. */
final class WorkroomArchive
{
    public const FORMAT = 'ilvane.workroom/1';

    private const HEAD = 'workroom.json';

    /** Bytes of one file, and of all of them unpacked. */
    private const LARGEST_FILE = 32_000_000;

    private const LARGEST = 1_000_000_000;

    private const MOST_FILES = 500_000;

    /** @return iterable<string, string> contents by file name */
    public static function files(): iterable
    {
        $counts = [];
        $writer = new RecordWriter;
        foreach (RecordKind::all() as $folder => $kind) {
            $counts[$folder] = 0;
            foreach ($writer->all($kind) as $key => $record) {
                $counts[$folder]++;
                yield "$folder/$key.json" => RecordWriter::json($record);
            }
        }
        yield self::HEAD => RecordWriter::json([
            'format' => self::FORMAT,
            'written_at' => Carbon::now()->toIso8601String(),
            'records' => $counts,
        ]);
    }

    /** @throws RecordRefused when the directory holds something already */
    public static function toDirectory(string $directory): int
    {
        if (is_dir($directory) && count((array) scandir($directory)) > 2) {
            throw RecordRefused::notEmpty($directory, '');
        }
        $count = 0;
        foreach (self::files() as $name => $json) {
            $path = "$directory/$name";
            is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
            file_put_contents($path, $json) === strlen($json) ?: throw RecordRefused::cantWrite($name, '');
            $count++;
        }

        return $count;
    }

    public static function zip(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ilvane');
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::OVERWRITE) === true ?: throw new RuntimeException('The packet can’t be written.');
        foreach (self::files() as $name => $json) {
            $zip->addFromString($name, $json);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    /**
     * @return array<string, list<array{string, stdClass}>> file name and record, by folder
     *
     * @throws RecordRefused
     */
    public static function read(string $path): array
    {
        $contents = is_dir($path) ? self::inDirectory($path) : self::inZip($path);
        $kinds = RecordKind::all();
        $records = array_fill_keys(array_keys($kinds), []);
        $head = null;
        foreach ($contents as $name => $json) {
            if ($name === self::HEAD) {
                $head = json_decode($json);
            } elseif (preg_match('#^([a-z]+)/[\w-]{1,80}\.json$#', $name, $part) === 1 && isset($kinds[$part[1]])) {
                $records[$part[1]][] = [$name, RecordReader::read($kinds[$part[1]], $json, $name)];
            } else {
                throw RecordRefused::unknownFile($name, '');
            }
        }
        if (! $head instanceof stdClass || ($head->format ?? null) !== self::FORMAT) {
            throw RecordRefused::otherFormat(self::HEAD, '/format', self::FORMAT);
        }
        foreach (get_object_vars($head->records ?? new stdClass) as $folder => $count) {
            if (count($records[$folder] ?? []) !== $count) {
                throw RecordRefused::incomplete(
                    self::HEAD,
                    "/records/$folder",
                    is_int($count) ? (string) $count : '?',
                    (string) count($records[$folder] ?? []),
                );
            }
        }

        return $records;
    }

    /** @return iterable<string, string> */
    private static function inDirectory(string $directory): iterable
    {
        $sum = 0;
        foreach ([self::HEAD, ...array_keys(RecordKind::all())] as $part) {
            $files = is_dir("$directory/$part")
                ? array_map(
                    static fn (string $name): string => "$part/$name",
                    array_values(array_diff(
                        array_filter((array) scandir("$directory/$part"), is_string(...)),
                        ['.', '..'],
                    )),
                )
                : [$part];
            foreach ($files as $name) {
                if (! is_file("$directory/$name")) {
                    continue;
                }
                $size = (int) filesize("$directory/$name");
                $sum += $size;
                $size <= self::LARGEST_FILE && $sum <= self::LARGEST ?: throw RecordRefused::tooLarge($name, '');
                yield $name => (string) file_get_contents("$directory/$name");
            }
        }
    }

    /** @return iterable<string, string> */
    private static function inZip(string $file): iterable
    {
        $zip = new ZipArchive;
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY) !== true) {
            throw RecordRefused::noPacket(basename($file), '');
        }
        $zip->numFiles <= self::MOST_FILES ?: throw RecordRefused::tooLarge(basename($file), '');
        $sum = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $told = $zip->statIndex($i) ?: throw RecordRefused::noPacket(basename($file), '');
            if (str_ends_with($told['name'], '/')) {
                continue;
            }
            $sum += $told['size'];
            $told['size'] <= self::LARGEST_FILE
                && $sum <= self::LARGEST ?: throw RecordRefused::tooLarge($told['name'], '');
            $json = $zip->getFromIndex($i);
            yield $told['name'] => $json === false ? throw RecordRefused::noPacket($told['name'], '') : $json;
        }
        $zip->close();
    }
}
