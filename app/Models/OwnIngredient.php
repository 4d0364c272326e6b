<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An ingredient the catalogue lacks, or figures of the maker's own sheet for one it has.
 *
 * @property string $key
 * @property bool $is_own lacking in the shipped catalogue
 * @property array<string, mixed> $fields as App\Workroom\OwnCatalogue reads them
 */
final class OwnIngredient extends Model
{
    public const CREATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $casts = ['fields' => 'array', 'is_own' => 'boolean'];
}
