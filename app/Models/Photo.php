<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture beside a look at a sample. Kept in the workroom's own file, so that a copy of that file holds everything.
 *
 * @property int $id
 * @property int $observation_id
 * @property string $type image/jpeg | image/png | image/webp
 * @property string $bytes
 */
final class Photo extends Model
{
    public $timestamps = false;

    protected $casts = ['observation_id' => 'integer'];
}
