<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Unit;

/** What one stretch of a note is, by its first word, its amounts and what it speaks of. */
final class ClauseRole
{
    /** "pH about 5", "pH 5-5.5": what it should be, not what goes in. */
    private const PH = '/\bph\b(?: [\w:]+){0,4} ?(?:\d|,|acid)|\bph$/';

    /** A name and a number, as in a table. */
    private const COLUMN =
        '/^(?!(?:step|phase|part|etape|page|version|stage|no|n) )(?!.*\b(?:since|in|from|for|until|depuis|en|de'
        .'|le|du)\b)'
        .'(?!.* (?:19|20)\d\d$)[a-z]+(?: [a-z]+){0,3} \d+(?:[.,]\d+)?$/';

    /** "A capful of my own conditioner". */
    private const LOOSE_OF = '/^(?:an?|une?|\d+|deux|two|three|trois) \w+ (?:of|de|d) /';

    /** A name with more in brackets, and a number. */
    private const ENDS_BARE = '/[a-z)] \d+(?:[.,]\d+)?$/';

    /** A yield or what it fills. */
    private const YIELDS =
        '/^(?:it |this |the batch )?(?:makes?|fills?|yields?|gives?|remplir|remplissez|enough for'
        .'|batch(?: size)?|total|donne|remplit'
        .'|rendement|(?:spoon|pour|ladle|divide|scoop|decant|verser|versez|couler|repartir|mettre) (?:it '
        .'|this )?(?:in|into|dans|en) |pour \d|for \d+ ?(?:g|ml|oz)\b)/';

    /** "About 350 g", "pour un pot de 150 ml": an amount of the whole, and nothing it could be of. */
    private const SIZE = '/^(?:(?:about|around|approx|roughly|environ|soit) \d+(?:[.,]\d+)? ?(?:g|grams|grammes|ml|oz)$'
        .'|(?:pour|for) (?:an?|une?|one|two|three|deux|trois|\d+) )/';

    /**
     * @param  list<Item>  $items  found in it
     * @param  list<Hint>  $hints  of the making
     */
    public static function of(Clause $clause, array $items, array $hints): Role
    {
        $start = $clause->start();
        $first = $items[0] ?? null;
        $names = count(array_filter($items, static fn (Item $item): bool => $item->isNamed()));
        $named = $names > 0;
        $measured = count($items) > $names;
        $weighed = array_filter(
            $items,
            static fn (Item $item): bool => $item->quantity?->amount->number !== null,
        ) !== [];
        $isUse = $clause->says(RoleWords::USING);
        $isUtility = $clause->says(RoleWords::UTILITY);
        $isAmountFirst = $first?->quantity !== null && $first->at <= $start + 1;
        $isNameFirst = $first !== null && $first->isNamed() && $first->at <= $start + 2 && ! $clause->isDoing();

        return match (true) {
            $clause->says(RoleWords::WORK) => Role::Utility,
            $clause->says(self::YIELDS) && StatedYield::endOf($clause->words) !== null => Role::Yield,
            ! $named && $clause->says(self::SIZE)
                && StatedYield::endOf($clause->words)?->isSaid === true => Role::Yield,
            $clause->says(self::PH) && (! $measured || $clause->says('/^(?:\w+ )?ph\b/'))
                && ! ($named && ($isAmountFirst || $isNameFirst)) && ! $clause->isDoing() => Role::Claim,
            self::isClaim($clause) && ! ($measured && $named) => Role::Claim,
            $isUse && $clause->isDoing() && ! $weighed => Role::Use,
            count($items) === 1 && $first?->quantity?->amount->kind === AmountKind::Rest => Role::Step,
            count($items) - $names === 1 && $names === 1 && $weighed && $isUtility
                && self::isWatery($clause, $items) => Role::Utility,
            $isAmountFirst && $measured
                && ($named || ! $isUse || self::isByWeightOrSpoon($first)) => Role::Ingredient,
            $isNameFirst && $measured => Role::Ingredient,
            $isNameFirst && $names >= 3 && $hints === [] => Role::Ingredient,
            ($clause->says(self::COLUMN) || ($names >= 1 && $clause->says(self::ENDS_BARE))) && ! $clause->isDoing()
                && $hints === [] => Role::Ingredient,
            $isNameFirst && self::isBare($clause, $start, $first) && $hints === []
                && count($clause->tokens) <= 16 && ! $isUse
                && ! $clause->says('/^(?:the|this|ce|cette) /') => Role::Ingredient,
            $isAmountFirst && $first->quantity->amount->kind === AmountKind::Open
                && $clause->says(self::LOOSE_OF) => Role::Ingredient,
            $isUse && ! ($weighed && $named) => Role::Use,
            $clause->isDoing(), $hints !== [] => Role::Step,
            $measured && ($named || count($clause->tokens) <= 10) => Role::Ingredient,
            $items === [] && self::isCounted($clause, $start) => Role::Ingredient,
            $clause->has(...RoleWords::MAKING) => Role::Step,
            $isUtility => Role::Utility,
            $isAmountFirst, self::isCounted($clause, $start) => Role::Ingredient,
            $named && self::isBare($clause, $start, $first) && ! $clause->says(RoleWords::REMARK)
                && count($clause->tokens) <= 8
                && $first !== null && $first->at <= $start + 3 => Role::Ingredient,
            $clause->isTold() && ! $clause->says(RoleWords::REMARK) => Role::Step,
            self::isSomebody($clause) => Role::Audience,
            default => Role::Remark,
        };
    }

