<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An ingredient the catalogue lacks, or figures of the maker's own sheet for one it has.
 *
 * @property string $key
 * @property bool $is_own lacking in the shipped catalogue
 * @property array<string, mixed> $fields as App\Ground\OwnRow reads them
 */
final class OwnIngredient extends Model
{
    public const CREATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $casts = ['fields' => 'array', 'is_own' => 'boolean'];

    /** "" where it was not told */
    public function word(string $field): string
    {
        return is_string($this->fields[$field] ?? null) ? $this->fields[$field] : '';
    }

    /** null where it was not told */
    public function figure(string $field): ?float
    {
        return is_numeric($this->fields[$field] ?? null) ? (float) $this->fields[$field] : null;
    }

    /** Whether the maker has answered this at all; an empty answer is one. */
    public function tells(string $field): bool
    {
        return array_key_exists($field, $this->fields);
    }

    /** @return list<string> */
    public function words(string $field): array
    {
        $told = $this->fields[$field] ?? [];

        return is_array($told) ? array_values(array_filter($told, is_string(...))) : [];
    }

    /** @return array<string, float> grams in a gram, by substance */
    public function contents(): array
    {
        $told = $this->fields['contents'] ?? [];
        $shares = [];
        foreach (is_array($told) ? $told : [] as $substance => $percent) {
            if (is_numeric($percent)) {
                $shares[(string) $substance] = (float) $percent / 100;
            }
        }

        return $shares;
    }
}
