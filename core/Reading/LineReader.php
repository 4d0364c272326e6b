<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Unit;

/**
 * Finds amounts, names and hints in one line, and ties each amount to its ingredient. One of these reads one text, line
 * by line: it knows what had a line before.
 */
final class LineReader
{
    /** Near misses are looked up for this many names at most, so that a hostile text can't make it slow. */
    private const MAX_LOOKUPS = 300;

    private const EXACT = 1.0;

    private const BESIDE_A_WORD_THAT_CHANGES_IT = 0.6;

    private const A_SLIP_AWAY = 0.75;

    private const ONLY_A_NAME = 0.3;

    private const NO_AMOUNT = 0.5;

    /** A plant by the drop: its essential oil, most likely. */
    private const BY_THE_DROP = 0.8;

    private const NOT_BY_THE_DROP = [
        Kind::DriedBotanical, Kind::FreshBotanical, Kind::PowderBotanical, Kind::HydrosolOrTea,
    ];

    private int $lookups = 0;

    /** @var array<string, true> ingredients that already have a line */
    private array $seen = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly NameIndex $names)
    {
    }

    /**
     * Amounts and names of a line, in order.
     *
     * @param  list<Token>  $tokens
     * @return array{list<Item>, list<Hint>}
     */
    public function items(array $tokens): array
    {
        $items = $hints = [];
        for ($at = 0; $at < count($tokens);) {
            $hint = Hints::at($tokens, $at);
            if ($hint !== null) {
                $hints[] = $hint[0];
                $at = $hint[1];

                continue;
            }
            $quantity = $tokens[$at]->kind === Token::MARK
                ? null
                : (Quantities::at($tokens, $at) ?? $this->counted($tokens, $at));
            if ($quantity !== null) {
                $items[] = new Item($at, $quantity->next, quantity: $quantity);
                $at = $quantity->next;

                continue;
            }
            $name = $tokens[$at]->kind === Token::WORD ? $this->names->at($tokens, $at) : null;
            if ($name !== null) {
                $items[] = new Item($at, $name[1], key: $name[0]);
                $at = $name[1];

                continue;
            }
            $at++;
        }

        return [$items, $hints];
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items  what was found in them
     * @param  bool  $isTold  there are times or temperatures in it: it tells what to do and lists nothing
     * @return list<ReadLine>
     */
    public function lines(array $tokens, array $items, bool $isTold, ?Phase $phase, string $text): array
    {
        $named = array_filter($items, static fn (Item $item): bool => $item->key !== null);
        $measured = array_filter($items, static fn (Item $item): bool => $item->quantity !== null);
        $isListed = count($tokens) <= 8 && ! $isTold;
        $adds = $measured !== []
            || array_filter($tokens, static fn (Token $token): bool => $token->is(...LineWords::ADDING)) !== [];
        $lines = [];
        foreach (Pairing::of($items, $tokens) as [$quantity, $item]) {
            if ($item === null) {
                $line = $quantity === null ? null : $this->unnamed($quantity, $tokens, $items, $phase, $text);
            } elseif ($quantity !== null) {
                $line = $this->known($item, $quantity, $tokens, $phase, $text);
            } else {
                $line = ! isset($this->seen[$item->key ?? '']) && ($isListed || ($adds && $named !== []))
                    ? $this->known($item, null, $tokens, $phase, $text)
                    : null;
            }
            if ($line !== null) {
                $lines[] = $line;
                $this->seen[$line->ingredient ?? ''] = true;
            }
        }

        return $lines;
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
        while (
            isset($tokens[$next])
            && $tokens[$next]->is(
                'large',
                'small',
                'ripe',
                'medium',
                'big',
                'petit',
                'petite',
                'gros',
                'grosse',
                'mur',
                'mure',
                'fresh',
                'whole',
                'of',
                'de',
                'd',
                "'",
                '’',
            )
        ) {
            $next++;
        }
        $name = isset($tokens[$next]) && $tokens[$next]->kind === Token::WORD ? $this->names->at($tokens, $next) : null;

        return $name !== null && $this->catalogue->get($name[0])->pieces !== [] ? $count : null;
    }

    /** @param  list<Token>  $tokens */
    private function known(Item $item, ?Quantity $quantity, array $tokens, ?Phase $phase, string $text): ReadLine
    {
        $span = new Span($tokens[$item->at]->start, $tokens[$item->next - 1]->end);
        $name = $span->of($text);
        $before = $tokens[$item->at - 1] ?? null;
        $after = $tokens[$item->next] ?? null;
        $changed = (
            $before !== null
                && $before->kind === Token::WORD
                && $before->is(...LineWords::CHANGES)
                && ($quantity === null || $before->start >= $quantity->span->end)
        )
            || ($after !== null && $after->kind === Token::WORD && $after->is(...LineWords::CHANGES));
        $changing = $changed && $after !== null && $after->is(...LineWords::CHANGES)
            ? $span->with(new Span($after->start, $after->end))
            : $span;
        $whole = $quantity === null ? $changing : $changing->with($quantity->span);
        $confidence = match (true) {
            $changed => self::BESIDE_A_WORD_THAT_CHANGES_IT,
            $quantity === null => self::NO_AMOUNT,
            default => self::EXACT,
        };
        $key = $this->countedAs($item->key ?? '', $name, $quantity) ?? $item->key;
        $candidates = $changed && $item->key !== null
            ? $this->candidates(($before->folded ?? '').' '.$name.' '.($after->folded ?? ''), $item->key)
            : [];
        $drawn = $changed || $key === null ? null : $this->essentialOil($key, $name, $quantity);
        if ($drawn !== null) {
            [$key, $candidates, $confidence] = [$drawn, [$key], self::BY_THE_DROP];
        }

        return new ReadLine(
            $key,
            $name,
            $quantity->amount ?? Amount::open('some'),
            $phase ?? $this->phaseOf($key),
            $confidence,
            $candidates,
            $whole,
            $quantity?->other,
        );
    }

    /** "10 drops lavender": a plant isn't measured by the drop, its essential oil is. */
    private function essentialOil(string $key, string $name, ?Quantity $quantity): ?string
    {
        if (
            $quantity?->amount->unit !== Unit::Drop
            || ! in_array($this->catalogue->get($key)->kind, self::NOT_BY_THE_DROP, true)
        ) {
            return null;
        }
        $oil = $this->catalogue->named("$name essential oil") ?? $this->catalogue->named("huile essentielle de $name");

        return $oil?->key;
    }

    /** "2 leaves of aloe": what has no leaves itself is meant as the leaf of that name. */
    private function countedAs(string $key, string $name, ?Quantity $quantity): ?string
    {
        $piece = $quantity?->amount->piece;
        if ($piece === null || $this->catalogue->get($key)->weightOf($piece) !== null) {
            return null;
        }

        return $this->catalogue->named("$name $piece->value")?->key;
    }

    /**
     * An amount beside words that name nothing in the catalogue.
     *
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     */
    private function unnamed(Quantity $quantity, array $tokens, array $items, ?Phase $phase, string $text): ?ReadLine
    {
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
        if ($words === []) {
            return $quantity->amount->kind === AmountKind::Open ? null
                : new ReadLine(
                    null,
                    $quantity->span->of($text),
                    $quantity->amount,
                    $phase,
                    self::ONLY_A_NAME,
                    [],
                    $quantity->span,
                    $quantity->other,
                );
        }
        $span = new Span($words[0]->start, $words[count($words) - 1]->end);
        $written = implode(
            ' ',
            array_map(
                static fn (Token $token): string => $token->folded,
                array_filter($words, static fn (Token $token): bool => $token->kind !== Token::MARK),
            ),
        );
        $meant = $this->catalogue->meantBy($written);
        if ($meant !== []) {
            return new ReadLine(
                null,
                $span->of($text),
                $quantity->amount,
                $phase ?? $this->phaseOf($meant[0]->key),
                self::ONLY_A_NAME,
                array_map(static fn (Material $one): string => $one->key, $meant),
                $span->with($quantity->span),
                $quantity->other,
            );
        }
        $near = $this->lookups++ < self::MAX_LOOKUPS ? $this->names->near($written) : [];
        $isOne = $near !== []
            && $near[0][1] <= NameIndex::tolerance($written)
            && (! isset($near[1]) || $near[1][1] > $near[0][1]);
        $candidates = array_column($near, 0);
        $key = $isOne ? array_shift($candidates) : null;

        return new ReadLine(
            $key,
            $span->of($text),
            $quantity->amount,
            $phase ?? $this->phaseOf($key),
            $isOne ? self::A_SLIP_AWAY : self::ONLY_A_NAME,
            $candidates,
            $span->with($quantity->span),
            $quantity->other,
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
        $isStop = static fn (int $i): bool => $tokens[$i]->is(
            ',',
            ';',
            '.',
            '(',
            ')',
            ':',
            '+',
            'and',
            'et',
            'then',
            'puis',
        );
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
        while ($from > 0 && ! isset($taken[$from - 1]) && (! $isStop($from - 1) || $tokens[$from - 1]->is(':', '('))) {
            $from--;
        }

        return [$from, $begin];
    }

    /** @return list<string> */
    private function candidates(string $written, string $besides): array
    {
        $near = $this->lookups++ < self::MAX_LOOKUPS ? array_column($this->names->near(trim($written)), 0) : [];
        $found = array_map(
            static fn ($ingredient): string => $ingredient->key,
            $this->catalogue->search(trim($written), 3),
        );

        return array_slice(array_values(array_diff(array_unique([...$near, ...$found]), [$besides])), 0, 4);
    }

    private function phaseOf(?string $key): ?Phase
    {
        return $key === null ? null : $this->catalogue->get($key)->defaultPhase;
    }
}
