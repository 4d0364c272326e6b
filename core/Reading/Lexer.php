<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Folded;

/** Takes a line of a recipe apart into words, numbers and marks. Linear in its length. */
final class Lexer
{
    private const VULGAR = [
        '½' => 0.5,
        '⅓' => 1 / 3,
        '⅔' => 2 / 3,
        '¼' => 0.25,
        '¾' => 0.75,
        '⅕' => 0.2,
        '⅖' => 0.4,
        '⅗' => 0.6,
        '⅘' => 0.8,
        '⅙' => 1 / 6,
        '⅚' => 5 / 6,
        '⅛' => 0.125,
        '⅜' => 0.375,
        '⅝' => 0.625,
        '⅞' => 0.875,
        '⅒' => 0.1,
    ];

    private const PATTERN =
        '~(?<num>\d+(?:[.,]\d+)?(?:\s*[/⁄]\s*\d+(?![.,]?\d))?|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞⅒])'
        .'|(?<lead>[.…_]{2,}|…|-{3,})|(?<word>\b(?:h\.\s?e\.|e\.\s?o\.)(?!\w)|\p{L}[\p{L}\p{M}]*)'
        .'|(?<mark>[%°(),;:.+&/×*=–—-]|\S)~iu';

    /** What marks with room on both sides are: "water 70 g / glycerin 3 g", "Beeswax . 15 g". */
    private const APART = ['/' => ',', '.' => '…'];

    /**
     * @param  int  $offset  where the line begins in the whole text, bytes
     * @return list<Token>
     */
    public static function tokens(string $line, int $offset): array
    {
        if (preg_match_all(
            self::PATTERN,
            $line,
            $found,
            PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL,
        ) === false) {
            return [];
        }
        $tokens = [];
        foreach ($found as $match) {
            [$text, $at] = $match[0];
            $text = (string) $text;
            $start = $offset + $at;
            $end = $start + strlen($text);
            $tokens[] = match (true) {
                ($match['num'][0] ?? null) !== null => new Token(
                    Token::NUMBER,
                    self::digits($text),
                    self::value($text),
                    $start,
                    $end,
                ),
                ($match['word'][0] ?? null) !== null => new Token(
                    Token::WORD,
                    // the one letter where large and small differ: T is a tablespoon, t a teaspoon
                    match (true) {
                        $text === 'T' && end($tokens) instanceof Token
                            && end($tokens)->kind === Token::NUMBER => 'tbsp',
                        // in capitals among small letters it is no drink
                        $text === 'TEA' && preg_match('/\p{Ll}/u', $line) === 1 => 'triethanolamine',
                        default => Folded::of(preg_replace('/\.\s?/', '', $text) ?? $text), // H.E.
                    },
                    0.0,
                    $start,
                    $end,
                ),
                ($match['lead'][0] ?? null) !== null => new Token(Token::MARK, '…', 0.0, $start, $end),
                default => new Token(Token::MARK, $text === '×' || $text === '*' ? 'x' : $text, 0.0, $start, $end),
            };
        }

        foreach ($tokens as $at => $token) {
            $isApart = $token->is(...array_keys(self::APART)) && isset($tokens[$at - 1], $tokens[$at + 1])
                && $token->start > $tokens[$at - 1]->end && $tokens[$at + 1]->start > $token->end;
            if ($isApart) {
                $tokens[$at] = new Token(Token::MARK, self::APART[$token->folded], 0.0, $token->start, $token->end);
            }
        }

        return $tokens;
    }

    /** As it stands in a name: "50" in BTMS-50. */
    private static function digits(string $text): string
    {
        return ctype_digit($text) ? $text : preg_replace('/\s+/', '', $text) ?? $text;
    }

    private static function value(string $text): float
    {
        if (isset(self::VULGAR[$text])) {
            return self::VULGAR[$text];
        }
        $text = str_replace([',', '⁄', ' '], ['.', '/', ''], $text);
        if (str_contains($text, '/')) {
            [$top, $bottom] = explode('/', $text, 2);

            return (float) $bottom > 0 ? (float) $top / (float) $bottom : INF;
        }

        return (float) $text;
    }
}
