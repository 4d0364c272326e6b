<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** How deep in brackets each token of a stretch stands. */
final class Brackets
{
    /**
     * @param  list<Token>  $tokens
     * @return list<int> 0 outside; a bracket itself is as deep as what it closes off outside
     */
    public static function depths(array $tokens): array
    {
        $depths = [];
        $depth = 0;
        foreach ($tokens as $token) {
            $depth = max(0, $depth - ($token->is(')') ? 1 : 0));
            $depths[] = $depth;
            $depth += $token->is('(') ? 1 : 0;
        }

        return $depths;
    }
}
