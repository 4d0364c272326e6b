<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Samples of a batch set aside to be looked at.
 *
 * @property int $batch_id
 * @property Carbon $begun_at
 * @property Carbon|null $look_at the next look; null when all are done
 * @property-read Batch $batch
 * @property-read Collection<int, Observation> $observations in the order they happened
 */
final class StabilityTest extends Model
{
    protected $table = 'stability_tests';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'batch_id';

    protected $casts = ['begun_at' => 'datetime', 'look_at' => 'datetime', 'batch_id' => 'integer'];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return HasMany<Observation, $this> */
    public function observations(): HasMany
    {
        return $this->hasMany(Observation::class, 'batch_id', 'batch_id')->orderBy('happened_at')->orderBy('id');
    }
}
