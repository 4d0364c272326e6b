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
        .'|shampo+ing'
        .'|lotion|tonic|tonique|paste|pack|treatment|soin|whip|fouettee?|cubes?|bars?|softener|gloss|scrub|gommage)\b/';

    /** Who begins like this tells what to do. Folded. */
    private const DOING = [
        'add', 'blend', 'boil', 'bring', 'chop', 'combine', 'cook', 'crush', 'dissolve', 'fill', 'grate', 'heat',
        'infuse', 'leave', 'mash', 'measure', 'melt', 'mix', 'pour', 'press', 'put', 'rinse', 'shake', 'simmer', 'soak',
        'sprinkle', 'squeeze', 'steep', 'stir', 'strain', 'take', 'use', 'warm', 'weigh', 'whisk', 'whizz',
        'ajouter', 'ajoutez', 'chauffer', 'chauffez', 'couper', 'ecraser', 'faire', 'faites', 'fondre', 'infuser',
        'laisser', 'laissez', 'melanger', 'melangez', 'mettre', 'mettez', 'mixer', 'mixez', 'prendre', 'prenez',
        'raper', 'rincer', 'verser', 'versez',
    ];

    /** Words that lead from the name to who it is for. */
    private const FOR_WHOM = '/[\s(,;:–—-]*(?:\b(?:for|pour|while|during|my|our|the|her|his|i[’\']?m|she|he|is|they'
        .'|are|who'
        .'|ma|mon|mes|la|le|les|notre|une?|baby|girl|boy|daughter|son'
        .'|niece|nephew|bébé|fille|fils|petite?|nièce|neveu)\b[\s,’\']*)*$/iu';

    /** @param  bool  $saysMore  whether the line says who it is for or what it fills, too */
    private function __construct(public string $name, public ?StatedYield $yield, public bool $saysMore)
    {
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
        $first = $tokens[0] ?? null;
        if (
            $first === null
            || $first->kind !== Token::WORD
            || ($first->is(...self::DOING) && ! self::isLeaveIn($tokens))
            || Headings::phase($tokens) !== null
            || $tokens[count($tokens) - 1]->is(':')
        ) {
            return null;
        }
        $isMeasured = preg_match('/[\d½¼¾⅓⅔]/u', $rest) === 1;
        $yield = StatedYield::endOf($line);
        $written = $yield === null ? $line : substr($line, 0, $yield->at);
        $tokens = Lexer::tokens($written, 0);
        $isProduct = preg_match(self::PRODUCTS, implode(' ', array_column($tokens, 'folded'))) === 1;
        $isPlain = self::isPlainMaterial($tokens, $names, $catalogue);
        if (
            $tokens === []
            || count($tokens) > 2 * self::MOST_WORDS
            || self::isMeasuring($tokens)
            || match (true) {
                $isProduct => false,
                $yield === null => $isPlain || ! $isMeasured,
                default => $yield->isSaid ? $isPlain : self::namesOne($tokens, $names),
            }
        ) {
            return null;
        }
        $name = self::trimmed(self::withoutWhom($written));

        return $name === '' ? null : new self(mb_substr($name, 0, 120), $yield, $name !== self::trimmed($line));
    }

    /** @param  list<Token>  $tokens */
    private static function isLeaveIn(array $tokens): bool
    {
        return $tokens[0]->is('leave') && preg_match('/^-?(?:in|on)/', implode('', array_map(
            static fn (Token $token): string => $token->folded,
            array_slice($tokens, 1, 2),
        ))) === 1;
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
    private static function isPlainMaterial(array $tokens, NameIndex $names, Catalogue $catalogue): bool
    {
        $found = $tokens === [] ? null : $names->at($tokens, 0);

        return $found !== null
            && $found[1] === count($tokens)
            && ! in_array(
                $catalogue->get($found[0])->kind,
                [Kind::HydrosolOrTea, Kind::PlantJuiceOrGel, Kind::PlantMilkOrFood],
                true,
            );
    }

    /** @param  list<Token>  $tokens */
    private static function namesOne(array $tokens, NameIndex $names): bool
    {
        foreach ($tokens as $at => $token) {
            if ($token->kind === Token::WORD && $names->at($tokens, $at) !== null) {
                return true;
            }
        }

        return false;
    }

    /** "Curl milk for my daughter, she is 8" is called "Curl milk"; "Baby cream" stays. */
    private static function withoutWhom(string $name): string
    {
        $whom = ForWhom::in($name)->audienceWords;
        $at = $whom === '' ? false : strripos($name, $whom);
        if ($at === false || $at === 0) {
            return $name;
        }
        $left = preg_replace(self::FOR_WHOM, '', substr($name, 0, $at)) ?? '';

        return self::trimmed($left) === '' ? $name : $left;
    }

    private static function trimmed(string $name): string
    {
        return preg_replace('/^[\s(,;:.–—-]+|[\s(,;:.–—-]+$/u', '', $name) ?? $name;
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
            $spans[] = [$end, $yield, Role::Audience];
        }
        $spans[] = [$yield, strlen($line), Role::Yield];
        foreach ($spans as [$from, $to, $role]) {
            $text = substr($line, $from, $to - $from);
            if (trim($text) !== '') {
                $from += strlen($text) - strlen(ltrim($text));
                $builder->mark(new Span($offset + $from, $offset + $from + strlen(trim($text))), $role);
            }
        }
    }
}
