<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Dimension;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\Unit;

/** Amounts told in words and without a unit: the rest, "some", "a splash", equal parts. */
final class SaidQuantities
{
    /** As far as one looks for the other half of "half water, half rose water". */
    private const NEAR = 12;

    /** They measure only what is in them: "a jar of", never "in a jar on the radiator". */
    private const VESSELS = [
        'jar', 'jars', 'bottle', 'bottles', 'glass', 'bowl', 'mug', 'tin', 'bocal', 'verre', 'bol',
    ];

    /** Measures that need no "of": "squeeze lemon". */
    private const OFTEN_BARE = ['squeeze', 'splash', 'dash', 'pinch', 'drizzle', 'filet', 'trait'];

    private const REST = [
        ['to', '100'],
        ['to', 'make', '100'],
        ['up', 'to', '100'],
        ['ad', '100'],
        ['q', 's', 'p'],
        ['q', 's'],
        ['qs'],
        ['qsp'],
        ['jusqu', 'a', '100'],
        ['the', 'rest'],
        ['le', 'reste'],
    ];

    private const OPEN = [
        ['juice', 'of', '1/2', 'a'],
        ['juice', 'of', '1/2'],
        ['juice', 'of', '½'],
        ['juice', 'of', '1'],
        ['le', 'jus', 'd', '1/2'],
        ['le', 'jus', 'd', '½'],
        ['le', 'jus', 'de', '1/2'],
        ['le', 'jus', 'd', '1'],
        ['jus', 'd', '1/2'],
        ['jus', 'de', '1/2'],
        ['juice', 'of', 'half', 'a'],
        ['juice', 'of', 'a', 'half'],
        ['juice', 'of', 'half'],
        ['juice', 'of', 'one'],
        ['juice', 'of', 'a'],
        ['le', 'jus', 'd', 'un', 'demi'],
        ['le', 'jus', 'd', 'une', 'demi'],
        ['le', 'jus', 'd', 'un'],
        ['le', 'jus', 'd', 'une'],
        ['jus', 'd', 'un', 'demi'],
        ['jus', 'd', 'un'],
        ['a', 'jar', 'half', 'full', 'of'],
        ['half', 'a', 'jar', 'of'],
        ['un', 'demi', 'bocal', 'de'],
        ['a', 'few', 'drops'],
        ['few', 'drops'],
        ['a', 'few'],
        ['a', 'good', 'amount'],
        ['a', 'good', 'bit'],
        ['a', 'generous', 'amount'],
        ['a', 'little', 'bit'],
        ['a', 'little'],
        ['a', 'bit'],
        ['some'],
        ['as', 'needed'],
        ['to', 'taste'],
        ['enough'],
        ['un', 'peu'],
        ['un', 'tout', 'petit', 'peu'],
        ['quelques', 'gouttes'],
        ['qq', 'gouttes'],
        ['qqs', 'gouttes'],
        ['qques', 'gouttes'],
        ['quelques', 'brins'],
        ['quelques'],
        ['a', 'volonte'],
        ['au', 'gout'],
        ['de', 'quoi'],
        ['autant', 'de'],
        ['autant', 'd'],
        ['as', 'much'],
        ['plenty', 'of'],
        ['lots', 'of'],
        ['same', 'amount', 'of'],
        ['the', 'same', 'of'],
        ['a', 'couple', 'of', 'drops', 'or', 'so'],
    ];

    /** @param  list<Token>  $tokens */
    public static function at(array $tokens, int $at): ?Quantity
    {
        return self::upTo($tokens, $at)
            ?? self::phrase($tokens, $at, self::REST, static fn (string $said): Amount => Amount::rest())
            ?? self::phrase($tokens, $at, self::OPEN, static fn (string $said): Amount => Amount::open($said))
            ?? self::halved($tokens, $at)
            ?? self::shared($tokens, $at);
    }

    /**
     * "Water to 200 g", "huile qsp 30 ml": the rest, up to the whole.
     *
     * @param  list<Token>  $tokens
     */
    private static function upTo(array $tokens, int $at): ?Quantity
    {
        $next = $at + 1;
        $before = $tokens[$at - 1] ?? null;
        if ($tokens[$at]->is('q') && isset($tokens[$at + 4]) && $tokens[$at + 2]->is('s')) {
            $next = $tokens[$at + 4]->is('p') ? $at + 5 : $at + 3;
        } elseif (! $tokens[$at]->is('to', 'ad', 'qsp', 'qs') || $before?->kind !== Token::WORD) {
            return null;
        }
        while (isset($tokens[$next]) && $tokens[$next]->is('.', 'to')) {
            $next++;
        }
        $number = isset($tokens[$next]) ? Numbers::at($tokens, $next) : null;
        $unit = $number === null ? null : UnitWords::at($tokens, $number[1]);

        return $unit !== null && $unit[0] instanceof Unit && $unit[0]->dimension() !== Dimension::Drops
            && ! isset($tokens[$unit[1]])
            ? new Quantity(Amount::rest(), Span::over($tokens, $at, $unit[1]), $unit[1])
            : null;
    }

