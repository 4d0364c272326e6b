<?php

declare(strict_types=1);

namespace App\Backups;

/** A list of rows that hang on a record. */
final readonly class RecordField
{
    /** @var array<string, string> type by column, as in RecordKind */
    public array $columns;

    /** What a moment, a code, a step has to look like. */
    public const LOOKS = [
        'moment' => '^[12]\\d{3}-\\d\\d-\\d\\d([ T]\\d\\d:\\d\\d(:\\d\\d)?)?$',
        'code' => '^[A-Z]?\\d{6}-[A-Z]{1,4}$',
        'step' => '^[a-z][a-z_]*(\\.[a-z0-9_]+)*$',
    ];

    /** Larger than any amount, price, pH or count of a workroom. */
    public const LARGEST = 1_000_000_000;

    /**
     * @param  string  $parent  column that names the row it hangs on
     * @param  array<string, string>  $columns  type by column, as in Kind
     * @param  string  $order  column its rows are written in the order of
     * @param  string  $undoes  column that names an entry of the same list where kind is "undo"; "" for none
     * @param  array<string, RecordField>  $parts  that hang on its rows
     * @param  array<string, string|null>  $grown  what a row written before a column was kept holds instead, by column
     */
    public function __construct(
        public string $table,
        public string $parent,
        array $columns,
        public string $order,
        public string $undoes = '',
        public array $parts = [],
        public array $grown = [],
    ) {
        $this->columns = self::known($columns);
    }

    /**
     * Moments, codes and steps are known by the names of their columns.
     *
     * @param  array<string, string>  $columns
     * @return array<string, string>
     */
    public static function known(array $columns): array
    {
        foreach ($columns as $name => $type) {
            $is = match (true) {
                preg_match('/(_at|_until)$|^best_before$/', $name) === 1 => 'moment',
                $name === 'code' => 'code',
                $name === 'step' || $name === 'at_step' => 'step',
                default => 'text',
            };
            $columns[$name] = str_starts_with($type, 'text') ? $is.substr($type, 4) : $type;
        }

        return $columns;
    }

    /** @return array{required: list<string>, properties: array<string, mixed>} */
    public function schema(): array
    {
        $properties = array_map(self::typed(...), $this->columns);
        foreach ($this->parts as $name => $part) {
            $properties[$name] = [
                'type' => 'array',
                'items' => ['type' => 'object', 'additionalProperties' => false, ...$part->schema()],
            ];
        }

        return [
            'required' => array_values(array_diff(array_keys($properties), array_keys($this->grown))),
            'properties' => $properties,
        ];
    }

    /** @return array<string, mixed> */
    private static function typed(string $type): array
    {
        $schema = match (rtrim($type, '?')) {
            'integer' => ['type' => 'integer', 'minimum' => -self::LARGEST, 'maximum' => self::LARGEST],
            'number' => ['type' => 'number', 'minimum' => -self::LARGEST, 'maximum' => self::LARGEST],
            'moment', 'code', 'step' => ['type' => 'string', 'pattern' => self::LOOKS[rtrim($type, '?')]],
            'json' => ['type' => ['object', 'array']],
            'version' => [
                'type' => 'object',
                'additionalProperties' => false,
                'required' => ['formula', 'number'],
                'properties' => ['formula' => ['type' => 'string'], 'number' => ['type' => 'integer']],
            ],
            'bytes' => ['type' => 'string', 'contentEncoding' => 'base64'],
            default => ['type' => 'string'],
        };

        return str_ends_with($type, '?') ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
    }
}
