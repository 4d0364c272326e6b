<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * A formula on the bench: its draft as typed, and the versions kept from it.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $draft
 * @property int $revision raised by every save; a save that names an older one is refused
 * @property int|null $trial_of the kept version it tries a change on
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read Collection<int, FormulaVersion> $versions
 */
final class Formula extends Model
{
    protected $casts = ['draft' => 'array', 'revision' => 'integer'];

    /** @return HasMany<FormulaVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(FormulaVersion::class)->orderByDesc('number');
    }
}
