<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Dimension;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnitSystem;

/** Finds amounts in a line: number and unit, percent, "to 100", pieces, and what has no measure ("some"). */
final class Quantities
{
    /** More of anything is not a kitchen's. */
    private const MAX = 1_000_000.0;

    /**
     * The amount that begins at a place; null when none does.
     *
     * @param  list<Token>  $tokens
     */
    public static function at(array $tokens, int $at): ?Quantity
    {
        return SaidQuantities::at($tokens, $at)
            ?? self::numbered($tokens, $at)
            ?? SaidQuantities::loose($tokens, $at)
            ?? self::bare($tokens, $at);
    }

    /**
     * "Handful of fresh mint", "poignée de menthe": one of it, at the beginning.
     *
     * @param  list<Token>  $tokens
     */
    private static function bare(array $tokens, int $at): ?Quantity
    {
        $isFirst = array_filter(
            array_slice($tokens, 0, $at),
            static fn (Token $token): bool => $token->kind !== Token::MARK,
        ) === [];
        $isOne = array_filter($tokens, static fn (Token $token): bool => $token->kind === Token::NUMBER) === [];
        $unit = $isFirst && $isOne && $tokens[$at]->kind === Token::WORD ? UnitWords::at($tokens, $at) : null;
        if ($unit === null || ($unit[0] instanceof Piece && $unit[0] !== Piece::Handful)
            || ! isset($tokens[$unit[1]]) || ! $tokens[$unit[1]]->is('of', 'de', 'd')) {
            return null;
        }
        [$what, $next] = $unit;
        $one = Band::exact(1.0);

        return new Quantity(
            $what instanceof Unit ? Amount::measured($one, $what) : Amount::pieces($one, $what),
            Span::over($tokens, $at, $next),
            $next,
        );
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

            $isPurity = $band->low >= 100 && isset($tokens[$end])
                && $tokens[$end]->is('pure', 'pur', 'purs', 'natural', 'naturel', 'organic', 'bio');

            return $band->high > 100 || $isPurity
                ? null
                : new Quantity(Amount::percent($band), Span::over($tokens, $at, $end), $end);
        }
        $unit = UnitWords::at($tokens, $next);
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
                    Span::over($tokens, $at, $end),
                    $end,
                );
            }

            return new Quantity(
                $what instanceof Unit ? Amount::measured($band, $what) : Amount::pieces($band, $what),
                Span::over($tokens, $at, $end),
                $end,
                // "1 c." is a cup to some and a spoon to others
                isUnsure: $what === Unit::Cup && $tokens[$next]->is('c'),
            );
        }

        return null;
    }

    /** "1 cup + 2 tbsp": both together; null where they don't add up to one measure. */
    public static function sum(Quantity $first, Quantity $second): ?Quantity
    {
        $of = static fn (Quantity $one): ?float => $one->amount->unit === null || $one->amount->number === null
            ? null
            : $one->amount->unit->grams() ?? $one->amount->unit->millilitres(UnitSystem::MetricKitchen);
        $unit = $first->amount->unit;
        [$one, $other] = [$of($first), $of($second)];
        if ($unit === null || $one === null || $other === null
            || $unit->dimension() !== $second->amount->unit?->dimension() || $other >= $one) {
            return null;
        }

        return new Quantity(
            Amount::measured(
                ($first->amount->number ?? Band::zero())
                    ->plus(($second->amount->number ?? Band::zero())->times($other / $one)),
                $unit,
            ),
            new Span($first->span->start, $second->span->end),
            $second->next,
        );
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
            : new Quantity(Amount::pieces($number[0], Piece::Whole), Span::over($tokens, $at, $number[1]), $number[1]);
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
            && UnitWords::at($tokens, $more[1]) !== null)) {
            return [$band, $next];
        }

        return [Band::of($band->low, ($band->low + $more[0]->high) / 2, $more[0]->high), $more[1]];
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
}
