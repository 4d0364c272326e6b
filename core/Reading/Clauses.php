<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** Takes a line apart where a sentence ends, and where its writer turns to the next thing to do. */
final class Clauses
{
    /** A full stop behind one of these ends no sentence. */
    public const SHORT = [
        'tsp', 'tsps', 'tbsp', 'tbsps', 'tbs', 'tbl', 'oz', 'fl', 'lb', 'lbs', 'approx', 'ca', 'no', 'nr', 'vol', 'min',
        'st', 'ste', 'dr', 'mrs', 'mr', 'env', 'cuil', 'gr', 'qs', 'pt', 'qt', 'ess', 'eg', 'ie', 'pres', 'presv',
        'prez', 'cons', 'dist', 'alc', 'veg', 'opt', 'ext', 'sep', 'pcs', 'vit', 'preserv', 'conserv', 'ylang',
        'esp', 'max', 'temp', 'h', 'he', 'eo', 'incl', 'deg',
    ];

    /** Tokens of one clause: a few things look at each of them beside each other. */
    private const MOST = 120;

    /**
     * @param  list<Token>  $tokens  of a line
     * @return list<list<Token>>  every token in one of them, in order
     */
    public static function of(array $tokens): array
    {
        $clauses = $clause = [];
        foreach (Brackets::depths($tokens) as $at => $depth) {
            if ($clause !== [] && (($depth === 0 && self::turns($tokens, $at)) || self::isFull($clause))) {
                $clauses[] = $clause;
                $clause = [];
            }
            $clause[] = $tokens[$at];
            if ($depth === 0 && self::ends($tokens, $at)) {
                $clauses[] = $clause;
                $clause = [];
            }
        }

        return $clause === [] ? $clauses : [...$clauses, $clause];
    }

    /**
     * Nobody says so much in one breath: what follows is looked at by itself, from a comma on where there is one.
     *
     * @param  non-empty-list<Token>  $clause
     */
    private static function isFull(array $clause): bool
    {
        return count($clause) >= self::MOST
            || (count($clause) >= self::MOST / 2 && $clause[count($clause) - 1]->is(',', ';'));
    }

    /** @param  list<Token>  $tokens */
    private static function ends(array $tokens, int $at): bool
    {
        $token = $tokens[$at];
        $before = $tokens[$at - 1] ?? null;
        $next = $tokens[$at + 1] ?? null;
        if ($token->is(';', '!', '?', '→', '>')) {
            return $next === null || ! $next->is('!', '?', '.', ';');
        }

        return $token->is('.')
            && $before !== null
            && $next !== null
            && $next->kind !== Token::MARK
            && $before->end === $token->start
            && $next->start > $token->end
            && ! ($before->kind === Token::NUMBER && $at <= 1)
            && ! $before->is(...self::SHORT)
            && ! self::isInitial($tokens, $at - 1);
    }

    /**
     * "1 c. à s.", "q. s.": a letter that is short for a word. "Then add B." ends.
     *
     * @param  list<Token>  $tokens
     */
    private static function isInitial(array $tokens, int $at): bool
    {
        if ($tokens[$at]->kind !== Token::WORD || strlen($tokens[$at]->folded) !== 1) {
            return false;
        }
        $before = $tokens[$at - 1] ?? null;
        if ($before?->is('.') && $before->end === $tokens[$at]->start) {
            return true; // c.à.c.
        }

        return $tokens[$at]->is('c')
            ? $before !== null
            && ($before->kind === Token::NUMBER || $before->is('a', '½', 'une', 'un', 'deux', 'trois', 'quatre'))
            : $tokens[$at]->is('s', 't', 'e', 'n', 'p', 'q', 'g', 'l', 'h', 'm');
    }

    /**
     * ", whisk", "then add", ", puis laisser": what comes has a word of its own that tells what to do.
     *
     * @param  list<Token>  $tokens
     */
    private static function turns(array $tokens, int $at): bool
    {
        $before = $tokens[$at - 1];
        $isTurn = $before->is(',', ')', '–', '—') || $tokens[$at]->is('then', 'puis', 'ensuite');
        if (! $isTurn && $before->is('and', 'et')) {
            return $tokens[$at]->kind === Token::WORD && $tokens[$at]->is(...RoleWords::DOING)
                && ! $tokens[$at]->is('rest', 'line', 'puree', 'rape', 'presse', 'melange', 'brew')
                // "make and use within 3 days"
                && ! ($tokens[$at]->is('use') && ($tokens[$at - 2] ?? null)?->is('make'));
        }
        if (! $isTurn) {
            return false;
        }
        for ($next = $at; isset($tokens[$next]) && $tokens[$next]->is(...RoleWords::BEFORE_DOING); $next++) {
            if ($next - $at >= 3) {
                return false;
            }
        }

        return isset($tokens[$next])
            && $tokens[$next]->kind === Token::WORD
            && $tokens[$next]->is(...RoleWords::DOING)
            && ! $tokens[$next]->is('line', 'puree')
            && ! ($tokens[$next + 1] ?? $tokens[$next])->is(':'); // "coffee grounds, dry: 3 tbsp"
    }
}
