<?php

declare(strict_types=1);

namespace App\Backups;

/**
 * One kind of record as the open files have it: which table, which columns, what hangs on it.
 *
 * Types of a column: text, moment (a date, with its time), code, step, integer, number, json, bytes (base64), version
 * (a formula's, {"formula": uid, "number": n}), jar, preparation
 * (their uid), entry (of the same list, by its client_key); with a question mark where it may be null.
 */
final readonly class RecordKind
{
    /** @var array<string, string> type by column */
    public array $columns;

    /**
     * @param  string  $key  of the record in its table: "uid", "key" or "name"
     * @param  array<string, string>  $columns  type by column
     * @param  array<string, RecordField>  $parts  by their place in the record
     * @param  array<string, null|list<never>>  $grown  what a record written before it was kept holds instead, by
     *   column or part
     */
    public function __construct(
        public string $name,
        public string $format,
        public string $table,
        public string $key,
        array $columns,
        public array $parts = [],
        public array $grown = [],
    ) {
        $this->columns = RecordField::known($columns);
    }

    /**
     * In the order they can be put in: what others refer to comes first.
     *
     * @return array<string, self> by folder
     */
    public static function all(): array
    {
        $entry = ['kind' => 'text', 'subject' => 'text', 'client_key' => 'text'];
        $times = ['created_at' => 'text', 'updated_at' => 'text'];

        $states = [
            'revision' => 'integer',
            'state' => 'json',
            'did' => 'text',
            'about' => 'text',
            'undo_to' => 'integer?',
            'redo_to' => 'integer?',
            'created_at' => 'text',
        ];
        $picture = ['uid' => 'text', 'type' => 'text', 'bytes' => 'bytes', 'created_at' => 'text'];

        return [
            'formulas' => new self('formula', 'ilvane.formula-record/1', 'formulas', 'uid', [
                'name' => 'text',
                'draft' => 'json',
                'revision' => 'integer',
                'trial_of' => 'version?',
                ...$times,
            ], [
                'versions' => new RecordField(
                    'formula_versions',
                    'formula_id',
                    ['number' => 'integer', 'document' => 'json', 'note' => 'text', 'created_at' => 'text'],
                    'number',
                ),
                'states' => new RecordField('draft_states', 'formula_id', $states, 'revision'),
                'to_make' => new RecordField(
                    'planned_batches',
                    'formula_id',
                    ['grams' => 'number', 'created_at' => 'text'],
                    'id',
                ),
                'pictures' => new RecordField('note_pictures', 'formula_id', $picture, 'id'),
                'projects' => new RecordField('projects', 'formula_id', [
                    'uid' => 'text',
                    'begin_at' => 'text',
                    'parts' => 'json',
                    'batch' => 'text?',
                    ...$times,
                ], 'id'),
            ], ['pictures' => [], 'projects' => []]),
            'jars' => new self('jar', 'ilvane.jar/1', 'jars', 'uid', [
                'code' => 'text?',
                'name' => 'text',
                'draft' => 'json',
                'revision' => 'integer',
                'plan' => 'json?',
                'status' => 'text',
                'started_at' => 'text?',
                'ended_at' => 'text?',
                'outcome' => 'json?',
                'shake_at' => 'text?',
                'ready_at' => 'text?',
                'strain_at' => 'text?',
                'too_strong_at' => 'text?',
                'alarm' => 'text',
                ...$times,
            ], [
                'entries' => new RecordField(
                    'jar_entries',
                    'jar_id',
                    [
                        ...$entry,
                        'value' => 'number?',
                        'note' => 'text',
                        'happened_at' => 'text',
                        'recorded_at' => 'text',
                    ],
                    'id',
                    'subject',
                ),
                'states' => new RecordField('draft_states', 'jar_id', $states, 'revision'),
                'pictures' => new RecordField('note_pictures', 'jar_id', $picture, 'id'),
            ], ['states' => [], 'pictures' => []]),
            'preparations' => new self(
                'preparation',
                'ilvane.preparation/1',
                'preparations',
                'uid',
                [
                    'method' => 'text',
                    'plan' => 'json',
                    'status' => 'text',
                    'made_at' => 'text?',
                    'grams' => 'number?',
                    ...$times,
                ],
            ),
            'lots' => new self('lot', 'ilvane.lot/1', 'lots', 'uid', [
                'code' => 'text',
                'kind' => 'text',
                'name' => 'text',
                'ingredient' => 'text?',
                'document' => 'json?',
                'material' => 'json?',
                'grams' => 'number',
                'grams_left' => 'number',
                'portion_grams' => 'number?',
                'strength' => 'number?',
                'price' => 'number?',
                'opened_at' => 'text?',
                'sealed_until' => 'text?',
                'supplier' => 'text',
                'made_at' => 'text',
                'good_until' => 'text?',
                'storage' => 'text',
                'first_storage' => 'text',
                'jar_id' => 'jar?',
                'preparation_id' => 'preparation?',
                'gone_at' => 'text?',
                'left_of' => 'text?',
                ...$times,
            ], ['entries' => new RecordField(
                'lot_entries',
                'lot_id',
                [
                    ...$entry,
                    'grams' => 'number?',
                    'minutes' => 'number?',
                    'note' => 'text',
                    'happened_at' => 'text',
                    'recorded_at' => 'text',
                ],
                'id',
                'subject',
                grown: ['minutes' => null],
            )], ['material' => null, 'left_of' => null]),
            'batches' => new self('batch', 'ilvane.batch/1', 'batches', 'uid', [
                'code' => 'text',
                'formula_version_id' => 'version',
                'document' => 'json',
                'status' => 'text',
                'at_step' => 'text',
                'started_at' => 'text',
                'finished_at' => 'text?',
                'best_before' => 'text?',
                'outcome' => 'json?',
                'grams_left' => 'number?', 'stands' => 'text', 'gone_at' => 'text?', 'despite' => 'json?', ...$times,
            ], [
                'entries' => new RecordField(
                    'batch_entries',
                    'batch_id',
                    [...$entry, 'step' => 'text', 'value' => 'number?', 'reason' => 'text', 'recorded_at' => 'text'],
                    'id',
                ),
                'shelf' => new RecordField(
                    'shelf_entries',
                    'batch_id',
                    [
                        ...$entry,
                        'grams' => 'number?',
                        'price' => 'number?',
                        'note' => 'text',
                        'container' => 'text',
                        'storage' => 'text?',
                        'containers' => 'json?',
                        'happened_at' => 'text',
                        'recorded_at' => 'text',
                    ],
                    'id',
                    'subject',
                    grown: ['container' => '', 'storage' => null, 'containers' => null],
                ),
                'watch' => new RecordField(
                    'stability_tests',
                    'batch_id',
                    ['begun_at' => 'text', 'look_at' => 'text?'],
                    'batch_id',
                ),
                'sightings' => new RecordField('observations', 'batch_id', [
                    'place' => 'text',
                    'look' => 'text',
                    'undoes' => 'entry?',
                    'ph' => 'number?',
                    'note' => 'text',
                    'client_key' => 'text',
                    'happened_at' => 'text',
                    'recorded_at' => 'text',
                ], 'id', parts: [
                    'photos' => new RecordField(
                        'photos',
                        'observation_id',
                        ['type' => 'text', 'bytes' => 'bytes'],
                        'id',
                    ),
                ]),
            ], ['despite' => null]),
            'ingredients' => new self(
                'own ingredient',
                'ilvane.own-ingredient/1',
                'own_ingredients',
                'key',
                ['is_own' => 'integer', 'fields' => 'json', 'updated_at' => 'text'],
            ),
            'practice' => new self(
                'practice',
                'ilvane.practice/1',
                'practised',
                'key',
                ['answers' => 'json', 'updated_at' => 'text'],
            ),
            'settings' => new self(
                'setting',
                'ilvane.setting/1',
                'settings',
                'name',
                ['value' => 'json', 'updated_at' => 'text'],
            ),
        ];
    }

    /**
     * JSON Schema of its files, draft 2020-12.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $part = new RecordField($this->table, '', $this->columns, 'id', parts: $this->parts);
        $schema = $part->schema();

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => $this->format,
            'type' => 'object',
            'additionalProperties' => false,
            'required' => [
                'format',
                $this->key,
                ...array_values(array_diff($schema['required'], array_keys($this->grown))),
            ],
            'properties' => [
                'format' => ['const' => $this->format],
                $this->key => [
                    'type' => 'string',
                    ...($this->key === 'uid' ? ['pattern' => '^[0-9a-f]{32}$'] : ['minLength' => 1, 'maxLength' => 80]),
                ],
                ...$schema['properties'],
            ],
        ];
    }
}
