<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/**
 * A list on one line: where each stretch between commas has a name and an amount of its own, none borrows of another.
 */
final class CommaParts
{
    /**
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     * @return list<array{int, int}> from and to of each; empty where the line is no such list
     */
    public static function of(array $tokens, array $items): array
    {
        $parts = [];
        $from = 0;
        foreach (Brackets::depths($tokens) as $at => $depth) {
            if ($depth === 0 && $tokens[$at]->is(',') && $at > $from) {
                $parts[] = [$from, $at];
                $from = $at + 1;
            }
        }
        if ($parts === [] || $from >= count($tokens)) {
            return [];
        }
        $parts[] = [$from, count($tokens)];
        foreach ($parts as [$from, $to]) {
            if (! self::isWhole($tokens, self::within($items, $from, $to), $from, $to)) {
                return [];
            }
        }

        return $parts;
    }

    /**
     * @param  list<Item>  $items
     * @return list<Item> those of a stretch, counted from its beginning
     */
    public static function within(array $items, int $from, int $to): array
    {
        $within = [];
        foreach ($items as $item) {
            if ($item->at >= $from && $item->next <= $to) {
                $within[] = $item->moved(-$from);
            }
        }

        return $within;
    }

    /**
     * Whether it has an amount, and words that are more than the state of something.
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     */
    private static function isWhole(array $tokens, array $items, int $from, int $to): bool
    {
        $hasAmount = $hasName = false;
        $taken = [];
        foreach ($items as $item) {
            $hasAmount = $hasAmount || $item->quantity !== null;
            $hasName = $hasName || $item->isNamed();
            for ($at = $item->at; $at < $item->next; $at++) {
                $taken[$at + $from] = true;
            }
        }
        for ($at = $from; $at < $to && ! $hasName; $at++) {
            $hasName = ! isset($taken[$at])
                && $tokens[$at]->kind === Token::WORD
                && ! $tokens[$at]->is(...RoleWords::STATES, ...LineWords::FILLERS, ...LineWords::KINDS);
        }

        return $hasAmount && $hasName;
    }
}
