<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\SampleLook;
use App\Models\Enums\SamplePlace;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How one sample looked on one day. Only ever added; an undo is one too.
 *
 * @property int $id
 * @property int $batch_id
 * @property SamplePlace $place
 * @property SampleLook $look
 * @property int|null $undoes
 * @property float|null $ph measured then
 * @property string $note
 * @property string $client_key
 * @property Carbon $happened_at
 * @property Carbon $recorded_at
 */
final class Observation extends Model
{
    use AppendOnly;

    protected $table = 'observations';

    public $timestamps = false;

    protected $casts = [
        'place' => SamplePlace::class,
        'look' => SampleLook::class,
        'ph' => 'float',
        'happened_at' => 'datetime',
        'recorded_at' => 'datetime',
        'batch_id' => 'integer',
        'undoes' => 'integer',
    ];
}
