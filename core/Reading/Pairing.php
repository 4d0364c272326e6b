<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Piece;

/** Ties the amounts of a stretch to its names: beside each other, and never across a stop. */
final class Pairing
{
    private const EACH = ['each', 'apiece', 'chacun', 'chacune', 'chaque'];

    /**
     * @param  list<Item>  $items
     * @param  list<Token>  $tokens
     * @param  bool  $isListed  it lists what goes in, and tells of nothing to do
     * @return list<array{0: Quantity|null, 1: Item|null, 2?: bool}>  the third: it shares the amount with the one
     *   before
     */
    public static function of(array $items, array $tokens, bool $isListed = true): array
    {
        $items = self::joined($items, $tokens);
        $isAmountFirst = ($items[0]->quantity ?? null) !== null;
        $pairs = [];
        for ($i = 0; $i < count($items); $i++) {
            $item = $items[$i];
            $next = $items[$i + 1] ?? null;
            if ($item->quantity !== null) {
                $each = self::each($items, $i, $tokens);
                if ($each > 0) {
                    foreach (array_slice($items, $i + 1, $each) as $n => $named) {
                        $pairs[] = [$item->quantity, $named, $n > 0];
                    }
                    $i += $each;
                } elseif ($next?->isNamed() && self::isBeside($item, $next, $tokens)) {
                    $pairs[] = [$item->quantity, $next];
                    $i++;
                } elseif (! self::replaceShares($pairs, $item, $tokens)) {
                    $last = count($pairs) - 1;
                    if (
                        $last >= 0 && $pairs[$last][0] !== null && $pairs[$last][1] !== null
                        && (self::isBracketed($item->quantity, $tokens)
                            || self::isSizeOf($item, $pairs[$last][1], $pairs[$last][0], $tokens))
                    ) {
                        $pairs[$last][0] = Quantities::better($pairs[$last][0], $item->quantity);
                    } else {
                        $pairs[] = [$item->quantity, null];
                    }
                }

                continue;
            }
            $after = $items[$i + 2] ?? null;
            if (
                $next?->quantity !== null
                && ($isListed || self::isClose($item, $next, $tokens))
                && self::follows($item, $next, $after, $isAmountFirst, $tokens)
            ) {
                $pairs[] = [$next->quantity, $item];
                self::shareBackwards($pairs, $next, $tokens);
                $i++;

                continue;
            }
            $pairs[] = [null, $item];
        }

        return $pairs;
    }

    /**
     * How many names behind an amount have it each: "2 tbsp each of castor, olive and coconut oil".
     *
     * @param  list<Item>  $items
     * @param  list<Token>  $tokens
     */
    private static function each(array $items, int $at, array $tokens): int
    {
        $quantity = $items[$at]->quantity;
        $next = $tokens[$items[$at]->next] ?? null;
        $after = $tokens[$items[$at]->next + 1] ?? null;
        $isEach = $quantity?->isEach
            || ($next !== null && $next->is(...self::EACH))
            || ($next !== null && $after !== null && $next->is('of', 'de') && $after->is('each', 'chaque'));
        $names = 0;
        while ($isEach && isset($items[$at + 1 + $names]) && $items[$at + 1 + $names]->isNamed()) {
            $names++;
        }

        // "olive oil, 2 tbsp each": it speaks of what stands before it
        return $names;
    }

    /**
     * "Equal amounts of castor oil, honey and olive oil, about 2 tbsp each": the second tells how much a share is.
     *
     * @param  list<array{0: Quantity|null, 1: Item|null, 2?: bool}>  $pairs
     * @param  list<Token>  $tokens
     */
    private static function replaceShares(array &$pairs, Item $amount, array $tokens): bool
    {
        $isEach = ($tokens[$amount->next] ?? null)?->is(...self::EACH) ?? false;
        $isDone = false;
        for ($i = count($pairs) - 1; $isEach && $i >= 0
            && $pairs[$i][0]?->amount->piece === Piece::Part; $i--) {
            $pairs[$i] = [$amount->quantity, $pairs[$i][1], true];
            $isDone = true;
        }

        return $isDone;
    }

    /**
     * "clary sage and cedar, 4 drops each": the names before it have it too.
     *
     * @param  list<array{0: Quantity|null, 1: Item|null, 2?: bool}>  $pairs
     * @param  list<Token>  $tokens
     */
    private static function shareBackwards(array &$pairs, Item $amount, array $tokens): void
    {
        $next = $tokens[$amount->next] ?? null;
        $after = $tokens[$amount->next + 1] ?? null;
        $isEach = $next?->is(...self::EACH)
            || ($next !== null && $after !== null && $next->is('of', 'de') && $after->is('each', 'chaque', 'chacun'));
        for ($i = count($pairs) - 2; $isEach && $i >= 0 && $pairs[$i][0] === null; $i--) {
            $pairs[$i] = [$amount->quantity, $pairs[$i][1], true];
        }
    }