    /**
     * Whether water, or what one cleans with, is all it names.
     *
     * @param  list<Item>  $items
     */
    private static function isWatery(Clause $clause, array $items): bool
    {
        foreach ($items as $item) {
            if ($item->isNamed()) {
                $token = $clause->tokens[$item->next - 1];

                return $token->is('water', 'eau', 'alcohol', 'alcool', 'vodka', 'ice', 'snow');
            }
        }

        return false;
    }

    /** Whether nothing but states stand before the first name: "oils into water" tells what to do. */
    private static function isBare(Clause $clause, int $start, ?Item $first): bool
    {
        foreach (array_slice($clause->tokens, $start, max(0, ($first->at ?? 0) - $start)) as $token) {
            if ($token->is('(')) {
                return true; // "preservative (phenoxyethanol)"
            }
            if (($token->kind === Token::WORD && ! $token->is(...RoleWords::STATES)
                && ! $token->is(...RoleWords::USES)) || $token->is('into', 'in', 'over', 'on')) {
                return false;
            }
        }

        return true;
    }

    /** "1/2 tsp leave-in conditioner" goes in; "two drops on dry ends" is how it is used. */
    private static function isByWeightOrSpoon(?Item $first): bool
    {
        $unit = $first?->quantity?->amount->unit;

        return $unit !== null && $unit !== Unit::Drop;
    }

    private static function isClaim(Clause $clause): bool
    {
        if (! $clause->says(RoleWords::LONG)) {
            return false;
        }

        return match (true) {
            $clause->says(RoleWords::LASTING) => true,
            $clause->says(RoleWords::STEEPING) => false,
            default => $clause->says(RoleWords::STANDING)
                || (count($clause->tokens) <= 7 && ! $clause->isDoing() && self::isLongFirst($clause)),
        };
    }

    /** "5 dates": a number before something nobody knows. */
    private static function isCounted(Clause $clause, int $start): bool
    {
        $number = Numbers::at($clause->tokens, min($start, count($clause->tokens) - 1));

        return $number !== null && count($clause->tokens) - $start <= 6
            && isset($clause->tokens[$number[1]]) && $clause->tokens[$number[1]]->kind === Token::WORD
            && ! $clause->tokens[$number[1]]->is('both', 'chacun', 'degrees', 'degres', 'slots', 'times', 'fois')
            && ! $clause->says(RoleWords::USING);
    }

    private static function isSomebody(Clause $clause): bool
    {
        return ForWhom::in($clause->words)->audience !== null && count($clause->tokens) <= 14
            && $clause->says('/\b(?:for|pour|my|ma|mon|mes|our|i m|enceinte|pregnant|expecting|she|elle|baby|bebe)\b/');
    }

    /** "Two months in the freezer": the time is what it begins with. */
    private static function isLongFirst(Clause $clause): bool
    {
        $first = $clause->tokens[$clause->start()] ?? null;

        return $first !== null && ($first->is('a', 'an', 'un', 'une', 'max', 'about', 'environ', 'not')
            || Numbers::at($clause->tokens, $clause->start()) !== null);
    }
}
