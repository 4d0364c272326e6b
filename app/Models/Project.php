<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A formula whose parts are made in time for a day.
 *
 * @property int $id
 * @property string $uid
 * @property int $formula_id
 * @property Carbon $begin_at the making of the product begins
 * @property array<string, array{begun_at?: string, jar?: string, lot?: string}> $parts how far each is, by key
 * @property string|null $batch code of what was made of it; null while it is under way
 * @property Carbon $created_at
 * @property-read Formula $formula
 */
final class Project extends Model
{
    protected $casts = ['begin_at' => 'datetime', 'parts' => 'array'];

    /** @return BelongsTo<Formula, $this> */
    public function formula(): BelongsTo
    {
        return $this->belongsTo(Formula::class);
    }

    /** @return Builder<self> */
    public static function underWay(): Builder
    {
        return self::query()->whereNull('batch')->orderBy('begin_at');
    }

    /** @param  array{begun_at?: string, jar?: string, lot?: string}|null  $is  null: as it was before anything */
    public function tell(string $part, ?array $is): void
    {
        $parts = $this->parts;
        unset($parts[$part]);
        $this->forceFill(['parts' => $is === null ? $parts : [...$parts, $part => $is]])->save();
    }
}
