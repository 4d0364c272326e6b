<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Phase;

/** Lines and beginnings of lines that say which phase comes next, or that something is made first. */
final class Headings
{
    private const WATER = [
        'water', 'waters', 'watery', 'aqueous', 'aqueuse', 'eau', 'eaux', 'liquid', 'liquids', 'liquides', 'wet',
        'hydrosols',
    ];

    private const OIL = [
        'oil', 'oils', 'oily', 'fat', 'fats', 'fatty', 'butter', 'butters', 'huile', 'huiles', 'huileuse', 'grasse',
        'gras',
        'corps', 'lipids', 'waxes', 'greasy', 'beurres',
    ];

    private const COOL = [
        'cool', 'cooled', 'cooldown', 'cooling', 'cools', 'cold', 'additives', 'actives', 'active', 'actifs', 'froid',
        'froide', 'refroidissement', 'refroidi', 'refroidie', 'tiede', 'lukewarm', 'ajouts', 'finition', 'extras',
        'handwarm',
    ];

    private const INFUSION = ['infusion', 'infuse', 'infusing', 'macerat', 'maceration', 'steeping'];

    /** Where only letters or numbers are given, the usual order. Common practice. */
    private const LETTERS = [
        'a' => Phase::Water, 'b' => Phase::Oil, 'c' => Phase::Cooldown, 'd' => Phase::Cooldown,
        '1' => Phase::Water, '2' => Phase::Oil, '3' => Phase::Cooldown,
    ];

    /** Words for a phase where nobody says "phase": "the water part", "oil side", "watery half". */
    private const PARTS = [
        'phase', 'phases', 'part', 'parts', 'side', 'portion', 'partie', 'stage', 'etape', 'half', 'moitie', 'cote',
        'stuff', 'bits', 'bit', 'ingredients', 'group', 'groupe', 'pot', 'jug', 'beaker', 'down',
    ];

    /** Small words around. */
    private const AROUND = [
        'the', 'le', 'la', 'les', 'l', 'my', 'of', 'in', 'for', 'pour', 'and', 'et', 'heated', 'hot', 'warm',
        'chauffee',
        'chaud', 'all', 'with', 'then', 'puis', 'to', 'at', 'a', 'au', 'when', 'once', 'after', 'quand', 'apres', 'une',
        'fois', 'it', 'is', 'has', 'c', 'est', 'its', 'below', 'under', 'sous', 'moins', 'de', 's', 'everything', 'que',
        'ca', 'cest', 'melange', 'end', 'fin', 'last', 'finally', 'enfin', 'add', 'ajouter', 'off', 'heat', 'hors',
        'du',
        'feu', 'has', 'been', 'celsius', 'refroidir', 'd', 'en', 'dessous', 'degres', 'degrees', 'down', 'goes', 'go',
        'still', 'only', 'mix', 'cream', 'creme', 'lait', 'se', 'sont', 'que', 'ce', 'soit', 'on', 'first',
    ];

    private const WHEN = ['when', 'once', 'after', 'quand', 'apres', 'fois', 'off', 'hors', 'below', 'under', 'moins',
        'dessous'];

    /** Say nothing of a phase, but that something new begins. */
    private const NEW =
        '/^(?:ingredients?|you(?: will)? need|what you need|needs?|shopping|method|how to|what to do|steps?|making it'
        .'|preparation|methode|mode d emploi|etapes?|il (?:vous )?faut|then|puis|ensuite|next|now|to (?:finish'
        .'|use|make it)|use'
        .'|utilisation|directions?|notes?|remarques?|recipe|recette|pour finir|the recipe|la recette)$/';

    /** May stand before what is made: "first the tea", "to make the gel". Folded. */
    public const LEADS = [
        'first', 'second', 'secondly', 'third', 'then', 'now', 'next', 'step', 'make', 'making', 'prepare', 'for', 'to',
        'the', 'le', 'la', 'l', 'les', 'pour', 'faire', 'd', 'abord', 'a', 'un', 'une', 'my', 'ma', 'mon', 'preparer',
        'start',
        'with', 'ensuite', 'puis', 'd’abord', 'part', 'partie', 'and', 'et', 'this', 'one', 'two', 'three', 'some',
        'make', 'your', 'premierement', 'deuxiemement', 'etape', 'du', 'de',
    ];

    /** A fat or a water by these is made first, and no phase. */
    private const AHEAD = [
        'first', 'ahead', 'before', 'make', 'making', 'abord', 'avance', 'veille', 'prepare',
        'preparer', 'month', 'weeks', 'days', 'mois', 'semaines', 'day', 'earlier',
    ];

    private const INFUSED = ['infused', 'infuse', 'infusee', 'macerat', 'macere', 'maceree', 'steeped', 'herbal',
        'flower'];

    private const LONGEST = 9;

