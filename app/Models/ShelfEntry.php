<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\ShelfEntryKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;

/**
 * What became of a finished batch. Only ever added.
 *
 * @property int $id
 * @property int $batch_id
 * @property ShelfEntryKind $kind
 * @property float|null $grams
 * @property string $subject for whom, why, where to, how the hair took it, or the entry undone
 * @property float|null $price all of it, in the maker's own money
 * @property string $note of the hair; who decided, of held, withdrawn and freed
 * @property string $container letter of the container it happened to; "" for what is in none
 * @property Storage|null $storage where a container was put
 * @property string|null $containers JSON: what was filled (see Containers), of split and thawed
 * @property string $client_key
 * @property Carbon $happened_at
 * @property Carbon $recorded_at
 */
final class ShelfEntry extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $casts = [
        'kind' => ShelfEntryKind::class,
        'storage' => Storage::class,
        'grams' => 'float',
        'price' => 'float',
        'batch_id' => 'integer',
        'happened_at' => 'datetime',
        'recorded_at' => 'datetime',
    ];
}
