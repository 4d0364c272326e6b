<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Support\Facades\DB;
use stdClass;

/** Writes records as open files have them, everything in them, nothing computed. */
final class RecordWriter
{
    /** What is of this machine alone, or a secret. */
    private const NOT_SETTINGS = ['access', 'calendar', 'safekeeping'];

    private const FLAGS =
        JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
            | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** @var array<string, array<int, mixed>> */
    private array $named = [];

    /** @return iterable<string, array<string, mixed>> records by their key, in the order they came to be */
    public function all(RecordKind $kind): iterable
    {
        $order = $kind->key === 'uid' ? 'id' : $kind->key;
        foreach (DB::table($kind->table)->orderBy($order)->cursor() as $row) {
            $row = (array) $row;
            if ($kind->table !== 'settings' || ! in_array($row['name'], self::NOT_SETTINGS, true)) {
                yield self::word($row[$kind->key] ?? '') => $this->record($kind, $row);
            }
        }
    }

    /** @return array<string, mixed>|null */
    public function one(RecordKind $kind, string $key): ?array
    {
        $row = DB::table($kind->table)->where($kind->key, $key)->first();

        return $row === null ? null : $this->record($kind, (array) $row);
    }

    /** @param  array<string, mixed>  $record */
    public static function json(array $record): string
    {
        $precision = ini_set('serialize_precision', '-1');
        $json = json_encode($record, self::FLAGS);
        ini_set('serialize_precision', (string) $precision);

        return "$json\n";
    }

    /**
     * @param  array<mixed>  $row
     * @return array<string, mixed>
     */
    private function record(RecordKind $kind, array $row): array
    {
        return [
            'format' => $kind->format,
            $kind->key => $row[$kind->key],
            ...$this->columns($kind->columns, $row),
            ...$this->parts($kind->parts, $kind->key === 'uid' ? (int) self::word($row['id'] ?? 0) : 0),
        ];
    }

    /**
     * @param  array<string, RecordField>  $parts
     * @return array<string, list<array<string, mixed>>>
     */
    private function parts(array $parts, int $parent): array
    {
        $written = [];
        foreach ($parts as $name => $part) {
            $rows = array_values(array_map(
                static fn (object $row): array => (array) $row,
                DB::table($part->table)->where($part->parent, $parent)->orderBy($part->order)->get()->all(),
            ));
            $keys = array_column($rows, 'client_key', 'id');
            $written[$name] = array_map(function (array $row) use ($part, $keys): array {
                if ($part->undoes !== '' && ($row['kind'] ?? '') === 'undo') {
                    $row[$part->undoes] = $keys[(int) self::word($row[$part->undoes] ?? '')] ?? $row[$part->undoes];
                }

                return [
                    ...$this->columns($part->columns, $row, $keys),
                    ...$this->parts($part->parts, (int) self::word($row['id'] ?? 0)),
                ];
            }, $rows);
        }

        return $written;
    }

    /**
     * @param  array<string, string>  $columns
     * @param  array<mixed>  $row
     * @param  array<mixed>  $keys  client keys by id, of the same list
     * @return array<string, mixed>
     */
    private function columns(array $columns, array $row, array $keys = []): array
    {
        $written = [];
        foreach ($columns as $column => $type) {
            $value = $row[$column] ?? null;
            $written[$column] = $value === null ? null : match (rtrim($type, '?')) {
                'integer' => (int) self::word($value),
                'number' => (float) self::word($value),
                'json' => json_decode(self::word($value), false, 512, JSON_THROW_ON_ERROR),
                'bytes' => base64_encode(self::word($value)),
                'version' => $this->version((int) self::word($value)),
                'jar' => $this->uid('jars', (int) self::word($value)),
                'preparation' => $this->uid('preparations', (int) self::word($value)),
                'entry' => $keys[(int) self::word($value)] ?? null,
                default => self::word($value),
            };
        }

        return $written;
    }

    private function uid(string $table, int $id): mixed
    {
        return $this->named[$table][$id] ??= DB::table($table)->where('id', $id)->value('uid');
    }

    private function version(int $id): stdClass
    {
        $version = $this->named['versions'][$id] ??= DB::table('formula_versions')
            ->join('formulas', 'formulas.id', '=', 'formula_versions.formula_id')
            ->where('formula_versions.id', $id)
            ->first(['formulas.uid AS formula', 'formula_versions.number AS number']);

        return $version instanceof stdClass ? $version : new stdClass;
    }

    private static function word(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