    /**
     * The phase a line announces; null when it is no heading of one.
     *
     * @param  list<Token>  $tokens
     */
    public static function phase(array $tokens): ?Phase
    {
        $heading = self::of($tokens);

        return $heading !== null && $heading->next === count($tokens) ? $heading->phase : null;
    }

    /**
     * "FLAX GEL" over lines in small letters: what is made there.
     *
     * @param  list<Token>  $tokens
     */
    public static function shouted(array $tokens, string $line): ?Heading
    {
        $isShouted = preg_match('/\p{Lu}{3}/u', $line) === 1 && preg_match('/[\p{Ll}\d]/u', $line) === 0;
        $heading = $isShouted ? self::whole($tokens, 0, count($tokens), true) : null;

        return $heading?->makes === null ? null : $heading;
    }

    /** @param  list<Token>  $tokens of a line */
    public static function of(array $tokens): ?Heading
    {
        $from = 0;
        while (isset($tokens[$from]) && $tokens[$from]->kind === Token::MARK) {
            $from++;
        }
        $colon = null;
        foreach ($tokens as $at => $token) {
            $isDash = $token->is('-') && $at > $from && isset($tokens[$at + 1])
                && $token->start > $tokens[$at - 1]->end && $tokens[$at + 1]->start > $token->end;
            if ($token->is(':') || $isDash || ($token->is('–', '—', '=') && $at > $from)) {
                $colon = $at;

                break;
            }
            if ($at - $from > self::LONGEST + 4) {
                break;
            }
        }
        $isDoing = isset($tokens[$from]) && $tokens[$from]->is(...RoleWords::DOING)
            && ! $tokens[$from]->is('make', 'cool', 'prepare', 'faire', 'soak', 'mix', 'add', 'ajouter', 'refroidir',
                'start')
            && array_filter(
                array_slice($tokens, $from, (int) $colon),
                static fn (Token $token): bool => $token->is('first', 'ahead', 'before', 'abord', 'avance', 'veille'),
            ) === []; // "Cook the oil first: 10 g"
        $last = $tokens[count($tokens) - 1] ?? null;
        if ($isDoing || ($last !== null && $last->is('bag', 'bags', 'sachet', 'sachets', 'leaves', 'feuilles'))) {
            return null; // "two black tea bags"
        }
        $whole = self::whole($tokens, $from, count($tokens), $colon === count($tokens) - 1);
        if ($whole !== null || $colon === null || $colon === count($tokens) - 1) {
            return $whole;
        }
        $beginning = self::whole($tokens, $from, $colon, $tokens[$colon]->is(':'));
        $saysPhase = $beginning?->phase !== null
            && ($tokens[$colon]->is(':')
                || array_intersect($beginning->label, self::PARTS) !== []
                || array_intersect($beginning->label, self::WHEN) !== []
                || Quantities::at($tokens, $colon + 1) !== null);
        $isAmount = Quantities::at($tokens, $colon + 1) !== null
            && self::isAmountAlone($tokens, $colon + 1);

        return $beginning !== null && ! $isAmount
            && ($saysPhase || ($tokens[$colon]->is(':') && ($beginning->makes !== null || $beginning->phase === null)))
            ? new Heading($beginning->phase, $beginning->makes, $beginning->label, $colon + 1, $beginning->isLettered)
            : null;
    }

    /**
     * "Water: 30 g": nothing behind the colon but an amount.
     *
     * @param  list<Token>  $tokens
     */
    private static function isAmountAlone(array $tokens, int $at): bool
    {
        $quantity = Quantities::at($tokens, $at);

        return $quantity !== null && array_filter(
            array_slice($tokens, $quantity->next),
            static fn (Token $token): bool => $token->kind === Token::WORD,
        ) === [];
    }

    /** @param  list<Token>  $tokens */
    private static function whole(array $tokens, int $from, int $to, bool $hasColon): ?Heading
    {
        $words = $numbers = [];
        $depth = 0;
        for ($at = $from; $at < $to; $at++) {
            $token = $tokens[$at];
            $depth += $token->is('(') ? 1 : ($token->is(')') ? -1 : 0);
            if ($depth > 0 || $token->kind === Token::MARK) {
                continue;
            }
            $isAmount = $at > $from && Quantities::at($tokens, $at) !== null && ! $token->is('a', 'an', 'un', 'une');
            if ($isAmount || ($at === $from && Quantities::at($tokens, $at) !== null)) {
                return null;
            }
            $token->kind === Token::WORD ? $words[] = $token->folded : $numbers[] = $token->folded;
        }
        if (count($words) > self::LONGEST || ($words === [] && $numbers === [])) {
            return null;
        }
        $phase = self::phaseOf($words, $numbers, $hasColon);
        $makes = $phase === null || array_intersect($words, [...self::AHEAD, ...self::INFUSED]) !== []
            ? self::makes($words, $numbers, $hasColon, $to === count($tokens))
            : null;

        return match (true) {
            $makes !== null => new Heading(null, $makes, $words, $to),
            $phase !== null => new Heading($phase, null, $words, $to, array_intersect($words, [...self::WATER,
                ...self::OIL, ...self::COOL, ...self::WHEN]) === []),
            $numbers === [] && $to === count($tokens) && self::isNext($words) => new Heading(null, null, $words, $to),
            $numbers === [] && preg_match(self::NEW, implode(' ', $words)) === 1
                && ($hasColon || $to === count($tokens)) => new Heading(null, null, $words, $to),
            default => null,
        };
    }

