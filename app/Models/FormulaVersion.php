<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * A formula as it stood when it was kept. Never changes; the database refuses it too.
 *
 * @property int $id
 * @property int $formula_id
 * @property int $number
 * @property array<string, mixed> $document ilvane.formula/1
 * @property string $note
 * @property Carbon $created_at
 * @property-read Formula $formula
 * @property-read Collection<int, Batch> $batches
 */
final class FormulaVersion extends Model
{
    public const UPDATED_AT = null;

    protected $casts = ['document' => 'array', 'number' => 'integer', 'formula_id' => 'integer'];

    /** @return BelongsTo<Formula, $this> */
    public function formula(): BelongsTo
    {
        return $this->belongsTo(Formula::class);
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class)->orderByDesc('started_at');
    }
}
