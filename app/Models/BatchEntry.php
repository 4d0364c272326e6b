<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\BatchEntryKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that happened in a make. Only ever added; a correction is a newer entry, the old value stays.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $step
 * @property BatchEntryKind $kind
 * @property string $subject line position, "water", "oil", "before", "after", what a finger found, a lot's code, or ""
 * @property float|null $value g, °C or pH by kind
 * @property string $reason
 * @property string $client_key sent by the page; the same key is recorded once
 * @property Carbon $recorded_at
 */
final class BatchEntry extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $casts = [
        'kind' => BatchEntryKind::class, 'value' => 'float', 'recorded_at' => 'datetime', 'batch_id' => 'integer'];
}
