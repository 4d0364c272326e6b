<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Wording;
use App\Make\Outcome;
use App\Models\Batch;
use Ilvane\Core\Cost\Price;

/** Builds what PricePage shows. */
final readonly class PricePageFactory
{
    private const BLANK = ['packaging' => '', 'hours' => '', 'wage' => '', 'fee' => '', 'margin' => ''];

    /** Percent. */
    private const SHARES = ['fee', 'margin'];

    public function __construct(
        private Wording $wording,
    ) {
    }

    /** @param  array<mixed>  $asked */
    public function of(Batch $batch, array $asked): PricePage
    {
        $wording = $this->wording;
        $typed = array_map(
            static fn (string $field): string => is_string($asked[$field] ?? null)
                ? mb_substr($asked[$field], 0, 12)
                : '',
            array_combine(array_keys(self::BLANK), array_keys(self::BLANK)),
        );
        $numbers = $problems = [];
        foreach ($typed as $field => $text) {
            $number = str_replace(',', '.', trim($text));
            $most = in_array($field, self::SHARES, true) ? 99 : 100_000;
            if ($number !== '' && (! is_numeric($number) || (float) $number < 0 || (float) $number > $most)) {
                $problems[$field] = say('shelf.price.problem', ['most' => (string) $most]);
            }
            $numbers[$field] = is_numeric($number) && ! isset($problems[$field]) ? (float) $number : 0.0;
        }
        $cost = Outcome::of($batch)['cost'] ?? ['known' => 0.0, 'unpriced' => []];
        $price = Price::of(
            $cost['known'],
            ShelfBook::containers($batch),
            $numbers['packaging'],
            $numbers['hours'],
            $numbers['wage'],
            $numbers['fee'] / 100,
            $numbers['margin'] / 100,
        );
        $parts = array_map(
            static fn (string $part, float $money): array => [
                'part' => say("shelf.price.parts.$part"),
                'figure' => $wording->money($money),
                'share' => $price->cost > 0 ? round(100 * $money / $price->cost, 1) : 0.0,
            ],
            ['material', 'packaging', 'hands'],
            [$price->material, $price->packaging, $price->hands],
        );

        return new PricePage(
            $batch, is_string($batch->document['name'] ?? null)
                ? $batch->document['name']
                : $batch->code, $typed, $problems,
            $price->sell === null ? '' : $wording->money($price->sell), $wording->money($price->cost), $parts,
            $cost['unpriced'] === [] ? '' : say('shelf.unpriced', ['names' => $wording->together($cost['unpriced'])]),
        );
    }
}
