<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** Ties the amounts of a line to its names. */
final class Pairing
{
    /**
     * Which amount belongs to which name. Where a line begins with an amount, amounts come first; else names do.
     *
     * @param  list<Item>  $items
     * @param  list<Token>  $tokens
     * @return list<array{Quantity|null, Item|null}>
     */
    public static function of(array $items, array $tokens): array
    {
        $items = self::joined($items, $tokens);
        $amountFirst = ($items[0]->quantity ?? null) !== null;
        $pairs = [];
        $waiting = null;
        foreach ($items as $item) {
            if ($item->quantity !== null) {
                if ($amountFirst) {
                    if ($waiting !== null) {
                        $pairs[] = [$waiting, null];
                    }
                    $waiting = $item->quantity;
                } else {
                    $last = count($pairs) - 1;
                    if ($last >= 0 && $pairs[$last][0] === null && $pairs[$last][1] !== null) {
                        $pairs[$last][0] = $item->quantity;
                    } else {
                        $pairs[] = [$item->quantity, null];
                    }
                }
            } elseif ($amountFirst) {
                $pairs[] = [$waiting, $item];
                $waiting = null;
            } else {
                $pairs[] = [null, $item];
            }
        }
        if ($waiting !== null) {
            $last = count($pairs) - 1;
            if ($last >= 0 && $pairs[$last][0] === null) {
                $pairs[$last][0] = $waiting;
            } elseif ($last >= 0 && $pairs[$last][1] !== null && self::isBracketed($waiting, $tokens)) {
                $pairs[$last][0] = Quantities::better($pairs[$last][0], $waiting);
            } else {
                $pairs[] = [$waiting, null];
            }
        }

        return $pairs;
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
                    static fn (Token $token): bool => ! $token->is(
                        '(',
                        '/',
                        '=',
                        'or',
                        'ou',
                        'about',
                        'environ',
                        ',',
                        '-',
                        'soit',
                    ),
                ) === [];
            if ($item->quantity !== null && $last?->quantity !== null && $beside && $between !== []) {
                $quantity = Quantities::better($last->quantity, $item->quantity);
                $joined[count($joined) - 1] = new Item($last->at, $item->next, quantity: $quantity);
            } else {
                $joined[] = $item;
            }
        }

        return $joined;
    }

    /** @param  list<Token>  $tokens */
    private static function isBracketed(Quantity $quantity, array $tokens): bool
    {
        foreach ($tokens as $i => $token) {
            if ($token->start === $quantity->span->start) {
                return $i > 0 && $tokens[$i - 1]->is('(', '=', 'or', 'ou', '/');
            }
        }

        return false;
    }
}
