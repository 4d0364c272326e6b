<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use App\Models\Lot;
use App\Pantry\AtHand;
use Ilvane\Core\Cost\Cost;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reformulation\Stock;

/**
 * What went into a batch, by the price of the very lots it was taken from; by what was bought last where no lot was
 * told.
 */
final class BatchCost
{
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Tools $tools,
        private readonly Wording $wording,
    ) {
    }

    /** @return array{known: float, unpriced: list<string>} money; names of what has no price, all or some of it */
    public function of(MakeState $state): array
    {
        $cupboard = AtHand::cupboard();
        [$ofLots, $some] = self::pricesOfLots($state, $cupboard);
        $composition = (new Weighing($this->catalogue, $this->tools))->of($state->formulaAsMade());
        $cost = Cost::of(
            $composition,
            static fn (string $ingredient): ?float => $ofLots[$ingredient] ?? $cupboard->pricePerGram($ingredient),
        );
        $wording = $this->wording;
        $catalogue = $this->catalogue;

        return [
            'known' => round($cost->known, 4),
            'unpriced' => array_map(
                static fn (string $key): string => $catalogue->has($key) ? $wording->ingredient($key) : $key,
                array_values(array_unique([...$cost->unpriced, ...$some])),
            ),
        ];
    }

    /**
     * What a gram cost on average over the lots it came from; what has no lot counts by what was bought last.
     *
     * @return array{array<string, float>, list<string>} a gram, by ingredient; ingredients of which some has no price
     */
    private static function pricesOfLots(MakeState $state, Stock $cupboard): array
    {
        $money = $grams = $some = [];
        foreach ($state->composition->lines as $line) {
            $from = LotShares::of($state, $line->position);
            $key = $line->ingredient?->key;
            if ($key === null || $from->lots === []) {
                continue;
            }
            $lots = Lot::query()->whereIn('code', array_keys($from->lots))->get()->keyBy('code');
            foreach ([...$from->lots, '' => $from->none] as $code => $part) {
                $lot = $lots->get($code);
                $price = $lot?->price === null ? $cupboard->pricePerGram($key) : $lot->price / $lot->grams;
                if ($part > 0.0 && $price === null) {
                    $some[] = $key;
                }
                $money[$key] = ($money[$key] ?? 0.0) + $part * ($price ?? 0.0);
                $grams[$key] = ($grams[$key] ?? 0.0) + $part;
            }
        }
        $prices = [];
        foreach ($grams as $key => $sum) {
            if ($sum > 0.0 && $money[$key] > 0.0) {
                $prices[$key] = $money[$key] / $sum;
            }
        }

        return [$prices, $some];
    }
}