    /**
     * In a sentence an amount speaks of the name before it only where no word stands between them.
     *
     * @param  list<Token>  $tokens
     */
    private static function isClose(Item $name, Item $amount, array $tokens): bool
    {
        foreach (array_slice($tokens, $name->next, $amount->at - $name->next) as $token) {
            if ($token->kind === Token::WORD || $token->is(':', ')')) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether an amount speaks of the name before it.
     *
     * @param  list<Token>  $tokens
     */
    private static function follows(Item $name, Item $amount, ?Item $after, bool $isAmountFirst, array $tokens): bool
    {
        $between = array_slice($tokens, $name->next, $amount->at - $name->next);
        foreach ($between as $i => $token) {
            $isStop = ! $token->is('.') || ! self::isShort($tokens, $name->next + $i);
            if ($isStop
                && $token->is(';', '.', 'with', 'and', 'et', 'avec', 'plus', 'then', 'puis', 'in', 'into', 'dans',
                    'to', 'or', 'ou')
                || ($token->kind === Token::WORD && $token->is(...RoleWords::DOING)
                    && ! $token->is(...RoleWords::STATES))) {
                return false;
            }
        }
        $isAmountOfNext = $after?->isNamed() && self::isBeside($amount, $after, $tokens);
        if (! $isAmountOfNext) {
            return true;
        }
        $hasComma = array_filter($between, static fn (Token $token): bool => $token->is(',')) !== [];
        $gap = array_slice($tokens, $amount->next, $after->at - $amount->next);
        $isApart = array_filter($gap, static fn (Token $token): bool => $token->is(',', 'and', 'et', '+')) !== [];

        return ! $isAmountFirst && ($isApart || ! $hasComma);
    }

    /**
     * Whether nothing but small words and states lie between an amount and the name behind it.
     *
     * @param  list<Token>  $tokens
     */
    private static function isBeside(Item $amount, Item $name, array $tokens): bool
    {
        $between = array_slice($tokens, $amount->next, $name->at - $amount->next);
        // "my usual preservative 1 %, citric to pH 4.5": it speaks of the words before it
        $hasUnknown = false;
        for ($at = $amount->at - 1; $at >= 0 && $tokens[$at]->kind === Token::WORD; $at--) {
            $hasUnknown = $hasUnknown || ! $tokens[$at]->is(
                ...LineWords::FILLERS,
                ...RoleWords::DOING,
                ...RoleWords::BEFORE_DOING,
            );
        }
        foreach ($between as $i => $token) {
            $isShort = $token->is('.') && ($i === 0 || self::isShort($tokens, $amount->next + $i));
            if ($token->is(';', '.', ':', '=') && ! $isShort) {
                return false;
            }
            if ($token->is(',', 'and', 'et', '+', ')', 'with', 'in', 'into', 'dans', 'avec') && $hasUnknown) {
                return false;
            }
            if (
                $token->kind === Token::WORD
                && ($token->is(...RoleWords::DOING) && ! $token->is(...RoleWords::STATES))
            ) {
                return false;
            }
            $hasUnknown = $hasUnknown || ($token->kind === Token::WORD
                && ! $token->is(...RoleWords::STATES)
                && ! $token->is(...LineWords::FILLERS));
        }

        return true;
    }

    /**
     * The dot of a short word: "cetyl alc. 30 g".
     *
     * @param  list<Token>  $tokens
     */
    private static function isShort(array $tokens, int $at): bool
    {
        return $tokens[$at]->is('.') && isset($tokens[$at - 1]) && $tokens[$at - 1]->is(...Clauses::SHORT);
    }

    /**
     * Two measures of one thing side by side, the second in brackets or after "or", are one.
     *
     * @param  list<Item>  $items
     * @param  list<Token>  $tokens
     * @return list<Item>
     */
    private static function joined(array $items, array $tokens): array
    {
        $joined = [];
        foreach ($items as $item) {
            $last = $joined === [] ? null : $joined[count($joined) - 1];
            $between = $last === null ? [] : array_slice($tokens, $last->next, $item->at - $last->next);
            $beside = count($between) <= 2
                && array_filter(
                    $between,
                    static fn (Token $token): bool => ! $token->is('(', '/', '=', 'or', 'ou', 'about', 'environ', ',',
                        '-', 'soit', '≈', '~'),
                ) === [];
            $isPercent = static fn (?Quantity $one): bool => $one?->amount->kind === AmountKind::Percent;
            // "77 % 385 g": a share and what it weighs
            $isBoth = $between === [] && $isPercent($last?->quantity) !== $isPercent($item->quantity);
            $sum = $last?->quantity === null || $item->quantity === null || count($between) !== 1
                || ! $between[0]->is('+', 'plus', 'and', 'et')
                    ? null
                    : Quantities::sum($last->quantity, $item->quantity);
            $isOne = $item->quantity !== null && $last?->quantity !== null
                && $beside && ($between !== [] || $isBoth);
            if ($sum !== null || $isOne) {
                $quantity = $sum ?? Quantities::better($last->quantity, $item->quantity);
                $joined[count($joined) - 1] = new Item($last->at, $item->next, quantity: $quantity);
            } else {
                $joined[] = $item;
            }
        }

        return $joined;
    }

    /**
     * "1 morceau de gingembre de 20 g", "a piece of ginger of 20 g": how heavy what is counted is.
     *
     * @param  list<Token>  $tokens
     */
    private static function isSizeOf(Item $amount, Item $name, Quantity $counted, array $tokens): bool
    {
        return $amount->at === $name->next + 1 && $tokens[$name->next]->is('de', 'of', 'd')
            && $counted->amount->unit === null && $counted->amount->kind !== AmountKind::Percent
            && $amount->quantity?->amount->unit !== null;
    }

    /** @param  list<Token>  $tokens */
    private static function isBracketed(Quantity $quantity, array $tokens): bool
    {
        foreach ($tokens as $i => $token) {
            if ($token->start === $quantity->span->start) {
                $before = $i - 1;
                while ($before > 0
                    && $tokens[$before]->is('about', 'environ', '~', '≈', 'approx', 'around', 'soit', '.')) {
                    $before--;
                }
                $after = $tokens[$quantity->next] ?? null;
                $isLast = $after === null || $after->kind === Token::MARK;

                return $before >= 0 && ($tokens[$before]->is('(', '=', 'or', 'ou', '/')
                    || ($isLast && $tokens[$before]->is(',', '-')));
            }
        }

        return false;
    }
}
