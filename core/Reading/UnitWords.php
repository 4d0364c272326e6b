<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\Unit;

/** Units as makers write and say them, in one word or several: "c. à soupe", "heaped tablespoons", "8-oz". */
final class UnitWords
{
    /** Longest unit, in words: "cuillère à soupe", "cuil. à s." */
    private const UNIT_WORDS = 5;

    /** How full the spoon was: kept in the text, too vague for a number. */
    private const HEAPED = [
        'heaped', 'heaping', 'level', 'rounded', 'scant', 'generous', 'large', 'small', 'big', 'grande', 'grandes',
        'petite', 'petites', 'bonne', 'bonnes', 'good', 'gros', 'grosse', 'grosses', 'belle', 'belles', 'short',
        'full', 'kitchen', 'proper', 'tiny', 'little', 'bon', 'bons',
    ];

    /** More words for units than one types into a field. */
    private const SPOKEN = [
        'table spoon' => Unit::Tablespoon,
        'table spoons' => Unit::Tablespoon,
        'tea spoon' => Unit::Teaspoon,
        'tea spoons' => Unit::Teaspoon,
        'tbl' => Unit::Tablespoon,
        'tblsp' => Unit::Tablespoon,
        'tbsn' => Unit::Tablespoon,
        'c soupe' => Unit::MetricTablespoon,
        'c cafe' => Unit::MetricTeaspoon,
        'cuil a soupe' => Unit::MetricTablespoon,
        'cuil a cafe' => Unit::MetricTeaspoon,
        'cuil soupe' => Unit::MetricTablespoon,
        'cuil cafe' => Unit::MetricTeaspoon,
        'cuillere soupe' => Unit::MetricTablespoon,
        'cuillere cafe' => Unit::MetricTeaspoon,
        'cuillere a s' => Unit::MetricTablespoon,
        'cuillere a c' => Unit::MetricTeaspoon,
        'cuillere' => Unit::MetricTablespoon,
        'cuilleres' => Unit::MetricTablespoon,
        'spoonful' => Unit::Tablespoon,
        'spoonfuls' => Unit::Tablespoon,
        'cuilleree' => Unit::MetricTablespoon,
        'cuillerees' => Unit::MetricTablespoon,
        'ozs' => Unit::Ounce,
        'mls' => Unit::Millilitre,
        'grs' => Unit::Gram,
        'gtte' => Unit::Drop,
        'gttes' => Unit::Drop,
        'gtts' => Unit::Drop,
        'dr' => Unit::Drop,
        'dps' => Unit::Drop,
        'drps' => Unit::Drop,
        'gouttelettes' => Unit::Drop,
        'c' => Unit::Cup,
        'soup spoon' => Unit::MetricTablespoon,
    ];

    /**
     * The longest unit that begins at a place.
     *
     * @param  list<Token>  $tokens
     * @return array{Unit|Piece, int}|null
     */
    public static function at(array $tokens, int $at): ?array
    {
        $words = [];
        $found = null;
        $at = self::pastHeaped($tokens, $at);
        for ($next = $at; count($words) < self::UNIT_WORDS && isset($tokens[$next]); $next++) {
            $token = $tokens[$next];
            if ($token->kind === Token::MARK) {
                if ($words !== [] && $token->is('.', '-')) {
                    continue;
                }
                if ($words === [] && $token->is('-')) {
                    continue; // 8-oz
                }
                break;
            }
            if ($token->kind !== Token::WORD) {
                break;
            }
            if ($token->is('l') && isset($tokens[$next + 1]) && $tokens[$next + 1]->is("'", '’')) {
                break; // à l'avoine
            }
            $words[] = $token->folded;
            $said = implode(' ', $words);
            $unit = AmountReader::unit($said) ?? self::SPOKEN[$said] ?? Piece::named($said);
            if ($said === 'cc' && isset($tokens[$next + 1]) && $tokens[$next + 1]->is('de', 'd')) {
                $unit = Unit::MetricTeaspoon; // "1 cc d'amidon"
            }
            if ($unit !== null) {
                $found = [$unit, $next + 1];
            }
        }
        if ($found !== null && isset($tokens[$found[1]]) && $tokens[$found[1]]->is('.')) {
            $found[1]++; // tsp.
        }

        return $found;
    }

    /**
     * Past what says how full it was.
     *
     * @param  list<Token>  $tokens
     */
    public static function pastHeaped(array $tokens, int $at): int
    {
        while (isset($tokens[$at]) && $tokens[$at]->is(...self::HEAPED)) {
            $at++;
        }

        return $at;
    }
}
