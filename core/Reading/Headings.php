<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Phase;

/** Lines that say which phase the next lines belong to. */
final class Headings
{
    private const WORDS = [
        'water' => Phase::Water,
        'aqueous' => Phase::Water,
        'aqueuse' => Phase::Water,
        'eau' => Phase::Water,
        'liquid' => Phase::Water,
        'oil' => Phase::Oil,
        'oily' => Phase::Oil,
        'fat' => Phase::Oil,
        'butter' => Phase::Oil,
        'huile' => Phase::Oil,
        'huileuse' => Phase::Oil,
        'grasse' => Phase::Oil,
        'cool' => Phase::Cooldown,
        'cooldown' => Phase::Cooldown,
        'cooling' => Phase::Cooldown,
        'cold' => Phase::Cooldown,
        'additives' => Phase::Cooldown,
        'froid' => Phase::Cooldown,
        'froide' => Phase::Cooldown,
        'refroidissement' => Phase::Cooldown,
        'actifs' => Phase::Cooldown,
        'infusion' => Phase::Infusion,
        'infuse' => Phase::Infusion,
        'macerat' => Phase::Infusion,
        'maceration' => Phase::Infusion,
    ];

    /** Where only letters are given, the usual order. Common practice. */
    private const LETTERS = ['a' => Phase::Water, 'b' => Phase::Oil, 'c' => Phase::Cooldown];

    private const LONGEST = 6;

    /** Words for a phase where nobody says "phase": "the water part", "oil side". */
    private const PARTS = ['phase', 'part', 'parts', 'side', 'portion', 'partie', 'stage', 'etape'];

    /**
     * What has to have happened before the next lines go in: "when cool", "once cooled", "after cooling", "hors du feu,
     * tiède".
     */
    private const WHEN = ['when', 'once', 'after', 'quand', 'apres', 'une'];

    private const COOLED = [
        'cool',
        'cooled',
        'cooling',
        'cold',
        'lukewarm',
        'warm',
        'froid',
        'refroidi',
        'refroidie',
        'tiede',
    ];

    /**
     * The phase a line announces; null when it is no heading.
     *
     * @param  list<Token>  $tokens
     */
    public static function phase(array $tokens): ?Phase
    {
        $words = array_values(array_filter(array_map(
            static fn (Token $token): string => $token->kind === Token::WORD ? $token->folded : '',
            $tokens,
        )));
        $saysPhase = array_intersect(self::PARTS, $words) !== [];
        $isAlone = count($words) <= 3 && $tokens[count($tokens) - 1]->is(':');
        $hasNumber = array_filter($tokens, static fn (Token $token): bool => $token->kind === Token::NUMBER) !== [];
        if (
            ! $hasNumber
            && count($words) <= 4
            && in_array($words[0] ?? '', self::WHEN, true)
            && array_intersect(self::COOLED, $words) !== []
        ) {
            return Phase::Cooldown;
        }
        if (
            $words === []
            || count($words) > self::LONGEST
            || (! $saysPhase && ! $isAlone)
            || ($hasNumber && ! in_array('phase', $words, true))
        ) {
            return null;
        }
        foreach ($words as $word) {
            if (isset(self::WORDS[$word])) {
                return self::WORDS[$word];
            }
        }
        $letter = $words[(int) array_search('phase', $words, true) + 1] ?? '';

        return in_array('phase', $words, true) ? self::LETTERS[$letter] ?? null : null;
    }
}
