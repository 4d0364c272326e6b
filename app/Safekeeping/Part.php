<?php

declare(strict_types=1);

namespace App\Safekeeping;

/** A list of rows that hang on a record. */
final readonly class Part
{
    /**
     * @param  string  $parent  column that names the row it hangs on
     * @param  array<string, string>  $columns  type by column, as in Kind
     * @param  string  $order  column its rows are written in the order of
     * @param  string  $undoes  column that names an entry of the same list where kind is "undo"; "" for none
     * @param  array<string, Part>  $parts  that hang on its rows
     */
    public function __construct(public string $table, public string $parent, public array $columns, public string $order, public string $undoes = '', public array $parts = [])
    {
    }

    /** @return array{required: list<string>, properties: array<string, mixed>} */
    public function schema(): array
    {
        $properties = array_map(self::typed(...), $this->columns);
        foreach ($this->parts as $name => $part) {
            $properties[$name] = ['type' => 'array', 'items' => ['type' => 'object', 'additionalProperties' => false, ...$part->schema()]];
        }

        return ['required' => array_keys($properties), 'properties' => $properties];
    }

    /** @return array<string, mixed> */
    private static function typed(string $type): array
    {
        $schema = match (rtrim($type, '?')) {
            'integer' => ['type' => 'integer'],
            'number' => ['type' => 'number'],
            'json' => ['type' => ['object', 'array']],
            'version' => ['type' => 'object', 'additionalProperties' => false, 'required' => ['formula', 'number'], 'properties' => ['formula' => ['type' => 'string'], 'number' => ['type' => 'integer']]],
            'bytes' => ['type' => 'string', 'contentEncoding' => 'base64'],
            default => ['type' => 'string'],
        };

        return str_ends_with($type, '?') ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
    }
}
