<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Takes records in. What is here already and the same is left; what is here and differs is asked about, never doubled
 * and never
 * overwritten in silence. All of it goes in, or nothing.
 */
final class WorkroomImport
{
    public const KEEP = 'keep';

    public const TAKE = 'take';

    private RecordWriter $writer;

    public function __construct(private readonly ImportProof $proof)
    {
        $this->writer = new RecordWriter;
    }

    /**
     * @param  array<string, list<array{string, stdClass}>>  $records  file name and record, by folder
     * @return array{new: int, same: int, differ: list<array{folder: string, key: string, name: string, why: string}>}
     *   why: changed | code
     */
    public function compare(array $records): array
    {
        $this->writer = new RecordWriter;
        $compared = ['new' => 0, 'same' => 0, 'differ' => []];
        foreach (RecordKind::all() as $folder => $kind) {
            foreach ($records[$folder] ?? [] as [, $record]) {
                $why = $this->differs($kind, $record);
                match ($why) {
                    null => $compared['same']++,
                    'new' => $compared['new']++,
                    default => $compared['differ'][] = [
                        'folder' => $folder,
                        'key' => self::text($record->{$kind->key}),
                        'name' => self::nameOf($record, $kind),
                        'why' => $why,
                    ],
                };
            }
        }

        return $compared;
    }

    /**
     * @param  array<string, list<array{string, stdClass}>>  $records
     * @param  callable(string, string): string  $choose  KEEP or TAKE for a record that differs, by folder and key
     * @return array{new: int, same: int, kept: int, taken: int}
     *
     * @throws RecordRefused when a record breaks a rule of the workroom; nothing is changed then
     */
    public function take(array $records, callable $choose): array
    {
        $this->writer = new RecordWriter;
        $done = ['new' => 0, 'same' => 0, 'kept' => 0, 'taken' => 0];
        // rows that others refer to are put in anew under their old number, so the references are checked at the end
        DB::statement('PRAGMA foreign_keys = OFF');
        try {
            DB::transaction(function () use ($records, $choose, &$done): void {
                $later = $taken = [];
                foreach (RecordKind::all() as $folder => $kind) {
                    foreach ($records[$folder] ?? [] as [$file, $record]) {
                        $why = $this->differs($kind, $record);
                        $takes = $why === 'new'
                            || ($why === 'changed' && $choose(
                                $folder,
                                self::text($record->{$kind->key}),
                            ) === self::TAKE);
                        $done[$why === null ? 'same' : ($why === 'new' ? 'new' : ($takes ? 'taken' : 'kept'))]++;
                        if ($takes) {
                            $later = [...$later, ...$this->put($kind, $record, $file)];
                            $key = self::text($record->{$kind->key});
                            $taken[] = [
                                $kind,
                                $kind->key === 'uid'
                                    ? self::text(DB::table($kind->table)->where('uid', $key)->value('id'))
                                    : $key,
                                $file,
                            ];
                        }
                    }
                }
                foreach ($later as [$id, $version, $file]) {
                    DB::table('formulas')
                        ->where('id', $id)
                        ->update(['trial_of' => $this->versionId($version, $file, '/trial_of')]);
                }
                if (DB::select('PRAGMA foreign_key_check') !== []) {
                    throw RecordRefused::torn('', '');
                }
                $this->proof->of($taken);
            });
        } finally {
            DB::statement('PRAGMA foreign_keys = ON');
        }

        return $done;
    }

    /** null where it is here and the same; "new", "changed", or "code" where another record has its code. */
    private function differs(RecordKind $kind, stdClass $record): ?string
    {
        $here = $this->writer->one($kind, self::text($record->{$kind->key}));
        if ($here !== null) {
            return RecordWriter::json($here) === RecordWriter::json(self::ordered($record, $here)) ? null : 'changed';
        }
        $code = self::text($record->code ?? '');

        return $code !== '' && DB::table($kind->table)->where('code', $code)->exists() ? 'code' : 'new';
    }

    /**
     * @return list<array{int, stdClass, string}> trials, whose version may come later: formula, version, file
     *
     * @throws RecordRefused
     */
    private function put(RecordKind $kind, stdClass $record, string $file): array
    {
        $later = [];
        try {
            $row = [$kind->key => $record->{$kind->key}];
            foreach ($kind->columns as $column => $type) {
                $row[$column] = $kind->name === 'formula' && $column === 'trial_of'
                    ? null
                    : $this->column($record->$column, $type, $file, "/$column");
            }
            $old = $kind->key === 'uid' ? DB::table($kind->table)->where('uid', $record->uid)->value('id') : null;
            $versions = is_numeric($old) && $kind->name === 'formula'
                ? DB::table('formula_versions')->where('formula_id', $old)->pluck('id', 'number')->all()
                : [];
            if (is_numeric($old)) {
                $this->clear($kind->parts, (int) $old);
                DB::table($kind->table)->where('id', $old)->delete();
                $row['id'] = (int) $old;
            } elseif ($kind->key !== 'uid') {
                DB::table($kind->table)->where($kind->key, $record->{$kind->key})->delete();
            }
            DB::table($kind->table)->insert($row);
            $id = $kind->key === 'uid' ? (int) (is_numeric($old) ? $old : DB::getPdo()->lastInsertId()) : 0;
            $this->parts($kind->parts, $record, $id, $file, '', $versions);
            if ($kind->name === 'formula' && $record->trial_of instanceof stdClass) {
                $later[] = [$id, $record->trial_of, $file];
            }
        } catch (QueryException $broken) {
            throw RecordRefused::rule($file, '', preg_match(
                '/constraint failed: ([^(]*)/',
                $broken->getMessage(),
                $rule,
            ) === 1 ? trim($rule[1]) : '?');
        }

        return $later;
    }