    /**
     * "Half water, half rose water": shares, where it is said twice.
     *
     * @param  list<Token>  $tokens
     */
    private static function halved(array $tokens, int $at): ?Quantity
    {
        $next = $tokens[$at + 1] ?? null;
        if (
            ! $tokens[$at]->is('half', 'moitie') || $next?->kind !== Token::WORD
            || $next->is('a', 'an', 'of', 'de', 'd', 'way', 'un', 'une', 'cup', 'tsp', 'tbsp')
        ) {
            return null;
        }
        $others = array_filter(
            array_slice($tokens, max(0, $at - self::NEAR), 2 * self::NEAR),
            static fn (Token $token): bool => $token->is('half', 'moitie'),
        );
        if (count($others) < 2) {
            return null;
        }

        return new Quantity(Amount::pieces(Band::exact(1.0), Piece::Part), Span::over($tokens, $at, $at + 1), $at + 1);
    }

    /**
     * "equal parts (of)", "parts égales (de)", "à parts égales": one share of each that follows.
     *
     * @param  list<Token>  $tokens
     */
    private static function shared(array $tokens, int $at): ?Quantity
    {
        $from = $tokens[$at]->is('a') ? $at + 1 : $at;
        $says = static fn (int $i, string ...$words): bool => isset($tokens[$i]) && $tokens[$i]->is(...$words);
        $isShared = ($says($from, 'equal') && $says($from + 1, 'parts', 'amounts', 'quantities', 'weights'))
            || ($says($from, 'parts', 'quantites') && $says($from + 1, 'egales'));

        return $isShared
            ? new Quantity(Amount::pieces(Band::exact(1.0), Piece::Part), Span::over($tokens, $at, $from + 2),
                $from + 2, isEach: true)
            : null;
    }

    /**
     * "a splash", "two caps": kept as it was said, with no number in it.
     *
     * @param  list<Token>  $tokens
     */
    public static function loose(array $tokens, int $at): ?Quantity
    {
        $number = Numbers::at($tokens, $at);
        $next = $number[1] ?? ($tokens[$at]->is('a', 'an', 'un', 'une') ? $at + 1 : $at);
        $next = $next > $at ? UnitWords::pastHeaped($tokens, $next) : $next;
        if (! isset($tokens[$next]) || ! $tokens[$next]->is(...AmountReader::LOOSE)) {
            return null;
        }
        $of = isset($tokens[$next + 1]) && $tokens[$next + 1]->is('of', 'de', 'd');
        $isName = isset($tokens[$next + 1]) && $tokens[$next + 1]->kind === Token::WORD
            && ! $tokens[$next + 1]->is('the', 'it', 'out', 'a', 'an', 'in', 'into', 'well', 'gently', 'le', 'la',
                'les', 'un', 'une', 'through', 'with')
            && $tokens[$next]->is(...self::OFTEN_BARE);
        if (! $of && $tokens[$next]->is(...self::VESSELS)) {
            return null;
        }
        if ($next === $at && ! $of && ! $isName) {
            return null;
        }
        $said = implode(' ', array_map(
            static fn (Token $token): string => $token->folded,
            array_slice($tokens, $at, $next + 1 - $at),
        ));

        return new Quantity(Amount::open($said), Span::over($tokens, $at, $next + 1), $next + 1);
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<list<string>>  $phrases
     * @param  callable(string): Amount  $make
     */
    private static function phrase(array $tokens, int $at, array $phrases, callable $make): ?Quantity
    {
        foreach ($phrases as $phrase) {
            $next = $at;
            foreach ($phrase as $word) {
                while (isset($tokens[$next]) && $next > $at && $tokens[$next]->is('.', "'", '’')) {
                    $next++;
                }
                if (! isset($tokens[$next]) || ! $tokens[$next]->is($word)) {
                    continue 2;
                }
                $next++;
            }
            while (
                isset($tokens[$next])
                && $phrases === self::REST
                && $tokens[$next]->is('.', '%', '100', 'to', 'pour', 'cent')
            ) {
                $next++;
            }

            return new Quantity($make(implode(' ', $phrase)), Span::over($tokens, $at, $next), $next);
        }

        return null;
    }
}
