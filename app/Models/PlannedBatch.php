<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A formula that is to be made, and how much of it.
 *
 * @property int $id
 * @property int $formula_id
 * @property float $grams
 * @property-read Formula $formula
 */
final class PlannedBatch extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'planned_batches';

    protected $casts = ['grams' => 'float', 'formula_id' => 'integer'];

    /** @return BelongsTo<Formula, $this> */
    public function formula(): BelongsTo
    {
        return $this->belongsTo(Formula::class);
    }
}
