<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Models\Lot;
use App\Workroom\Pantry\AtHand;
use App\Workroom\Wording;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Yielding\Cost;

/** What went into a batch, by the price of the very lots it was taken from; by what was bought last where no lot was told. */
final class BatchCost
{
    /** @return array{known: float, unpriced: list<string>} money; names of what has no price */
    public static function of(MakeState $state): array
    {
        $ofLots = self::pricesOfLots($state);
        $cupboard = AtHand::cupboard();
        $composition = (new Weighing(app(Catalogue::class), app(Tools::class)))->of($state->formulaAsMade());
        $cost = Cost::of($composition, static fn (string $ingredient): ?float => $ofLots[$ingredient] ?? $cupboard->pricePerGram($ingredient));
        $wording = app(Wording::class);
        $catalogue = app(Catalogue::class);

        return ['known' => round($cost->known, 4), 'unpriced' => array_map(static fn (string $key): string => $catalogue->has($key) ? $wording->ingredient($key) : $key, $cost->unpriced)];
    }

    /** @return array<string, float> a gram, by ingredient */
    private static function pricesOfLots(MakeState $state): array
    {
        $codes = [];
        foreach ($state->composition->lines as $line) {
            $code = $state->lotOf($line->position);
            if ($code !== null) {
                $codes[] = $code;
            }
        }
        $prices = [];
        foreach (Lot::query()->whereIn('code', $codes)->whereNotNull('price')->whereNotNull('ingredient')->get() as $lot) {
            $prices[(string) $lot->ingredient] = (float) $lot->price / $lot->grams;
        }

        return $prices;
    }
}
