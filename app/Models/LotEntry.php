<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that happened to a lot. Only ever added; an undo is an entry too.
 *
 * @property int $id
 * @property int $lot_id
 * @property string $kind used | discarded | moved | undo
 * @property float|null $grams
 * @property string $subject batch code, reason, storage, or the entry undone
 * @property string $note
 * @property string $client_key
 * @property Carbon $happened_at
 * @property Carbon $recorded_at
 */
final class LotEntry extends Model
{
    use WrittenOnce;

    public $timestamps = false;

    protected $casts = ['grams' => 'float', 'happened_at' => 'datetime', 'recorded_at' => 'datetime', 'lot_id' => 'integer'];
}
