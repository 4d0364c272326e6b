<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Piece;

/** Numbers written without a unit: where they stand, and what they mean by all the rest of the note. */
final class BareNumbers
{
    private const SAID_PERCENT =
        '/\b(?:percent(?:ages?)?|pourcentages?|pour cent|per cent|in ?%|en ?%|all ?%|tout en ?%)|^\s*%/imu';

    private const SAID_GRAMS =
        '/\b(?:all |everything |weights? |tout |poids )?(?:in|en) (?:g|gr|grams?|grammes?)\b|\bgrams? throughout\b/iu';

    /** Nobody weighs more by such a number. */
    private const MOST = 100_000;

    /** A number behind one of these is how hot it is. */
    private const HEAT_BEFORE = [
        'at', 'to', 'below', 'under', 'above', 'around', 'a', 'sous', 'vers', 'jusqu', 'until', 'over', 'dessous',
        'avant',
    ];

    /** How far the numbers may be off what they should add up to. */
    private const SLACK = 0.02;

    /**
     * Numbers without a unit as amounts: one in each stretch between commas that has no amount.
     *
     * @param  list<Item>  $items  found in it
     * @param  list<Hint>  $hints  times and temperatures are no amounts
     * @return list<Item>
     */
    public static function beside(array $items, Clause $clause, array $hints): array
    {
        $all = $items;
        $from = $clause->start();
        $ends = [count($clause->tokens)];
        foreach (Brackets::depths($clause->tokens) as $at => $depth) {
            if ($depth === 0 && $clause->tokens[$at]->is(',', ';') && isset($clause->tokens[$at + 1])) {
                $ends[] = $at;
            }
        }
        sort($ends);
        foreach ($ends as $at) {
            $inside = array_values(array_filter(
                $items,
                static fn (Item $item): bool => $item->at >= $from && $item->at < $at,
            ));
            $isNamedOnly = array_filter($inside, static fn (Item $item): bool => ! $item->isNamed()) === [];
            $bare = $isNamedOnly && $at > $from ? self::one($clause->tokens, $inside, $hints, $from, $at) : null;
            if ($bare !== null) {
                $all[] = $bare;
            }
            $from = $at + 1;
        }
        usort($all, static fn (Item $a, Item $b): int => $a->at <=> $b->at);

        return $all;
    }

    /**
     * A number that stands alone at the beginning or the end of what names one thing: "Water 380", "4 propanediol".
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items  none of them an amount
     * @param  list<Hint>  $hints
     * @param  int  $from  the first token to look at
     * @param  int  $to  the one after the last
     */
    private static function one(array $tokens, array $items, array $hints, int $from, int $to): ?Item
    {
        $found = [];
        for ($at = $from; $at < $to; $at++) {
            if ($tokens[$at]->is('ph', 'x', 'no')) {
                return null;
            }
            if ($tokens[$at]->kind === Token::NUMBER && self::isFree($tokens, $at, $items, $hints)) {
                $found[] = $at;
            }
        }
        if (count($found) !== 1) {
            return null;
        }
        $at = $found[0];
        $last = $to - 1;
        while ($last > $at && $tokens[$last]->kind === Token::MARK) {
            $last--;
        }
        while ($from < $at && $tokens[$from]->kind === Token::MARK) {
            $from++;
        }
        if ($at !== $from && $at !== $last) {
            return null;
        }
        $token = $tokens[$at];
        $isYear = $items === [] && $token->value >= 1900 && $token->value < 2100;
        if ($token->value <= 0 || $token->value > self::MOST || $isYear) {
            return null;
        }

        return new Item($at, $at + 1, quantity: new Quantity(
            Amount::open($token->folded),
            new Span($token->start, $token->end),
            $at + 1,
            bare: $token->value,
        ));
    }

