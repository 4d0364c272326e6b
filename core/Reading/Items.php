<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\Unit;

/** Finds amounts, names, what parts give, and hints of the making in a stretch of a note. */
final readonly class Items
{
    private const DEFINITE = [
        'the', 'this', 'that', 'your', 'my', 'le', 'la', 'l', 'ce', 'cet', 'cette', 'du', 'de', 'd', 'its', 'of',
    ];

    private const SIZES = [
        'large', 'small', 'ripe', 'medium', 'big', 'petit', 'petite', 'petits', 'petites', 'gros', 'grosse', 'grosses',
        'mur', 'mure', 'murs', 'mures', 'fresh', 'whole', 'of', 'de', 'd', "'", '’', 'very', 'bien', 'belle', 'belles',
        'beau', 'beaux', 'red', 'green', 'raw', 'peeled', 'organic', 'bio', '-', 'rouge', 'vert', 'verte', 'free',
        'range', 'little', 'good', 'bon', 'bonne', 'more', 'beaten', 'overripe', 'soft',
    ];

    private SharedHeads $heads;

    public function __construct(private Catalogue $catalogue, private NameIndex $names)
    {
        $this->heads = new SharedHeads($catalogue);
    }

    /**
     * In order.
     *
     * @param  list<Token>  $tokens
     * @param  list<Section>  $sections  what was made before
     * @return array{list<Item>, list<Hint>}
     */
    public function in(array $tokens, array $sections): array
    {
        $items = $hints = [];
        $unit = null;
        for ($at = 0; $at < count($tokens);) {
            $hint = Hints::at($tokens, $at);
            if ($hint !== null) {
                $hints[] = $hint[0];
                $at = $hint[1];

                continue;
            }
            $peel = $this->peel($tokens, $at);
            if ($peel !== []) {
                array_push($items, ...$peel);
                $at = $peel[1]->next;

                continue;
            }
            $item = $this->at($tokens, $at, $sections) ?? $this->borrowing($tokens, $at, $unit);
            $unit = $item?->quantity?->amount->unit ?? $unit;
            if ($item !== null) {
                $items[] = $item;
            }
            $at = $item->next ?? $at + 1;
        }

        $items = self::withoutExplained(self::withoutMadeOf($items, $tokens), $tokens);

        return [$this->heads->found($items, $tokens), $hints];
    }

    /**
     * "Zest of 2 lemons", "le zeste d'un citron": as many, of the peel.
     *
     * @param  list<Token>  $tokens
     * @return array{}|array{Item, Item}
     */
    private function peel(array $tokens, int $at): array
    {
        $next = $at + 1;
        while ($tokens[$at]->is('zest', 'peel', 'rind', 'zeste', 'ecorce') && isset($tokens[$next])
            && $tokens[$next]->is('of', 'de', 'd', "'", '’')) {
            $next++;
        }
        $isOf = $next > $at + 1 && isset($tokens[$next]);
        $number = match (true) {
            ! $isOf => null,
            $tokens[$next]->is('half', 'demi') => [Band::exact(0.5), $next + 1],
            $tokens[$next]->is('a', 'an', 'un', 'une') => [Band::exact(1.0), $next + 1],
            default => Numbers::at($tokens, $next),
        };
        while ($number !== null && isset($tokens[$number[1]])
            && $tokens[$number[1]]->is('a', 'an', 'demi', '-', 'large', 'small', 'organic', 'unwaxed', 'gros')) {
            $number[0] = $tokens[$number[1]]->is('demi') ? Band::exact(0.5) : $number[0];
            $number[1]++;
        }
        $fruit = $number === null ? '' : NameIndex::stem($tokens[$number[1]]->folded ?? '');
        $peel = $fruit === '' ? null : $this->catalogue->named("fresh $fruit peel")
            ?? $this->catalogue->named("$fruit zest")
                ?? $this->catalogue->named("zeste de $fruit") ?? $this->catalogue->named("zeste d $fruit");
        if ($peel === null) {
            return [];
        }
        $quantity = new Quantity(
            Amount::pieces($number[0], Piece::Whole),
            Span::over($tokens, $at, $number[1]),
            $number[1],
        );

        return [
            new Item($at, $number[1], quantity: $quantity),
            new Item($number[1], $number[1] + 1, key: $peel->key),
        ];
    }

    /**
     * "Olivate (cetearyl / sorbitan): 10 g": what stands in brackets right behind a name only says it again.
     *
     * @param  list<Item>  $items
     * @param  list<Token>  $tokens
     * @return list<Item>
     */
    private static function withoutExplained(array $items, array $tokens): array
    {
        $kept = [];
        $until = 0;
        foreach ($items as $item) {
            $last = $kept === [] ? null : $kept[count($kept) - 1];
            if ($last?->key !== null && $last->next >= $until) {
                $until = self::closing($tokens, $last->next, $item->at);
            }
            if ($item->at < $until && $item->key !== null) {
                continue;
            }
            $until = $item->at < $until ? 0 : $until; // an amount, too: a list in brackets
            $kept[] = $item;
        }

        return $kept;
    }

    /**
     * "300 g flaxseed gel (made from 40 g seeds and 500 g water)": how it came about goes into nothing here.
     *
     * @param  list<Item>  $items
     * @param  list<Token>  $tokens
     * @return list<Item>
     */
    private static function withoutMadeOf(array $items, array $tokens): array
    {
        $inside = false;
        $made = [];
        foreach (Brackets::depths($tokens) as $at => $depth) {
            $inside = $inside && $depth > 0;
            $isFrom = ($tokens[$at + 1] ?? null)?->is('from', 'with', 'of', 'avec', 'de', 'a') === true;
            if ($depth === 1 && $tokens[$at - 1]->is('(') && $isFrom
                && $tokens[$at]->is('made', 'brewed', 'prepared', 'fait', 'faite', 'prepare', 'preparee')) {
                $inside = true;
            }
            $made[$at] = $inside;
        }

        return array_values(array_filter($items, static fn (Item $item): bool => ! $made[$item->at]));
    }

    /**
     * Where a bracket closes that opens behind a name and before the next thing; 0 where none does.
     *
     * @param  list<Token>  $tokens
     */
    private static function closing(array $tokens, int $at, int $before): int
    {
        for (; $at < $before && ! $tokens[$at]->is('('); $at++) {
            if (($tokens[$at]->kind === Token::MARK && ! $tokens[$at]->is("'", '’', '-'))
                || $tokens[$at]->is('and', 'et', 'with', 'avec', 'plus', 'or', 'ou')) {
                return 0;
            }
        }
        for ($close = $at + 1; $at < $before && isset($tokens[$close]); $close++) {
            if ($tokens[$close]->is(')')) {
                return $close;
            }
        }

        return 0;
    }

    /**
     * "3 drops of cedar, 2 of bergamot": the unit of the one before it, most likely.
     *
     * @param  list<Token>  $tokens
     */
    private function borrowing(array $tokens, int $at, ?Unit $unit): ?Item
    {
        $before = $tokens[$at - 1] ?? null;
        $number = $unit === null || $before === null || ! $before->is(',', 'and', 'et', '+', '&')
            ? null
            : Numbers::at($tokens, $at);
        if ($number === null || $number[0]->high <= 0 || ! isset($tokens[$number[1]])) {
            return null;
        }
        $next = $number[1];
        while (isset($tokens[$next]) && $tokens[$next]->is('of', 'de', 'd', "'", '’')) {
            $next++;
        }
        $name = $next > $number[1] ? null : $this->names->at($tokens, $next);
        if ($next === $number[1] && ($name === null || ($unit !== Unit::Drop && $this->isCounted($name[0])))) {
            return null;
        }

        return new Item($at, $number[1], quantity: new Quantity(
            Amount::measured($number[0], $unit),
            new Span($tokens[$at]->start, $tokens[$number[1] - 1]->end),
            $number[1],
            isUnsure: true,
        ));
    }

    /** Whether it is often counted: a leaf, an egg, what has pieces of a known weight. */
    public function isCounted(string $key): bool
    {
        $material = $this->catalogue->get($key);

        return $material->pieces !== [] || $material->kind->isPlant() || $material->kind === Kind::PlantMilkOrFood;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<Section>  $sections
     */
    private function at(array $tokens, int $at, array $sections): ?Item
    {
        if ($tokens[$at]->kind === Token::MARK) {
            return null;
        }
        $quantity = Quantities::at($tokens, $at) ?? $this->counted($tokens, $at) ?? $this->rest($tokens, $at);
        if ($quantity !== null) {
            return new Item($at, $quantity->next, quantity: $quantity);
        }
        if ($tokens[$at]->kind !== Token::WORD) {
            return null;
        }
        $name = $this->names->at($tokens, $at);
        $part = self::part($tokens, $at, $name[1] ?? $at + 1, $sections);

        return match (true) {
            $part !== null => new Item($at, $part[1], part: $part[0]),
            $name !== null => new Item($at, $name[1], key: $name[0]),
            default => null,
        };
    }

    /**
     * "Rest sweet almond oil": a name and nothing else behind the word. "Rest overnight" tells what to do.
     *
     * @param  list<Token>  $tokens
     */
    private function rest(array $tokens, int $at): ?Quantity
    {
        $isFirst = Token::written(array_slice($tokens, 0, $at)) === '';
        if (! $tokens[$at]->is('rest', 'reste', 'remainder', 'balance')
            || (! $isFirst && isset($tokens[$at + 1]))) {
            return null;
        }
        $next = $at + 1;
        if (! $isFirst) {
            return $tokens[$at - 1]->is('-', '–', '—', ':', '=', '…')
                ? new Quantity(Amount::rest(), Span::over($tokens, $at, $next), $next)
                : null; // "Jojoba - rest"
        }
        while (isset($tokens[$next])
            && ($tokens[$next]->kind === Token::MARK || $tokens[$next]->is('of', 'de', 'd', 'distilled'))) {
            $next++;
        }
        $written = Token::written(array_slice($tokens, $next));
        $isName = $this->catalogue->named($written) ?? $this->catalogue->named("$written oil")
            ?? $this->catalogue->named("huile de $written");

        return $isName === null ? null : new Quantity(Amount::rest(), Span::over($tokens, $at, $next), $next);
    }

    /**
     * "the juice", "oat milk", "ce jus": what an earlier part of the note made.
     *
     * @param  list<Token>  $tokens
     * @param  int  $next  the place after the name that begins here, or after the word
     * @param  list<Section>  $sections
     * @return array{Section, int}|null
     */
    private static function part(array $tokens, int $at, int $next, array $sections): ?array
    {
        if ($sections === []) {
            return null;
        }
        $next = self::named($tokens, $at, $next, $sections);
        $words = array_values(array_map(
            static fn (Token $token): string => $token->folded,
            array_filter(
                array_slice($tokens, $at, $next - $at),
                static fn (Token $token): bool => $token->kind === Token::WORD,
            ),
        ));
        $before = $tokens[$at - 1] ?? null;
        $isDefinite = $before !== null && ($before->is(...self::DEFINITE, ...["'", '’'])
            || AmountReader::unit($before->folded) !== null);
        $heads = array_unique([$words[count($words) - 1], $words[0]]);
        foreach (array_reverse($sections) as $section) {
            foreach ($heads as $head) {
                $beside = array_values(array_diff($words, [$head, 'de', 'd', 'du', 'des', 'of', 'l', 'la']));
                if ($section->isMeant($head, ...$beside) && ($beside !== [] || $isDefinite)) {
                    return [$section, $next];
                }
            }
        }

        return null;
    }

    /**
     * "calendula oil", "huile de calendula": the words beside the noun may name what went into it.
     *
     * @param  list<Token>  $tokens
     * @param  list<Section>  $sections
     */
    private static function named(array $tokens, int $at, int $next, array $sections): int
    {
        $of = $at + 1;
        while (isset(RoleWords::FORMS[$tokens[$at]->folded], $tokens[$of])
            && $tokens[$of]->is('de', 'd', 'du', 'des', 'la', 'l', "'", '’')) {
            $of++;
        }
        if ($of > $at + 1 && isset($tokens[$of]) && array_filter(
            $sections,
            static fn (Section $section): bool => $section->isMeant($tokens[$at]->folded, $tokens[$of]->folded),
        ) !== []) {
            return max($next, $of + 1); // "huile de calendula"
        }
        for ($end = $at; $end <= $at + 3 && isset($tokens[$end]) && $tokens[$end]->kind === Token::WORD; $end++) {
            $beside = array_map(static fn (Token $token): string => $token->folded, array_slice($tokens, $at,
                $end - $at));
            foreach (isset(RoleWords::FORMS[$tokens[$end]->folded]) && $beside !== [] ? $sections : [] as $section) {
                if ($section->isMeant($tokens[$end]->folded, ...$beside)) {
                    return max($next, $end + 1);
                }
            }
        }

        return $next;
    }

    /**
     * "1 avocado": a number straight before something that is counted whole.
     *
     * @param  list<Token>  $tokens
     */
    private function counted(array $tokens, int $at): ?Quantity
    {
        $count = Quantities::count($tokens, $at);
        if ($count === null) {
            return null;
        }
        $next = $count->next;
        $name = null;
        while (isset($tokens[$next])) {
            $name = $tokens[$next]->kind === Token::WORD ? $this->names->at($tokens, $next) : null;
            if ($name !== null || ! $tokens[$next]->is(...self::SIZES)) {
                break;
            }
            $next++;
        }

        if ($name === null) {
            $isEnd = ! isset($tokens[$next]) || $tokens[$next]->is(',', '(', ';');

            return $isEnd && $next > $count->next && $this->isCountedBefore($tokens, $at) ? $count : null;
        }
        if (isset($tokens[$name[1]]) && $tokens[$name[1]]->is('bag', 'bags', 'sachet', 'sachets')) {
            // "two black tea bags"
            return new Quantity(
                Amount::pieces($count->amount->number ?? Band::exact(1.0), Piece::Bag),
                $count->span,
                $count->next,
            );
        }

        $isPart = $tokens[$name[1] - 1]->is(...LineWords::PLANT_PARTS)
            && $this->catalogue->get($name[0])->kind->isPlant(); // "10 curry leaves"

        return $isPart || $this->catalogue->get($name[0])->pieces !== [] ? $count : null;
    }

    /**
     * "Carrot, 1 large".
     *
     * @param  list<Token>  $tokens
     */
    private function isCountedBefore(array $tokens, int $at): bool
    {
        $end = $at > 0 && $tokens[$at - 1]->is(',', ':') ? $at - 1 : $at;
        for ($from = $end - 1; $from >= max(0, $end - 3); $from--) {
            $name = $tokens[$from]->kind === Token::WORD ? $this->names->at($tokens, $from) : null;
            if ($name !== null && $name[1] === $end) {
                return $this->catalogue->get($name[0])->pieces !== [];
            }
        }

        return false;
    }
}