    /**
     * "second: the balm", "then the cream": something else begins.
     *
     * @param  list<string>  $words
     */
    private static function isNext(array $words): bool
    {
        return count($words) <= 5
            && count($words) >= 2
            && in_array($words[0], ['first', 'second', 'secondly', 'third', 'then', 'now', 'next', 'finally', 'puis',
                'ensuite', 'enfin', 'deuxieme'], true)
            && in_array($words[1], ['the', 'le', 'la', 'les', 'l', 'for', 'pour', 'my', 'ma', 'mon'], true);
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $numbers
     */
    private static function phaseOf(array $words, array $numbers, bool $hasColon): ?Phase
    {
        $said = [
            Phase::Cooldown->value => array_intersect($words, self::COOL),
            Phase::Water->value => array_intersect($words, self::WATER),
            Phase::Oil->value => array_intersect($words, self::OIL), Phase::Infusion->value => array_intersect($words,
                self::INFUSION),
        ];
        $said = array_filter($said);
        $hasPart = array_intersect(self::PARTS, $words) !== [];
        $others = array_diff($words, self::AROUND, self::PARTS, self::WATER, self::OIL, self::COOL, self::INFUSION);
        $isWhen = array_intersect($words, self::WHEN) !== [];
        if ($numbers !== [] && ! $hasPart && ! $isWhen) {
            return null;
        }
        if (count($words) <= 1 && $numbers === [] && isset(self::LETTERS[$words[0] ?? ''])) {
            return self::LETTERS[$words[0]];
        }
        if ($isWhen && $others === []) {
            $isBelow = array_intersect($words, ['below', 'under', 'moins', 'dessous']) !== [] && $numbers !== [];
            $isOff = in_array('heat', $words, true) || in_array('feu', $words, true);

            return isset($said[Phase::Cooldown->value]) || $isBelow || $isOff
                || array_intersect($words, ['warm', 'refroidir']) !== []
                ? Phase::Cooldown : null;
        }
        if ($hasPart && (count($words) <= 6 || $others === [])) {
            if ($said !== []) {
                return Phase::from(array_key_first($said));
            }
            $at = array_search('phase', $words, true);
            $letter = $at === false ? null : $words[$at + 1] ?? $numbers[0] ?? $words[$at - 1] ?? null;

            return $letter === null ? null : self::LETTERS[$letter] ?? null;
        }
        $isPlural = array_intersect($words, [
            'oils', 'fats', 'liquids', 'waters', 'butters', 'actifs', 'additives', 'actives', 'huiles', 'gras',
            'liquides',
            'eaux', 'fatty', 'watery', 'oily', 'extras', 'cooldown', 'cool', 'froid', 'ajouts', 'beurres', 'waxes',
            'wet', 'refroidissement',
        ]) !== [];

        unset($said[Phase::Infusion->value]); // "the infusion:" is made first

        return $said !== [] && $others === [] && $numbers === [] && ($hasColon ? count($words) <= 5 : $isPlural)
            ? Phase::from(array_key_first($said))
            : null;
    }

    /**
     * The noun of what is made first: "for the tea", "beetroot juice:", "le jus :".
     *
     * @param  list<string>  $words
     * @param  list<string>  $numbers
     */
    private static function makes(array $words, array $numbers, bool $hasColon, bool $isWhole): ?string
    {
        if ($words === [] || count($numbers) > 1 || (! $hasColon && ! $isWhole)) {
            return null;
        }
        $rest = $words;
        $led = false;
        while ($rest !== [] && in_array($rest[0], self::LEADS, true)) {
            $led = true;
            array_shift($rest);
        }
        if ($rest === [] || ($numbers !== [] && ! $hasColon)) {
            return null;
        }
        $isAhead = array_intersect($words, self::AHEAD) !== [];
        foreach (array_unique([$rest[count($rest) - 1], $rest[0], ...array_slice($rest, 0, 3)]) as $word) {
            $makes = RoleWords::FORMS[$word] ?? null;
            $isFat = in_array($word, ['oil', 'huile', 'water', 'eau', 'liquid', 'liquide', 'mix', 'melange', 'blend',
                'base'], true);
            if ($makes !== null && ($hasColon || ($led && count($rest) <= 3) || $isAhead)
                && (! $isFat || $isAhead || array_intersect($words, self::INFUSED) !== []) && count($rest) <= 6) {
                return $word;
            }
        }

        return null;
    }
}
