<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\LotEntryKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that happened to a lot. Only ever added; an undo is an entry too.
 *
 * @property int $id
 * @property int $lot_id
 * @property LotEntryKind $kind
 * @property float|null $grams taken, or left where it was counted
 * @property string $subject code of the batch, jar or preparation it went into, reason, storage, how it felt on the
 *   skin, or the entry undone
 * @property float|null $minutes a hot oil was left on the skin
 * @property string $note
 * @property string $client_key
 * @property Carbon $happened_at
 * @property Carbon $recorded_at
 */
final class LotEntry extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $casts = [
        'kind' => LotEntryKind::class,
        'grams' => 'float',
        'minutes' => 'float',
        'happened_at' => 'datetime',
        'recorded_at' => 'datetime',
        'lot_id' => 'integer',
    ];

    /** Written by a make when it was finished; only that could take it back. */
    public function isOfBatch(): bool
    {
        return $this->kind === LotEntryKind::Used && str_starts_with($this->client_key, 'batch-');
    }
}
