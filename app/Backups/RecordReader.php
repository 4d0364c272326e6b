<?php

declare(strict_types=1);

namespace App\Backups;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use JsonException;
use stdClass;

/**
 * Reads one record file strictly: its format, every key, every type; formulas and plans inside it by their own rules.
 */
final class RecordReader
{
    private const DEPTH = 64;

    private const LONGEST_TEXT = 100_000;

    private const LONGEST_NAME = 40;

    /** @throws RecordRefused */
    public static function read(RecordKind $kind, string $json, string $file): stdClass
    {
        try {
            $record = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw RecordRefused::notJson($file, '');
        }
        if (! $record instanceof stdClass || ($record->format ?? null) !== $kind->format) {
            throw RecordRefused::otherFormat($file, '/format', $kind->format);
        }
        $key = $record->{$kind->key} ?? null;
        if (
            ! is_string($key)
            || preg_match($kind->key === 'uid' ? '/^[0-9a-f]{32}$/' : '/^[\w-]{1,80}$/', $key) !== 1
        ) {
            throw RecordRefused::noName($file, "/$kind->key");
        }
        foreach ($kind->grown as $name => $before) {
            $record->$name ??= $before;
        }
        self::row($record, ['format' => 'text', $kind->key => 'text', ...$kind->columns], $kind->parts, $file, '');
        self::inside($record, $file);

        return $record;
    }

    /**
     * @param  array<string, string>  $columns
     * @param  array<string, RecordField>  $parts
     *
     * @throws RecordRefused
     */
    private static function row(stdClass $row, array $columns, array $parts, string $file, string $path): void
    {
        foreach (array_keys(get_object_vars($row)) as $key) {
            if (! isset($columns[$key]) && ! isset($parts[$key])) {
                throw RecordRefused::unknownKey($file, "$path/$key");
            }
        }
        foreach ($columns as $column => $type) {
            if (! property_exists($row, $column)) {
                throw RecordRefused::missing($file, "$path/$column");
            }
            self::value($row->$column, $type, $file, "$path/$column");
        }
        foreach ($parts as $name => $part) {
            $rows = $row->$name ?? throw RecordRefused::missing($file, "$path/$name");
            if (! is_array($rows)) {
                throw RecordRefused::noList($file, "$path/$name");
            }
            foreach ($rows as $i => $child) {
                if (! $child instanceof stdClass) {
                    throw RecordRefused::noObject($file, "$path/$name/$i");
                }
                foreach ($part->grown as $column => $before) {
                    property_exists($child, $column) || $child->$column = $before;
                }
                self::row($child, $part->columns, $part->parts, $file, "$path/$name/$i");
            }
        }
    }

    /** @throws RecordRefused */
    private static function value(mixed $value, string $type, string $file, string $path): void
    {
        if ($value === null && str_ends_with($type, '?')) {
            return;
        }
        $isGood = match (rtrim($type, '?')) {
            'integer' => is_int($value) && abs($value) <= RecordField::LARGEST,
            'number' => (is_int($value) || is_float($value)) && abs($value) <= RecordField::LARGEST,
            'moment' => is_string($value)
                && self::looks($value, 'moment')
                && checkdate((int) substr($value, 5, 2), (int) substr($value, 8, 2), (int) substr($value, 0, 4))
                && strtotime($value) !== false,
            'code',
            'step' => is_string($value)
                && strlen($value) <= self::LONGEST_NAME
                && self::looks($value, rtrim($type, '?')),
            'json' => $value instanceof stdClass || is_array($value),
            'version' => $value instanceof stdClass
                && is_string($value->formula ?? null)
                && is_int($value->number ?? null),
            'bytes' => is_string($value) && base64_decode($value, true) !== false,
            default => is_string($value) && mb_check_encoding($value, 'UTF-8') && strlen($value) <= self::LONGEST_TEXT,
        };
        $isGood ?: throw RecordRefused::wrongType($file, $path, say('backups.types.'.rtrim($type, '?')));
    }

    private static function looks(string $value, string $type): bool
    {
        return preg_match('/'.RecordField::LOOKS[$type].'/D', $value) === 1;
    }

    /** @throws RecordRefused */
    private static function inside(stdClass $record, string $file): void
    {
        $checked = static function (mixed $document, string $path, callable $read) use ($file): void {
            try {
                $read(json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION), true));
            } catch (DocumentRefused $refused) {
                throw RecordRefused::document(
                    $file,
                    $path.$refused->path,
                    say('errors.document.'.$refused->reason, $refused->parameters),
                );
            }
        };
        foreach (is_array($record->versions ?? null) ? $record->versions : [] as $i => $version) {
            $checked($version->document, "/versions/$i/document", FormulaDocument::read(...));
        }
        if (($record->document ?? null) !== null) {
            $checked($record->document, '/document', FormulaDocument::read(...));
        }
        if ($record->format === 'ilvane.jar/1' && $record->plan !== null) {
            $checked($record->plan, '/plan', InfusionPlanDocument::read(...));
        }
    }
}
