<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Models\Lot;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Stocked;

/** What the pantry holds of the catalogue's ingredients, for what reckons with it. */
final class AtHand
{
    /** Lots looked at, the latest first: more than any kitchen's shelf holds. */
    private const LOOKED_AT = 1000;

    /** What is used up still tells what it cost. */
    public static function cupboard(): Stock
    {
        $lots = Lot::query()
            ->whereNotNull('ingredient')
            ->where(static fn ($query) => $query->whereNull('gone_at')->orWhereNotNull('price'))
            ->orderByDesc('made_at')
            ->orderByDesc('id')
            ->limit(self::LOOKED_AT)
            ->get(['code', 'ingredient', 'grams', 'grams_left', 'price', 'good_until', 'gone_at']);

        return new Stock(array_values($lots->reverse()->map(static fn (Lot $lot): Stocked => new Stocked(
            $lot->code,
            (string) $lot->ingredient,
            $lot->gone_at === null ? $lot->grams_left : 0.0,
            $lot->price === null ? null : $lot->price / $lot->grams,
            $lot->good_until?->toDateTimeImmutable(),
        ))->all()));
    }
}
