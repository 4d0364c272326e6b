<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\JarStatus;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * An infusion: first a plan as typed, then a jar that stands, then what came of it.
 *
 * @property int $id
 * @property string|null $code given when it is filled
 * @property string $name
 * @property array<string, mixed> $draft the plan as typed
 * @property int $revision raised by every save of the draft
 * @property array<string, mixed>|null $plan ilvane.infusion-plan/1, as it was filled; never changes
 * @property JarStatus $status
 * @property Carbon|null $started_at
 * @property Carbon|null $ended_at
 * @property array<string, mixed>|null $outcome what was worked out when it was strained; never computed again
 * @property Carbon|null $shake_at when the next shake is due; like the next four worked out anew with every entry, for
 *   quick lists
 * @property Carbon|null $ready_at
 * @property Carbon|null $strain_at
 * @property Carbon|null $too_strong_at
 * @property string $alarm what was last seen, where it says to throw it away
 * @property-read Collection<int, JarEntry> $entries
 * @property-read Collection<int, Lot> $lots
 */
final class Jar extends Model
{
    protected $casts = [
        'status' => JarStatus::class,
        'draft' => 'array', 'revision' => 'integer', 'plan' => 'array', 'outcome' => 'array',
        'started_at' => 'datetime',
        'ended_at' => 'datetime',
        'shake_at' => 'datetime',
        'ready_at' => 'datetime',
        'strain_at' => 'datetime',
        'too_strong_at' => 'datetime',
    ];

    /** @return HasMany<JarEntry, $this> in the order they were written down */
    public function entries(): HasMany
    {
        return $this->hasMany(JarEntry::class)->orderBy('id');
    }

    /** @return HasMany<Lot, $this> */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class)->orderBy('id');
    }

    public function isPlanned(): bool
    {
        return $this->status === JarStatus::Planned;
    }

    public function isStanding(): bool
    {
        return $this->status === JarStatus::Standing;
    }
}
