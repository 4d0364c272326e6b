<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\PreparationStatus;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A plant water, gel, juice or milk, planned and then made.
 *
 * @property int $id
 * @property string $method key of data/preparations.csv
 * @property array{plant: string, wanted: float, plant_grams: float, water_grams: float} $plan grams
 * @property PreparationStatus $status
 * @property Carbon|null $made_at
 * @property float|null $grams what came of it
 * @property Carbon $created_at
 * @property-read Lot|null $lot
 */
final class Preparation extends Model
{
    protected $casts = [
        'status' => PreparationStatus::class, 'plan' => 'array', 'made_at' => 'datetime', 'grams' => 'float'];

    /** @return HasOne<Lot, $this> */
    public function lot(): HasOne
    {
        return $this->hasOne(Lot::class);
    }

    public function isMade(): bool
    {
        return $this->status === PreparationStatus::Made;
    }
}
