<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Band;

/** Numbers as makers say and write them, English and French: "1 1/2", "two half", "une et demie", "10 to 12", "½". */
final class Numbers
{
    private const ONES = [
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'fifteen' => 15, 'couple' => 2, 'dozen' => 12,
        'un' => 1,
        'une' => 1,
        'deux' => 2,
        'trois' => 3,
        'quatre' => 4,
        'cinq' => 5,
        'sept' => 7,
        'huit' => 8,
        'neuf' => 9,
        'dix' => 10,
        'onze' => 11, 'douze' => 12, 'quinze' => 15,
    ];

    /** "une dizaine de", "a dozen". */
    private const ABOUT = ['dizaine' => 10, 'douzaine' => 12, 'quinzaine' => 15, 'vingtaine' => 20, 'trentaine' => 30];

    private const TENS = [
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
        'fifty' => 50,
        'sixty' => 60,
        'vingt' => 20,
        'trente' => 30,
        'quarante' => 40,
        'cinquante' => 50,
        'soixante' => 60,
        'hundred' => 100,
        'cent' => 100,
    ];

    private const HALF = ['half' => 0.5, 'demi' => 0.5, 'demie' => 0.5, 'moitie' => 0.5];

    private const PARTS = [
        'third' => 1 / 3,
        'thirds' => 1 / 3,
        'tiers' => 1 / 3,
        'quarter' => 0.25,
        'quarters' => 0.25,
        'quart' => 0.25,
        'quarts' => 0.25,
    ];

    private const TO = ['to', 'or', 'a', 'ou', '-', '–', '—'];

    /**
     * A number or a range at a place; null when none stands there.
     *
     * @param  list<Token>  $tokens
     * @return array{Band, int}|null with the place after it
     */
    public static function at(array $tokens, int $at): ?array
    {
        $isBetween = $tokens[$at]->is('between', 'entre');
        $first = self::single($tokens, $isBetween ? $at + 1 : $at, afterRange: $isBetween);
        if ($first === null) {
            return null;
        }
        [$low, $next] = $first;
        if (
            isset($tokens[$next])
            && ($tokens[$next]->is(...self::TO) || ($isBetween && $tokens[$next]->is('and', 'et')))
        ) {
            $second = self::single($tokens, $next + 1, afterRange: true);
            if ($second !== null && $second[0] > $low) {
                return [Band::of($low, ($low + $second[0]) / 2, $second[0]), $second[1]];
            }
        }

        return is_finite($low) ? [Band::exact($low), $next] : null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{float, int}|null
     */
    private static function single(array $tokens, int $at, bool $afterRange = false): ?array
    {
        $token = $tokens[$at] ?? null;
        $value = null;
        $next = $at + 1;
        if ($token === null) {
            return null;
        }
        if ($token->kind === Token::NUMBER) {
            $value = $token->value;
            $after = $tokens[$next] ?? null;
            if ($after?->kind === Token::NUMBER && $after->value < 1 && $value >= 1 && floor($value) === $value) {
                [$value, $next] = [$value + $after->value, $next + 1]; // 1 1/2
            }
        } elseif ($token->is('a', 'an', 'la', 'the') && isset($tokens[$next])) {
            $part = self::part($tokens, $next); // "a half", "a quarter of a", "la moitié d'une"
            if ($part === null && $token->is('a', 'an') && ! $afterRange) {
                return $tokens[$next]->is('couple', 'dozen') ? self::single($tokens, $next) : null;
            }

            return $part;
        } elseif (isset(self::ONES[$token->folded])) {
            $value = (float) self::ONES[$token->folded];
            if ($value === 1.0 && isset($tokens[$next]) && isset(self::ABOUT[$tokens[$next]->folded])) {
                [$value, $next] = [(float) self::ABOUT[$tokens[$next]->folded], self::past($tokens, $next + 1)];
            }
            $of = isset($tokens[$next]) && $tokens[$next]->is('-') ? $next + 1 : $next;
            $part = isset($tokens[$of]) ? self::PARTS[$tokens[$of]->folded] ?? null : null;
            if ($part !== null) {
                [$value, $next] = [$value * $part, self::past($tokens, $of + 1)]; // three-quarters of a
            }
            if (isset($tokens[$next]) && $tokens[$next]->is('of') && $token->is('couple')) {
                $next++;
            }
        } elseif (isset(self::TENS[$token->folded])) {
            $value = (float) self::TENS[$token->folded];
            $hyphen = isset($tokens[$next]) && $tokens[$next]->is('-') ? $next + 1 : $next;
            if (
                isset($tokens[$hyphen])
                && isset(self::ONES[$tokens[$hyphen]->folded])
                && $value < 100
                && self::ONES[$tokens[$hyphen]->folded] < 10
            ) {
                [$value, $next] = [$value + self::ONES[$tokens[$hyphen]->folded], $hyphen + 1];
            }
        } else {
            return self::part($tokens, $at);
        }

        return self::refined($tokens, $value, $next);
    }

    /**
     * What may follow a whole number: "and a half", "et demie", "half" (two half spoons), "x 5".
     *
     * @param  list<Token>  $tokens
     * @return array{float, int}
     */
    private static function refined(array $tokens, float $value, int $next): array
    {
        $token = $tokens[$next] ?? null;
        if ($token === null) {
            return [$value, $next];
        }
        if ($token->is('and', 'et', '&')) {
            $skip = isset($tokens[$next + 1]) && $tokens[$next + 1]->is('a', 'une', 'un') ? 2 : 1;
            $part = $tokens[$next + $skip] ?? null;
            if (
                $part !== null
                && (
                    isset(self::HALF[$part->folded])
                        || isset(self::PARTS[$part->folded])
                        || ($skip === 1 && $part->kind === Token::NUMBER && $part->value < 1)
                )
            ) {
                return [
                    $value + (self::HALF[$part->folded] ?? self::PARTS[$part->folded] ?? $part->value),
                    $next + $skip + 1,
                ];
            }
        }
        if (isset(self::HALF[$token->folded])) {
            $hyphen = isset($tokens[$next + 1]) && $tokens[$next + 1]->is('-') ? 1 : 0;

            return [$value * 0.5, $next + 1 + $hyphen];
        }
        if ($token->is('x') && isset($tokens[$next + 1])) {
            $times = $tokens[$next + 1];
            $isGrade = $token->start === $tokens[$next - 1]->end
                && $times->start > $token->end; // "200x": how strong it is
            if ($times->kind === Token::NUMBER && ! $isGrade) {
                return [$value * $times->value, $next + 2];
            }
        }

        return [$value, $next];
    }

    /**
     * "half (a)", "quarter (of a)", "un quart de", "la moitié d'une", "demi-".
     *
     * @param  list<Token>  $tokens
     * @return array{float, int}|null
     */
    private static function part(array $tokens, int $at): ?array
    {
        $value = self::HALF[$tokens[$at]->folded] ?? self::PARTS[$tokens[$at]->folded] ?? null;
        if ($value === null) {
            return null;
        }

        return [$value, self::past($tokens, $at + 1)];
    }

    /**
     * Past the small words between a part and its measure: "of a", "d'une".
     *
     * @param  list<Token>  $tokens
     */
    private static function past(array $tokens, int $next): int
    {
        while (isset($tokens[$next]) && $tokens[$next]->is('-', 'of', 'a', 'an', 'de', 'd', 'une', 'un', "'", '’')) {
            $next++;
        }

        return $next;
    }
}
