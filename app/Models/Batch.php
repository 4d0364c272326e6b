<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\BatchStatus;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * One making of a version, from the first spoon boiled to the label.
 *
 * @property int $id
 * @property string $code
 * @property int $formula_version_id
 * @property array<string, mixed> $document what was planned, ilvane.formula/1
 * @property BatchStatus $status
 * @property string $at_step key of the step in hand
 * @property Carbon $started_at
 * @property Carbon|null $finished_at
 * @property Carbon|null $best_before
 * @property array<string, mixed>|null $outcome what was computed when it was finished; never computed again
 * @property array{reason: string, stops: list<array{code: string, said: array<string, string>}>}|null $despite what
 *   stood against making it, and why it was made anyway
 * @property float|null $grams_left of a finished one
 * @property string $stands where it stands, in the maker's words
 * @property Carbon|null $gone_at used up, given away or thrown away
 * @property-read FormulaVersion $version
 * @property-read Collection<int, BatchEntry> $entries
 * @property-read Collection<int, ShelfEntry> $shelfEntries
 * @property-read Collection<int, Observation> $observations
 */
final class Batch extends Model
{
    protected $casts = [
        'status' => BatchStatus::class,
        'document' => 'array', 'outcome' => 'array', 'despite' => 'array', 'formula_version_id' => 'integer',
        'started_at' => 'datetime',
        'finished_at' => 'datetime',
        'best_before' => 'date',
        'gone_at' => 'datetime',
        'grams_left' => 'float',
    ];

    public function getRouteKeyName(): string
    {
        return 'code';
    }

    /** @return BelongsTo<FormulaVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(FormulaVersion::class, 'formula_version_id');
    }

    /** @return HasMany<BatchEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(BatchEntry::class)->orderBy('id');
    }

    /** @return HasMany<ShelfEntry, $this> */
    public function shelfEntries(): HasMany
    {
        return $this->hasMany(ShelfEntry::class)->orderBy('id');
    }

    /** @return HasMany<Observation, $this> */
    public function observations(): HasMany
    {
        return $this->hasMany(Observation::class)->orderBy('id');
    }

    public function isMaking(): bool
    {
        return $this->status === BatchStatus::Making;
    }

    public function isFinished(): bool
    {
        return $this->status === BatchStatus::Finished;
    }

    /** Names this very batch in a browser's own store, whatever other workroom it may be looking at. */
    public function pendingKey(): string
    {
        return $this->code.'@'.$this->started_at->getTimestamp();
    }
}
