<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Dimension;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\Unit;

/** Finds amounts in a line: number and unit, percent, "to 100", pieces, and what has no measure ("some"). */
final class Quantities
{
    /** More of anything is not a kitchen's. */
    private const MAX = 1_000_000.0;

    /** Longest unit, in words: "cuillère à soupe", "cuil. à s." */
    private const UNIT_WORDS = 5;

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

    /** How full the spoon was: kept in the text, too vague for a number. */
    private const HEAPED = [
        'heaped',
        'heaping',
        'level',
        'rounded',
        'scant',
        'generous',
        'large',
        'small',
        'big',
        'grande',
        'grandes',
        'petite',
        'petites',
        'bonne',
        'bonnes',
        'good',
        'gros',
        'grosse',
        'grosses',
        'belle',
        'belles',
        'short',
        'full',
        'kitchen',
        'generous',
        'proper',
        'tiny',
        'little',
        'bon',
        'bons',
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
        'grammes' => Unit::Gram,
        'soup spoon' => Unit::MetricTablespoon,

    ];

    /**
     * The amount that begins at a place; null when none does.
     *
     * @param  list<Token>  $tokens
     */
    public static function at(array $tokens, int $at): ?Quantity
    {
        return self::upTo($tokens, $at)
            ?? self::phrase($tokens, $at, self::REST, static fn (string $said): Amount => Amount::rest())
            ?? self::phrase($tokens, $at, self::OPEN, static fn (string $said): Amount => Amount::open($said))
            ?? self::halved($tokens, $at)
            ?? self::shared($tokens, $at)
            ?? self::numbered($tokens, $at)
            ?? self::loose($tokens, $at);
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
        $unit = $number === null ? null : self::unit($tokens, $number[1]);

        return $unit !== null && $unit[0] instanceof Unit && $unit[0]->dimension() !== Dimension::Drops
            && ! isset($tokens[$unit[1]])
            ? new Quantity(Amount::rest(), self::span($tokens, $at, $unit[1]), $unit[1])
            : null;
    }

    /**
     * "Half water, half rose water": shares, where it is said twice.
     *
     * @param  list<Token>  $tokens
     */
    private static function halved(array $tokens, int $at): ?Quantity
    {
        $halves = array_filter($tokens, static fn (Token $token): bool => $token->is('half', 'moitie'));
        $next = $tokens[$at + 1] ?? null;
        if (
            count($halves) < 2 || ! $tokens[$at]->is('half', 'moitie') || $next?->kind !== Token::WORD
            || $next->is('a', 'an', 'of', 'de', 'd', 'an', 'way', 'un', 'une', 'cup', 'tsp', 'tbsp')
        ) {
            return null;
        }

        return new Quantity(Amount::pieces(Band::exact(1.0), Piece::Part), self::span($tokens, $at, $at + 1), $at + 1);
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
            ? new Quantity(Amount::pieces(Band::exact(1.0), Piece::Part), self::span($tokens, $at, $from + 2),
                $from + 2, isEach: true)
            : null;
    }

    /**
     * "a splash", "two caps": kept as it was said, with no number in it.
     *
     * @param  list<Token>  $tokens
     */
    private static function loose(array $tokens, int $at): ?Quantity
    {
        $number = Numbers::at($tokens, $at);
        $next = $number[1] ?? ($tokens[$at]->is('a', 'an', 'un', 'une') ? $at + 1 : $at);
        while ($next > $at && isset($tokens[$next]) && $tokens[$next]->is(...self::HEAPED)) {
            $next++;
        }
        if (! isset($tokens[$next]) || ! $tokens[$next]->is(...AmountReader::LOOSE)) {
            return null;
        }
        $of = isset($tokens[$next + 1]) && $tokens[$next + 1]->is('of', 'de', 'd');
        $isName = isset($tokens[$next + 1]) && $tokens[$next + 1]->kind === Token::WORD
            && ! $tokens[$next + 1]->is('the', 'it', 'out', 'a', 'an', 'in', 'into', 'well', 'gently', 'le', 'la',
                'les', 'un', 'une', 'through', 'with')
            && $tokens[$next]->is('squeeze', 'splash', 'dash', 'pinch', 'drizzle', 'filet', 'trait');
        // "in a jar on the radiator" measures nothing
        if (! $of && $tokens[$next]->is('jar', 'jars', 'bottle', 'bottles', 'glass', 'bowl', 'mug', 'tin', 'bocal',
            'verre', 'bol')) {
            return null;
        }
        if ($next === $at && ! $of && ! $isName) {
            return null;
        }
        $said = implode(' ', array_map(
            static fn (Token $token): string => $token->folded,
            array_slice($tokens, $at, $next + 1 - $at),
        ));

        return new Quantity(Amount::open($said), self::span($tokens, $at, $next + 1), $next + 1);
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

            return new Quantity($make(implode(' ', $phrase)), self::span($tokens, $at, $next), $next);
        }