    /**
     * Whether a number is no part of a name, no time and no temperature.
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     * @param  list<Hint>  $hints
     */
    private static function isFree(array $tokens, int $at, array $items, array $hints): bool
    {
        $start = $tokens[$at]->start;
        $isNamed = array_filter($items, static fn (Item $item): bool => $at >= $item->at && $at < $item->next) !== [];
        $isHint = array_filter(
            $hints,
            static fn (Hint $hint): bool => $hint->span->start <= $start && $hint->span->end > $start,
        ) !== [];
        $before = $tokens[$at - 1] ?? null;
        $after = $tokens[$at + 1] ?? null;

        return ! $isNamed && ! $isHint
            && ! ($before?->is(...self::HEAT_BEFORE) ?? false)
            && ! ($after?->is('both', 'les') ?? false);
    }

    /**
     * What they mean: percent or grams, or so many pieces.
     *
     * @param  list<ReadLine>  $lines
     * @param  callable(ReadLine): bool  $isCounted  whether it may be counted: an okra, a clove
     * @return list<ReadLine>
     */
    public static function told(array $lines, string $text, ?StatedYield $yield, callable $isCounted): array
    {
        $bare = array_filter($lines, static fn (ReadLine $line): bool => $line->bare !== null);
        if ($bare === []) {
            return $lines;
        }
        $sum = array_sum(array_map(static fn (ReadLine $line): float => (float) $line->bare, $bare));
        $others = array_filter($lines, static fn (ReadLine $line): bool => $line->bare === null);
        // a list of weights names things to be weighed; "5 dates" and "1 papaya" don't
        $weighed = array_filter(
            $bare,
            static fn (ReadLine $line): bool => $line->ingredient !== null && ! $isCounted($line),
        );
        if (count($weighed) < 2 || count($weighed) < count($others)) {
            return array_map(static fn (ReadLine $line): ReadLine => $line->bare === null ? $line : $line->of(
                Amount::pieces(Band::exact($line->bare), Piece::Whole),
                $isCounted($line) ? 1.0 : Sureness::DOUBTED,
            ), $lines);
        }
        if (abs($sum - 1.0) <= self::SLACK && max(array_column($bare, 'bare')) < 1.0) {
            return array_map(static fn (ReadLine $line): ReadLine => $line->bare === null ? $line : $line->of(
                Amount::pieces(Band::exact($line->bare), Piece::Part),
                1.0,
            ), $lines); // a third each
        }
        $percents = array_sum(array_map(
            static fn (ReadLine $line): float => $line->amount?->kind === AmountKind::Percent
                ? (float) $line->amount->number?->likely : 0.0,
            $others,
        ));
        $isNear = static fn (float $whole): bool => abs($sum - $whole) <= self::SLACK * $whole;
        $grams = $yield?->grams();
        [$isPercent, $confidence] = match (true) {
            preg_match(self::SAID_PERCENT, $text) === 1 => [true, 1.0],
            preg_match(self::SAID_GRAMS, $text) === 1 => [false, 1.0],
            $grams !== null && $isNear($grams) && ! $isNear(100.0) => [false, 1.0],
            $percents > 0 && $isNear(100.0 - $percents) => [true, 1.0],
            array_filter($others, static fn (ReadLine $line): bool => $line->amount?->kind === AmountKind::Rest) !== []
                && $sum + $percents < 100.0 => [true, $grams === null
                || $sum + $percents < $grams / 2 ? 1.0 : Sureness::DOUBTED],
            $isNear(100.0) && $grams !== null && ! $isNear($grams) => [true, 1.0],
            $isNear(100.0) => [true, Sureness::DOUBTED],
            default => [false, Sureness::DOUBTED],
        };

        return array_map(static fn (ReadLine $line): ReadLine => $line->bare === null ? $line : $line->of(
            $isPercent && $line->bare <= 100 ? Amount::percent(Band::exact($line->bare)) : Amount::grams($line->bare),
            $confidence,
        ), $lines);
    }
}