    /** @param  array<string, RecordField>  $parts */
    private function clear(array $parts, int $parent): void
    {
        foreach (array_reverse($parts) as $part) {
            foreach ($part->parts === [] ? [] : DB::table($part->table)->where(
                $part->parent,
                $parent,
            )->pluck('id')->all() as $id) {
                $this->clear($part->parts, is_numeric($id) ? (int) $id : 0);
            }
            DB::table($part->table)->where($part->parent, $parent)->delete();
        }
    }

    /**
     * @param  array<string, RecordField>  $parts
     * @param  array<mixed>  $versions  numbers kept by the versions of a formula that is replaced
     *
     * @throws RecordRefused
     */
    private function parts(
        array $parts,
        stdClass $record,
        int $parent,
        string $file,
        string $path,
        array $versions = [],
    ): void {
        foreach ($parts as $name => $part) {
            $ids = [];
            foreach (is_array($record->$name) ? $record->$name : [] as $i => $child) {
                if (! $child instanceof stdClass) {
                    continue;
                }
                $at = "$path/$name/$i";
                $row = [$part->parent => $parent];
                foreach ($part->columns as $column => $type) {
                    $row[$column] = match (true) {
                        rtrim($type, '?') === 'entry' => $child->$column === null
                            ? null
                            : (
                                $ids[self::text($child->$column)]
                                    ?? throw RecordRefused::noSuchEntry($file, "$at/$column")
                            ),
                        $part->undoes === $column
                            && ($child->kind ?? '') === 'undo' => (string) (
                                $ids[self::text($child->$column)] ?? self::text($child->$column)
                            ),
                        default => $this->column($child->$column, $type, $file, "$at/$column"),
                    };
                }
                if ($name === 'versions' && is_int($child->number ?? null) && isset($versions[$child->number])) {
                    $row['id'] = $versions[$child->number];
                }
                $this->insert($part, $row);
                $id = (int) DB::getPdo()->lastInsertId();
                $ids[self::text($child->client_key ?? '')] = $id;
                $this->parts($part->parts, $child, $id, $file, $at);
            }
        }
    }

    /** @param  array<string, mixed>  $row */
    private function insert(RecordField $part, array $row): void
    {
        $places = implode(', ', array_map(
            static fn (string $column): string => ($part->columns[$column] ?? '') === 'bytes' ? 'CAST(? AS BLOB)' : '?',
            array_keys($row),
        ));
        DB::insert(
            "INSERT INTO $part->table (".implode(', ', array_keys($row)).") VALUES ($places)",
            array_values($row),
        );
    }

    /** @throws RecordRefused */
    private function column(mixed $value, string $type, string $file, string $path): mixed
    {
        return $value === null ? null : match (rtrim($type, '?')) {
            'json' => json_encode(
                $value,
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
            ),
            'bytes' => base64_decode(self::text($value), true),
            'version' => $value instanceof stdClass ? $this->versionId($value, $file, $path) : null,
            'jar',
            'preparation' => DB::table(rtrim($type, '?').'s')
                ->where('uid', $value)
                ->value('id') ?? throw RecordRefused::notWithIt($file, $path),
            'number' => is_numeric($value) ? (float) $value : null,
            default => $value,
        };
    }

    /** @throws RecordRefused */
    private function versionId(stdClass $version, string $file, string $path): mixed
    {
        return DB::table('formula_versions')
            ->join('formulas', 'formulas.id', '=', 'formula_versions.formula_id')
            ->where('formulas.uid', $version->formula)
            ->where('number', $version->number)
            ->value('formula_versions.id') ?? throw RecordRefused::notWithIt($file, $path);
    }

    /**
     * The keys of a record in the order this workroom writes them: order says nothing.
     *
     * @param  array<string, mixed>  $like
     * @return array<string, mixed>
     */
    private static function ordered(stdClass $record, array $like): array
    {
        $ordered = [];
        foreach ($like as $key => $value) {
            $its = $record->$key ?? null;
            $ordered[$key] = match (true) {
                is_array($value)
                    && is_array($its) => array_map(
                        static fn (mixed $row, int $i): mixed => $row instanceof stdClass
                            && is_array($value[$i] ?? null)
                            ? self::ordered($row, $value[$i])
                            : $row,
                        $its,
                        array_keys($its),
                    ),
                is_float($value) && is_int($its) => (float) $its,
                default => $its,
            };
        }

        return $ordered;
    }

    private static function nameOf(stdClass $record, RecordKind $kind): string
    {
        $name = self::text($record->name ?? '') ?: self::text($record->{$kind->key});

        return is_string($record->code ?? null) ? trim("$name ($record->code)") : $name;
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