        return null;
    }

    /** @param  list<Token>  $tokens */
    private static function numbered(array $tokens, int $at): ?Quantity
    {
        $number = Numbers::at($tokens, $at);
        $article = $number === null && $tokens[$at]->is('a', 'an', 'un', 'une');
        if ($article) {
            $number = [Band::exact(1.0), $at + 1];
        }
        if ($number === null || $number[0]->high <= 0 || $number[0]->high > self::MAX) {
            return null;
        }
        [$band, $next] = $number;
        $isAmbiguous = self::isThousandOrOne(array_slice($tokens, $at, $next - $at));
        $isHeat = isset($tokens[$next]) && ($tokens[$next]->is('°', 'degrees', 'degree', 'degres', 'deg'));
        if ($isHeat) {
            return null;
        }
        if (
            isset($tokens[$next])
            && ($tokens[$next]->is('%', 'percent', 'pct') || ($tokens[$next]
                ->is('per', 'pour') && isset($tokens[$next + 1]) && $tokens[$next + 1]
                ->is('cent')))
        ) {
            $end = $tokens[$next]->is('per', 'pour') ? $next + 2 : $next + 1;

            return $band->high > 100
                ? null
                : new Quantity(Amount::percent($band), self::span($tokens, $at, $end), $end);
        }
        $unit = self::unit($tokens, $next);
        // "a small piece of ginger" says nothing of how large
        $isBit = $unit !== null && $unit[0] === Piece::Whole && isset($tokens[$unit[1]])
            && $tokens[$unit[1]]->is('of', 'de', 'd');
        if ($unit !== null && ! $isBit && ! ($article && $unit[0] === Piece::Part)) {
            [$what, $end] = $unit;
            [$band, $end] = self::andAHalf($tokens, $band, $end);
            [$band, $end] = self::orMore($tokens, $band, $end);
            if ($isAmbiguous) {
                return new Quantity(
                    Amount::open(implode(
                        ' ',
                        array_map(
                            static fn (Token $token): string => $token->folded,
                            array_slice($tokens, $at, $end - $at),
                        ),
                    )),
                    self::span($tokens, $at, $end),
                    $end,
                );
            }

            return new Quantity(
                $what instanceof Unit ? Amount::measured($band, $what) : Amount::pieces($band, $what),
                self::span($tokens, $at, $end),
                $end,
                // "1 c." is a cup to some and a spoon to others
                isBorrowed: $what === Unit::Cup && $tokens[$next]->is('c'),
            );
        }

        return null;
    }

    /**
     * "1,000": a thousand to some, one to others. Kept as written, to be asked about.
     *
     * @param  list<Token>  $tokens
     */
    private static function isThousandOrOne(array $tokens): bool
    {
        return array_filter(
            $tokens,
            static fn (Token $token): bool => preg_match('/^\d+,\d{3}$/', $token->folded) === 1,
        ) !== [];
    }

    /**
     * A bare number before a thing that is counted whole: "1 avocado", "two carrots". The caller knows that it is.
     *
     * @param  list<Token>  $tokens
     */
    public static function count(array $tokens, int $at): ?Quantity
    {
        $number = Numbers::at($tokens, $at);
        if ($number === null && $tokens[$at]->is('a', 'an', 'un', 'une')) {
            $number = [Band::exact(1.0), $at + 1];
        }

        return $number === null || $number[0]->high <= 0 || $number[0]->high > self::MAX ? null
            : new Quantity(Amount::pieces($number[0], Piece::Whole), self::span($tokens, $at, $number[1]), $number[1]);
    }

    /**
     * "une cuillère et demie", "a cup and a half".
     *
     * @param  list<Token>  $tokens
     * @return array{Band, int}
     */
    private static function andAHalf(array $tokens, Band $band, int $next): array
    {
        if (! isset($tokens[$next]) || ! $tokens[$next]->is('and', 'et')) {
            return [$band, $next];
        }
        $skip = isset($tokens[$next + 1]) && $tokens[$next + 1]->is('a') ? 2 : 1;
        if (isset($tokens[$next + $skip]) && $tokens[$next + $skip]->is('half', 'demi', 'demie')) {
            return [$band->plus(Band::exact(0.5)), $next + $skip + 1];
        }

        return [$band, $next];
    }

    /**
     * "a tablespoon or two": a range told behind the unit.
     *
     * @param  list<Token>  $tokens
     * @return array{Band, int}
     */
    private static function orMore(array $tokens, Band $band, int $next): array
    {
        $more = isset($tokens[$next + 1]) && $tokens[$next]->is('or', 'ou') ? Numbers::at($tokens, $next + 1) : null;
        if ($more === null || $more[0]->low <= $band->high || (isset($tokens[$more[1]])
            && self::unit($tokens, $more[1]) !== null)) {
            return [$band, $next];
        }

        return [Band::of($band->low, ($band->low + $more[0]->high) / 2, $more[0]->high), $more[1]];
    }

    /**
     * The longest unit that begins at a place.
     *
     * @param  list<Token>  $tokens
     * @return array{Unit|Piece, int}|null
     */
    private static function unit(array $tokens, int $at): ?array
    {
        $words = [];
        $found = null;
        while (isset($tokens[$at]) && $tokens[$at]->is(...self::HEAPED)) {
            $at++;
        }
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
     * Of two measures of one thing the better: weight before percent before metric volume before spoons before drops.
     */
    public static function better(Quantity $a, Quantity $b): Quantity
    {
        [$kept, $other] = self::rank($b->amount) < self::rank($a->amount) ? [$b, $a] : [$a, $b];

        return new Quantity($kept->amount, $a->span->with($b->span), max($a->next, $b->next), $other->amount);
    }

    private static function rank(Amount $amount): int
    {
        return match (true) {
            $amount->kind === AmountKind::Open => 9,
            $amount->kind === AmountKind::Percent => 1,
            $amount->unit?->dimension() === Dimension::Mass => 0,
            $amount->unit === Unit::Millilitre, $amount->unit === Unit::Centilitre, $amount->unit === Unit::Litre => 2,
            $amount->unit?->dimension() === Dimension::Volume => 3,
            default => 4,
        };
    }

    /** @param  list<Token>  $tokens */
    private static function span(array $tokens, int $from, int $next): Span
    {
        return new Span($tokens[$from]->start, $tokens[$next - 1]->end);
    }
}
