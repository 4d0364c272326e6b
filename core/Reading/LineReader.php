<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Piece;

/** Makes lines of the amounts and names of one stretch of a note, each with how sure it is. */
final readonly class LineReader
{
    private const VESSELS = [
        'jar', 'jars', 'bottle', 'bottles', 'tin', 'tins', 'tub', 'tubs', 'tube', 'tubes', 'pot', 'pots', 'container',
        'containers',
        'flacon', 'flacons', 'bocal', 'bocaux', 'boite', 'boites', 'bouteille', 'bouteilles', 'spray', 'pan', 'bowl',
        'mould', 'moulds',
        'tray', 'trays', 'slots', 'cloth', 'bag', 'times', 'fois', 'layers', 'minutes', 'side', 'bois',
        'metal', 'plastique',
    ];

    /** Says which one it is, where nobody knows the pair: "black soap". */
    private const COLOURS = ['black', 'noir', 'noire'];

    private NameForms $forms;

    public function __construct(private Catalogue $catalogue, NameIndex $names)
    {
        $this->forms = new NameForms($catalogue, $names);
    }

    /**
     * @param  list<Item>  $items  what was found in the stretch, in order
     * @param  bool  $isListed  it lists what goes in; else it tells what to do, and names without an amount are left
     * @return array{list<ReadLine>, list<Item>} the lines, and the names that have no amount and no line yet
     */
    public function lines(Clause $clause, array $items, bool $isListed, ?Phase $phase, string $text): array
    {
        $tokens = $clause->tokens;
        $lines = $left = [];
        $parts = CommaParts::of($tokens, $items);
        foreach ($parts as [$from, $to]) {
            [$found, $more] = $this->lines(
                new Clause(array_slice($tokens, $from, $to - $from)),
                CommaParts::within($items, $from, $to),
                $isListed,
                $phase,
                $text,
            );
            array_push($lines, ...$found);
            foreach ($more as $item) {
                $left[] = $item->moved($from);
            }
        }
        if ($parts !== []) {
            return [$lines, $left];
        }
        if ($isListed) {
            $items = [...$items, ...self::strangers($tokens, $items)];
            usort($items, static fn (Item $a, Item $b): int => $a->at <=> $b->at);
        }
        foreach (Pairing::of($items, $tokens, $isListed) as $pair) {
            [$quantity, $item] = $pair;
            $last = $lines === [] ? null : $lines[count($lines) - 1];
            if ($item !== null && $quantity === null && $last !== null
                && $tokens[$item->at]->start < $last->span->end) {
                continue; // it is part of the name before it
            }
            if ($item !== null && $quantity === null && $last !== null && self::isSaidAgain($item, $last, $tokens)) {
                continue;
            }
            if ($item !== null && $item->key === null && $item->part === null) {
                $lines[] = $this->stranger($item, $tokens, $phase, $text);

                continue;
            }
            if ($item === null) {
                $line = $quantity === null
                    ? null : $this->unnamed($quantity, $tokens, $items, $phase, $text, $isListed);
            } elseif ($quantity !== null) {
                $line = $this->known($item, $quantity, $tokens, $phase, $text, $pair[2] ?? false);
            } elseif ($isListed && $item->part === null && ! self::isAside($item, $tokens, $lines)) {
                $line = $this->known($item, null, $tokens, $phase, $text);
            } else {
                $left[] = $item;
                $line = null;
            }
            if ($line !== null) {
                $lines[] = $line;
            }
        }

        return [$lines, $left];
    }

    /**
     * "Yolk of 1 egg", "potato juice of 2 potatoes", "chamomile, 4 tea bags": what is counted for the line before it.
     *
     * @param  list<Token>  $tokens
     */
    private static function isSaidAgain(Item $item, ReadLine $last, array $tokens): bool
    {
        $before = $item->at - 1;
        while ($before > 0 && $tokens[$before]->start >= $last->span->end) {
            $before--;
        }
        if ($tokens[$before]->end !== $last->span->end || $item->at - $before > 2) {
            return false; // other words stand between them
        }
        while ($before > 0 && $tokens[$before - 1]->start >= $last->span->start
            && ! $tokens[$before]->is('of', 'de', 'd')) {
            $before--;
        }
        $isCounted = $tokens[$before]->is('of', 'de', 'd') && $tokens[$before]->start > $last->span->start;
        $isBag = $last->amount?->piece === Piece::Bag && array_filter(
            array_slice($tokens, $item->at, $item->next + 1 - $item->at),
            static fn (Token $token): bool => $token->is('bag', 'bags'),
        ) !== [];

        return $isBag || ($isCounted && $last->amount?->piece !== null);
    }

    /**
     * What stands between the commas of a bare list of names, and names nothing in the catalogue.
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     * @return list<Item>
     */
    private static function strangers(array $tokens, array $items): array
    {
        $commas = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->is(',')));
        $isBare = array_filter($items, static fn (Item $item): bool => ! $item->isNamed()) === [];
        if (count($commas) < 2 || count($items) < 2 || ! $isBare) {
            return [];
        }
        $found = [];
        $from = 0;
        foreach ([...$commas, count($tokens)] as $to) {
            $isTaken = array_filter($items, static fn (Item $item): bool => $item->at < $to
                && $item->next > $from) !== [];
            if (! $isTaken && $to > $from && $to - $from <= 5 && $tokens[$from]->kind === Token::WORD) {
                $found[] = new Item($from, $to);
            }
            $from = $to + 1;
        }

        return $found;
    }

    /** @param  list<Token>  $tokens */
    private function stranger(Item $item, array $tokens, ?Phase $phase, string $text): ReadLine
    {
        $span = Span::over($tokens, $item->at, $item->next);
        $name = $span->of($text);
        [$key, $candidates, $confidence] = $this->forms->unknown(mb_strtolower($name), null);

        return new ReadLine(
            $key,
            $name,
            Amount::open('some'),
            $phase,
            min($confidence, Sureness::NO_AMOUNT),
            $candidates,
            $span,
        );
    }

    /**
     * A line of a name that has no amount.
     *
     * @param  list<Token>  $tokens
     */
    public function unmeasured(Item $item, array $tokens, ?Phase $phase, string $text): ReadLine
    {
        return $this->known($item, null, $tokens, $phase, $text);
    }

    /**
     * Whether a name without an amount only says more of the line before it: in brackets, or after "or".
     *
     * @param  list<Token>  $tokens
     * @param  list<ReadLine>  $lines  read before it
     */
    private static function isAside(Item $item, array $tokens, array $lines): bool
    {
        if ($lines === []) {
            return false;
        }
        if (Brackets::depths($tokens)[$item->at] > 0) {
            return true;
        }
        for ($at = $item->at - 1; $at >= max(0, $item->at - 6); $at--) {
            if ($tokens[$at]->is('or', 'ou', 'if', 'si', 'not', 'no', 'pas', 'sans', 'without', 'for', 'pour', 'from',
                'like', 'comme')) {
                return true;
            }
            if ($tokens[$at]->is(',', 'and', 'et', '+', '&')) {
                return false;
            }
        }

        return false;
    }

    /** @param  list<Token>  $tokens */
    private function known(
        Item $item,
        ?Quantity $quantity,
        array $tokens,
        ?Phase $phase,
        string $text,
        bool $isShared = false,
    ): ReadLine {
        $isApart = $quantity === null || $isShared;
        if ($item->part !== null) {
            $item->part->isUsed = true;
            $span = Span::over($tokens, $item->at, $item->next);

            return new ReadLine(
                null,
                $span->of($text),
                $quantity->amount ?? null,
                $phase,
                1.0,
                [],
                $isApart ? $span : $span->with($quantity->span),
                $quantity?->other,
                takes: $item->part,
                bare: $quantity?->bare,
            );
        }
        $meant = $this->forms->of($item, $tokens, $quantity);
        $span = Span::over($tokens, $meant->at, $meant->next);
        $confidence = match (true) {
            $quantity === null => min($meant->confidence, Sureness::NO_AMOUNT),
            $quantity->isUnsure => min($meant->confidence, Sureness::DOUBTED),
            self::isQualified($meant, $quantity, $tokens) => min(
                $meant->confidence,
                Sureness::BESIDE_A_WORD_THAT_CHANGES_IT,
            ),
            default => $meant->confidence,
        };

        return new ReadLine(
            $meant->key,
            $span->of($text),
            $quantity->amount ?? Amount::open('some'),
            $phase,
            $confidence,
            $meant->candidates,
            $isApart ? $span : $span->with($quantity->span),
            $quantity?->other,
            bare: $quantity?->bare,
        );
    }

    /**
     * "jbco (dark castor)", "clay soap noodles": a word nobody knows beside the name may make another thing of it.
     *
     * @param  list<Token>  $tokens
     */
    private static function isQualified(Meant $meant, Quantity $quantity, array $tokens): bool
    {
        if (isset($tokens[$quantity->next]) && $tokens[$quantity->next]->is('per', 'par')) {
            return true; // "1 tsp per cup"
        }
        foreach ([[$meant->at - 1, -1], [$meant->next, 1]] as [$at, $step]) {
            for (; isset($tokens[$at]); $at += $step) {
                $token = $tokens[$at];
                if ($token->is('/') && ($tokens[$at + $step] ?? $token)->kind === Token::WORD) {
                    return true; // one of two
                }
                if ($step > 0 && $token->is('in', 'into', 'dans', 'to', 'for', 'pour', 'with', 'avec', 'until', 'per',
                    ...RoleWords::MAKING)) {
                    break;
                }
                if ($step > 0 && $token->is('a') && ($tokens[$at + 1] ?? $token)->kind === Token::NUMBER) {
                    return true; // "alcool à 70": which strength it is
                }
                if ($token->is(',', ';', '.', ':', $step < 0 ? ')' : '(', '+', '&', '-', '–', '—', 'and', 'et')
                    || $token->kind === Token::NUMBER
                    || ($token->start >= $quantity->span->start && $token->end <= $quantity->span->end)) {
                    break;
                }
                if ($token->is(...self::COLOURS)) {
                    return true;
                }
                if ($token->kind === Token::WORD && mb_strlen($token->folded) > 2 && ! $token->is(...RoleWords::STATES,
                    ...LineWords::FILLERS, ...LineWords::KINDS, ...RoleWords::USES, ...RoleWords::DOING,
                    ...RoleWords::BEFORE_DOING, ...RoleWords::HEADS, ...LineWords::CHANGES)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * An amount beside words that name nothing in the catalogue.
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     */
    private function unnamed(
        Quantity $quantity,
        array $tokens,
        array $items,
        ?Phase $phase,
        string $text,
        bool $isListed,
    ): ?ReadLine {
        [$from, $to] = self::wordsBeside($quantity, $tokens, $items);
        $words = array_slice($tokens, $from, $to - $from);
        while ($words !== [] && ($words[0]->kind === Token::MARK || $words[0]->is(...LineWords::FILLERS))) {
            array_shift($words);
        }
        while (
            $words !== []
            && ($words[count($words) - 1]->kind === Token::MARK || $words[count($words) - 1]->is(...LineWords::FILLERS))
        ) {
            array_pop($words);
        }
        if ($quantity->amount->kind === AmountKind::Rest && ($words === [] || ! $isListed || $to <= $quantity->next)) {
            return null; // "off the heat: the rest"
        }
        $cloves = $words === [] && $quantity->amount->piece === Piece::Clove
            ? $this->catalogue->kindsUnsaid(Piece::Clove->value)
            : [];
        if ($cloves !== []) {
            // "6 cloves" of nothing: the spice
            return new ReadLine(
                $cloves[0],
                $quantity->span->of($text),
                Amount::pieces($quantity->amount->number ?? Band::exact(1.0), Piece::Whole),
                $phase,
                Sureness::DOUBTED,
                array_slice($cloves, 1),
                $quantity->span,
            );
        }
        if ($words !== [] && $words[count($words) - 1]->is('per', ...self::VESSELS)) {
            return null; // "12 drops per 60 g"
        }
        if ($words === []) {
            return $quantity->amount->kind === AmountKind::Open || $quantity->amount->kind === AmountKind::Rest
                ? null
                : new ReadLine(
                    null,
                    $quantity->span->of($text),
                    $quantity->amount,
                    $phase,
                    Sureness::ONLY_A_NAME,
                    [],
                    $quantity->span,
                    $quantity->other,
                );
        }
        $span = new Span($words[0]->start, $words[count($words) - 1]->end);
        $written = Token::written($words);
        [$key, $candidates, $confidence] = $this->forms->unknown($written, $quantity);
        // who tells what to do speaks of gear, too: "a spoon at a time", "two layers of cloth"
        if (! $isListed && $confidence < Sureness::EXACT
            && ($quantity->amount->kind === AmountKind::Open || $quantity->amount->piece !== null)) {
            return null;
        }
        if ($key === null && $candidates === [] && $quantity->bare === null
            && $quantity->amount->kind === AmountKind::Open && $to <= $quantity->next) {
            return null; // "cried a lot"
        }

        return new ReadLine(
            $key,
            $span->of($text),
            $quantity->amount,
            $phase,
            $confidence,
            $candidates,
            $span->with($quantity->span),
            $quantity->other,
            bare: $quantity->bare,
        );
    }

    /**
     * The words after an amount up to the next thing or stop; else the words before it.
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     * @return array{int, int}
     */
    private static function wordsBeside(Quantity $quantity, array $tokens, array $items): array
    {
        $isStop = static fn (int $i): bool => $tokens[$i]->is(',', ';', '.', '(', ')', ':', '+', 'and', 'et', 'then',
            'puis', 'if', 'si', 'when', 'quand', 'until', 'till', 'for', 'pour', 'to', 'plus', 'with', 'avec');
        $taken = [];
        foreach ($items as $item) {
            for ($i = $item->at; $i < $item->next; $i++) {
                $taken[$i] = true;
            }
        }
        $to = $quantity->next;
        while (isset($tokens[$to]) && ! isset($taken[$to]) && ! $isStop($to)) {
            $to++;
        }
        $hasWords = array_filter(
            array_slice($tokens, $quantity->next, $to - $quantity->next),
            static fn (Token $token): bool => $token->kind === Token::WORD && ! $token->is(...LineWords::FILLERS),
        ) !== [];
        if ($hasWords) {
            return [$quantity->next, $to];
        }
        $begin = 0;
        while (isset($tokens[$begin]) && $tokens[$begin]->start < $quantity->span->start) {
            $begin++;
        }
        $from = $begin;
        while (
            $from > 0
            && ! isset($taken[$from - 1])
            && (! $isStop($from - 1) || $tokens[$from - 1]->is(':', '(', ')', '.', ','))
            && ($from === $begin || ! $tokens[$from - 1]->is('.', ',') || $tokens[$from]->is('.'))
        ) {
            $from--;
        }

        return [$from, $begin];
    }
}
