<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture of a recipe as it was written. It is kept with what was read, and not read itself.
 *
 * @property int $id
 * @property string $uid
 * @property int|null $formula_id
 * @property int|null $jar_id neither: the note is still being read
 * @property string $type image/jpeg | image/png | image/webp
 * @property string $bytes
 */
final class NotePicture extends Model
{
    public $timestamps = false;

    protected $casts = ['formula_id' => 'integer', 'jar_id' => 'integer'];
}
