<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\LotKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Ilvane\Core\Formula\Storage;

/**
 * Something in the pantry: an infused oil or a preparation of the maker's own, or something bought. What is left, where
 * it stands and until
 * when it is good follow from its entries and are kept beside them for quick lists.
 *
 * @property int $id
 * @property string $code
 * @property LotKind $kind
 * @property string $name
 * @property string|null $ingredient catalogue key, of a preparation or of something bought
 * @property array<string, mixed>|null $document ilvane.formula/1, where no ingredient of the catalogue is it
 * @property array<string, mixed>|null $material ilvane.material/1 as computed on the day; null in lots of before
 * @property float $grams
 * @property float $grams_left
 * @property string|null $left_of code of the lot it was strained out of
 * @property float|null $portion_grams of a frozen cube
 * @property float|null $strength grams of plant's worth in 100 g, of an infused oil
 * @property float|null $price of the whole lot as it was bought, in the maker's own money
 * @property Carbon|null $opened_at of something bought
 * @property string $supplier whom it is from, his lot number, what his sheet says
 * @property Carbon|null $sealed_until the day on it
 * @property Carbon $made_at or bought
 * @property Carbon|null $good_until
 * @property Storage $storage
 * @property Storage $first_storage where it stood at first
 * @property int|null $jar_id
 * @property int|null $preparation_id
 * @property Carbon|null $gone_at used up or discarded
 * @property-read Jar|null $jar
 * @property-read Preparation|null $preparation
 * @property-read Collection<int, LotEntry> $entries
 */
final class Lot extends Model
{
    protected $casts = [
        'kind' => LotKind::class,
        'material' => 'array',
        'storage' => Storage::class,
        'first_storage' => Storage::class,
        'document' => 'array',
        'grams' => 'float',
        'grams_left' => 'float',
        'portion_grams' => 'float',
        'strength' => 'float',
        'price' => 'float',
        'opened_at' => 'datetime',
        'sealed_until' => 'datetime',
        'made_at' => 'datetime',
        'good_until' => 'datetime',
        'gone_at' => 'datetime',
    ];

    public function getRouteKeyName(): string
    {
        return 'code';
    }

    /** @return BelongsTo<Jar, $this> */
    public function jar(): BelongsTo
    {
        return $this->belongsTo(Jar::class);
    }

    /** @return BelongsTo<Preparation, $this> */
    public function preparation(): BelongsTo
    {
        return $this->belongsTo(Preparation::class);
    }

    /** @return HasMany<LotEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(LotEntry::class)->orderBy('id');
    }

    /** @return Collection<int, Lot> at hand of one ingredient, what is no longer good soonest first */
    public static function ofIngredient(string $ingredient): Collection
    {
        return self::atHand()
            ->where('ingredient', $ingredient)
            ->orderByRaw('good_until IS NULL, good_until, id')
            ->limit(50)
            ->get()
            ->toBase();
    }

    /** @return Builder<Lot> what still stands somewhere */
    public static function atHand(): Builder
    {
        return self::query()->whereNull('gone_at');
    }

    public function isBought(): bool
    {
        return $this->kind === LotKind::Bought;
    }

    public function isPreparation(): bool
    {
        return $this->kind === LotKind::Preparation;
    }

    public function isInfusedOil(): bool
    {
        return $this->kind === LotKind::InfusedOil;
    }
}
