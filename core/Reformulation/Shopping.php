<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;

/** What is wanted for some batches, what of it is at hand, and what is to buy. Grams. */
final class Shopping
{
    /** So much more than the sum: what bowls, spoons and samples keep. Common practice, a guess. */
    public const SPARE = 0.05;

    /**
     * @param  list<array{Composition, float}>  $batches  and how much of each, grams
     * @return array<string, array{wanted: float, have: float, buy: float}> by catalogue key; "?name" for what the
     *   catalogue doesn't know
     */
    public static function of(array $batches, Stock $cupboard): array
    {
        $wanted = [];
        foreach ($batches as [$composition, $grams]) {
            $total = $composition->total->likely ?? 0.0;
            foreach ($total > 0 ? self::bought($composition) : [] as $line) {
                $key = $line->ingredient->key ?? '?'.$line->line->spokenOf();
                $wanted[$key] = ($wanted[$key] ?? 0.0)
                    + $line->weighs() * $grams / $total * (1 + self::SPARE);
            }
        }
        $rows = [];
        foreach ($wanted as $key => $grams) {
            $have = $cupboard->gramsOf($key);
            $rows[$key] = ['wanted' => $grams, 'have' => $have, 'buy' => max(0.0, $grams - $have)];
        }

        return $rows;
    }

    /**
     * What has to be bought for it, where nothing is at hand: of what is made first all that goes in; nothing of a lot,
     * which is there.
     *
     * @return list<WeighedLine>
     */
    private static function bought(Composition $composition): array
    {
        $lines = self::written($composition);
        foreach ($composition->parts as $part) {
            array_push($lines, ...($part->isOfOldLines() ? [] : self::written($part->put)));
        }

        return $lines;
    }

    /** @return list<WeighedLine> with formulas opened, without what is in parts and lots */
    private static function written(Composition $composition): array
    {
        $isThere = [];
        foreach ($composition->lines as $line) {
            $isThere[$line->position] = $line->line->lot !== null && $line->line->isMade();
        }

        return array_values(array_filter(
            $composition->opened(),
            static fn (WeighedLine $line): bool => $line->insideKey === null && ! $isThere[$line->position]
                && (! $line->line->isMade() || $line->ingredient !== null),
        ));
    }
}
