<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A mistake or question that was practised.
 *
 * @property string $key of the mistake, or kind of the judgement
 * @property list<array{key: string, seed: int, right: bool, at: string}> $answers oldest first; key is the page's, so
 *   that an answer sent twice counts once
 * @property Carbon $updated_at
 */
final class Practised extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'practised';

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $casts = ['answers' => 'array', 'updated_at' => 'datetime'];
}
