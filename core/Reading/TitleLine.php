<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;

/** The first line of a note, where it is the product's name and no ingredient. */
final readonly class TitleLine
{
    private const MOST_WORDS = 12;

    /** What a product is called after, where the word is no ingredient too. Folded. */
    private const PRODUCTS = '/\b(?:mask|masque|spray|mist|brume|spritz|serum|cream|creme|balm|baume|pomade|pommade'
        .'|custard|jelly|gelee|rinse|rincage|conditioner|leave in|sans rincage|detangler|demelant|wash|shampoo'
        .'|shampo+ing|apres shampo+ing|milk for|lait pour|cloud|nuage|pudding|butter for|whipped|twist|curl'
        .'|boucles?|stick'
        .'|lotion|tonic|tonique|paste|pack|treatment|soin|whip|fouettee?|cubes?|bars?|softener|gloss|scrub|gommage'
        .'|drops|elixir|toner|tint|souffle|glaze|slip|smoothie|hair (?:oil|butter|milk|tea|food)|scalp (?:oil|drops)'
        .'|routine|recipe|recette|macerat de|beurre capillaire|huile capillaire|lait capillaire|bain d huile'
        .'|pommade)\b/';

    /** "4c ends": no four cups. */
    private const HAIR_TYPE = '/\b[1-4][abc]\b/iu';

    /** Says outright that what stands before is made. */
    private const MAKES = '/\b(?:makes?|gives?|fills?|yields?|batch|donne|remplit|rendement)\b/iu';

    private const WHOM = '/\b(?:for|pour|she|he|they|elle|il|who|qui|years?|yrs?|ans|months?|mois)\b|\d/iu';

    /** Words that lead from the name to who it is for. */
    private const FOR_WHOM = '/[\s(,;:–—-]*(?:\b(?:for|pour|while|during|my|our|the|her|his|i[’\']?m|she|he|is|they'
        .'|are|who'
        .'|ma|mon|mes|la|le|les|notre|une?|baby|girl|boy|daughter|son'
        .'|niece|nephew|bébé|fille|fils|petite?|nièce|neveu|aged?|âgée?|de|qui|a)\b[\s,’\'(]*)*$/iu';

    /** Who it is for, where an age or a name is all that is said. */
    private const SOMEBODY =
        '/[\s(,;:–—-]*\b(?:for|pour)\s+(?:(?:my|our|his|her|the|ma|mon|mes|notre|nos|les?|la|ta|ton)\s+)?'
        .'(?:\p{L}+\s+)?(?:bab(?:y|ies)|kids?|child(?:ren)?|daughters?|sons?|niece|nephew|girls?|boys?'
        .'|toddlers?|sister|brother|mum'
        .'|mom|wife|husband|filles?|fils|bébés?|enfants?|nièce|neveu|petite?s?|sœur|frère|maman)\b.*$/iu';

    /** @param  int  $length  how much of the line it takes up, bytes */
    private function __construct(public string $name, public ?StatedYield $yield, public int $length)
    {
    }

    /** "Egg treatment: 3 tbsp …": a name with everything behind it; null where there is none. */
    public static function beforeColon(string $line, NameIndex $names, Catalogue $catalogue): ?self
    {
        $at = strpos($line, ':');
        $before = $at === false ? '' : substr($line, 0, $at);
        $tokens = Lexer::tokens($before, 0);
        if ($at === false || $tokens === [] || count($tokens) > 8 || trim(substr($line, $at + 1)) === '') {
            return null;
        }
        $isList = count($tokens) <= 4 && preg_match_all('/[\d½¼¾⅓⅔]\s*\p{L}/u', substr($line, $at + 1)) >= 2;
        if (! $isList && preg_match(self::PRODUCTS, implode(' ', array_column($tokens, 'folded'))) !== 1) {
            return null;
        }
        $title = self::of($before, $tokens, '1', $names, $catalogue);

        return $title === null ? null : new self($title->name, null, $at + 1);
    }

    /**
     * @param  string  $line  the first of the text
     * @param  list<Token>  $tokens  of it
     * @param  string  $rest  what follows it
     */
    public static function of(
        string $line,
        array $tokens,
        string $rest,
        NameIndex $names,
        Catalogue $catalogue,
    ): ?self {
        $isPicture = static fn (Token $token): bool => $token->kind === Token::MARK && strlen($token->folded) >= 3
            && ! $token->is('•', '–', '—', '…', '→');
        while ($tokens !== [] && $isPicture($tokens[0])) {
            array_shift($tokens);
        }
        $first = $tokens[0] ?? null;
        if (
            $first === null
            || $first->kind !== Token::WORD
            || ($first->is(...RoleWords::DOING) && ! self::isNoun($tokens))
            || (self::isHeading($tokens) && preg_match('/ (?:routine|recipe|recette)$/', Token::written($tokens)) !== 1)
            || $tokens[count($tokens) - 1]->is(':')
        ) {
            return null;
        }
        $isMeasured = preg_match('/[\d½¼¾⅓⅔]/u', $rest) === 1;
        $yield = StatedYield::endOf($line);
        $second = strcspn($line, ' ');
        if ($yield?->at === 0 && $second < strlen($line)) {
            $yield = StatedYield::endOf(substr($line, $second))?->behind($second); // "Spray brillance 100 ml"
        }
        $written = $yield === null ? $line : substr($line, 0, $yield->at);
        if ($yield !== null && substr_count($written, '(') > substr_count($written, ')')) {
            $written = substr($written, 0, (int) strrpos($written, '(')); // "(for a 250 ml bottle, that is 250 g)"
        }
        $tokens = Lexer::tokens(preg_replace(self::HAIR_TYPE, ' ', $written) ?? $written, 0);
        $isProduct = preg_match(self::PRODUCTS, implode(' ', array_column($tokens, 'folded'))) === 1;
        $isPlain = self::isPlainMaterial($tokens, $names, $catalogue, $yield !== null);
        if (
            $tokens === []
            || count($tokens) > 2 * self::MOST_WORDS
            || self::isMeasuring($tokens)
            || match (true) {
                $isProduct => false,
                $yield === null => $isPlain || (! $isMeasured && self::isSentence($tokens)),
                default => $isPlain && preg_match(self::MAKES, substr($line, $yield->at)) !== 1,
            }
        ) {
            return null;
        }
        $name = self::trimmed(self::withoutBrackets(self::withoutUse(self::withoutWhom($written))));

        return $name === '' ? null : new self(mb_substr($name, 0, 120), $yield, strlen($line));
    }

    /**
     * "Leave-in …", "Rinse au vinaigre", "Wash day scrub": the word is part of a name here.
     *
     * @param  list<Token>  $tokens
     */
    private static function isNoun(array $tokens): bool
    {
        $next = $tokens[1] ?? null;
        if ($tokens[0]->is('leave')) {
            return preg_match('/^-?(?:in|on)/', ($next->folded ?? '').($tokens[2]->folded ?? '')) === 1;
        }
        $words = array_filter($tokens, static fn (Token $token): bool => $token->kind === Token::WORD);
        $said = implode(' ', array_column($words, 'folded'));

        return count($words) <= 8
            && ! ($next?->is('the', 'it', 'in', 'your', 'some', 'a', 'an', 'together', 'les', 'le', 'la', 'l', 'un',
                'une', 'de', 'du') ?? false)
            && (preg_match(self::PRODUCTS, $said) === 1
                || $next === null || $next->kind === Token::MARK || $next->is('au', 'aux', 'with', 'for', 'pour'));
    }

    /** @param  list<Token>  $tokens */
    private static function isMeasuring(array $tokens): bool
    {
        foreach (array_keys($tokens) as $at) {
            if ($tokens[$at]->kind !== Token::MARK && Quantities::at($tokens, $at) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * Nothing but the name of something that is bought: a line of its own, not what is made.
     *
     * @param  list<Token>  $tokens
     */
    private static function isPlainMaterial(
        array $tokens,
        NameIndex $names,
        Catalogue $catalogue,
        bool $hasAmount,
    ): bool {
        $words = array_values(array_filter(
            $tokens,
            static fn (Token $token): bool => $token->kind !== Token::MARK || $token->is('-', "'", '’', '/', '+', '&'),
        ));
        while ($words !== [] && $words[0]->is(...RoleWords::STATES)) {
            array_shift($words);
        }
        $found = $words === [] ? null : $names->at($words, 0);
        $left = $found === null ? [] : array_filter(
            array_slice($words, $found[1]),
            static fn (Token $token): bool => ! $token->is(...RoleWords::STATES, ...LineWords::FILLERS, ...['refined',
                'unrefined', 'raffine', 'brut']),
        );

        return $found !== null
            && $left === []
            && ($hasAmount || ! in_array(
                $catalogue->get($found[0])->kind,
                [Kind::HydrosolOrTea, Kind::PlantJuiceOrGel, Kind::PlantMilkOrFood],
                true,
            ));
    }

    /** @param  list<Token>  $tokens */
    private static function isHeading(array $tokens): bool
    {
        $heading = Headings::of($tokens);

        return $heading !== null && $heading->next === count($tokens);
    }

    /** @param  list<Token>  $tokens */
    private static function isSentence(array $tokens): bool
    {
        return count($tokens) > self::MOST_WORDS || $tokens[count($tokens) - 1]->is('.', ';', ',');
    }

    /** "Curl milk for my daughter, she is 8" is called "Curl milk"; "Baby cream" stays. */
    private static function withoutWhom(string $name): string
    {
        $short = preg_replace(self::SOMEBODY, '', $name) ?? $name;
        if ($short !== $name && self::trimmed($short) !== '') {
            return $short;
        }
        $whom = ForWhom::in($name)->audienceWords;
        $at = $whom === '' ? false : strripos($name, $whom);
        if ($at === false || $at === 0) {
            return $name;
        }
        $left = preg_replace('/[\s(,;:–—-]*\b(?:for|pour)\s+\p{Lu}\p{L}+\s*\($/u', '', substr($name, 0, $at)) ?? '';
        $left = preg_replace(self::FOR_WHOM, '', $left) ?? '';

        return self::trimmed($left) === '' ? $name : $left;
    }

    /** "Quick oil (on the stove)": what stands in brackets at the end is said of it. */
    private static function withoutBrackets(string $name): string
    {
        $short = preg_replace('/\s*\([^()]*\)[\s,.;:–—-]*$/u', '', $name) ?? $name;

        return self::trimmed($short) === '' ? $name : $short;
    }

    /** "Avocado mask - rinse well!" is called "Avocado mask". */
    private static function withoutUse(string $name): string
    {
        if (preg_match('/^(.{3,}?)\s+[–—-]\s+(.+)$/u', $name, $parts) !== 1) {
            return $name;
        }
        $after = Lexer::tokens($parts[2], 0);

        return $after !== [] && (new Clause($after))->says(RoleWords::USING) ? $parts[1] : $name;
    }

    private static function trimmed(string $name): string
    {
        return preg_replace('/^[^\p{L}\p{N}]+|(?:[\s(,;:.|=~–—-]|\p{So}|\x{FE0F})+$/u', '', $name) ?? $name;
    }

    /** Says which bytes of the line are what. */
    public function mark(NoteBuilder $builder, int $offset, string $line): void
    {
        $yield = $this->yield === null ? strlen($line) : max($this->yield->at, 1);
        $at = strpos($line, $this->name);
        $end = $at === false ? $yield : $at + strlen($this->name);
        $whom = trim(substr($line, $end, max(0, $yield - $end)));
        $says = preg_match('/\pL/u', $whom) === 1;
        $spans = [[0, $says ? $end : $yield, Role::Title]];
        if ($says) {
            $spans[] = [$end, $yield, match (true) {
                (new Clause(Lexer::tokens($whom, 0)))->says(RoleWords::USING) => Role::Use,
                ForWhom::in($whom)->audience !== null, preg_match(self::WHOM, $whom) === 1 => Role::Audience,
                default => Role::Remark,
            }];
        }
        $spans[] = [$yield, strlen($line), Role::Yield];
        foreach ($spans as [$from, $to, $role]) {
            $text = substr($line, $from, $to - $from);
            if (trim($text) !== '') {
                $from += strlen($text) - strlen(ltrim($text));
                $builder->spans->mark(new Span($offset + $from, $offset + $from + strlen(trim($text))), $role);
            }
        }
    }
}
