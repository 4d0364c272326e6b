<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;

/** Goes through a note line by line and gathers what its stretches are. One of these reads one note. */
final class NoteBuilder
{
    /** "Enough water to fill a 250 ml bottle". */
    private const FILLS = '/\b(?:to fill|pour remplir|fills|remplit)\b/';

    /** "Enough tea to make a yoghurt": what follows is only compared. "A splash more milk": only in case. */
    private const COMPARED =
        '/\b(?:to make (?:it )?an?|(?:mix|stir|blend|whisk|work|beat) (?:it )?(?:in)?to an?'
        .'|pour faire une?|pour obtenir une?|(?:looks|feels|smells) like|thick as'
        .'|comme du|comme de la|(?:a )?(?:splash|little|bit|drop|touch) more|(?:un peu|une goutte) plus (?:de|d))\b/';

    /** For the pH, or where it turns out to be wanted. */
    private const IF_NEEDED = '/\bph\b|\bif needed|\bsi besoin|\bif you like|\bau besoin/';

    /** "Boil till it looks like egg white": only compared. */
    private const LIKE = [
        'till', 'until', 'like', 'as', 'comme', 'looks', 'jusqu', 'than', 'no', 'not', 'without', 'sans', 'if', 'si',
        'before', 'avant',
    ];

    /** Small words that may stand between an amount and its name. */
    private const BESIDE = 3;

    private const GATE_AT_MOST = 50.0;

    /** @var list<ReadLine> */
    private array $lines = [];

    /** @var array<string, true> what has a line with an amount, by catalogue key */
    private array $measured = [];

    public readonly Spans $spans;

    /** @var list<Hint> */
    private array $hints = [];

    /** @var list<array{Item, Clause, Phase|null}> names in sentences that have no amount */
    private array $left = [];

    private readonly NoteParts $parts;

    /** Small letters, too: then a line in capitals stands over others. */
    private readonly bool $hasSmall;

    private ?Phase $phase = null;

    private bool $isLettered = false;

    private ?float $heat = null;

    private ?float $gate = null;

    /** Lines from here on may yet turn out to have been a part. */
    private int $since = 0;

    /** Lines from here on stand under the last heading. */
    private int $under = 0;

    private readonly Items $finder;

    private readonly DrawnInOil $drawnInOil;

    private readonly LineReader $reader;

    public ?StatedYield $yield = null;

    public function __construct(private readonly Catalogue $catalogue, NameIndex $names, private readonly string $text)
    {
        $this->hasSmall = preg_match('/\p{Ll}{2}/u', $text) === 1;
        $this->spans = new Spans($text);
        $this->parts = new NoteParts($catalogue);
        $this->finder = new Items($catalogue, $names);
        $this->drawnInOil = new DrawnInOil($catalogue, $this->finder);
        $this->reader = new LineReader($catalogue, $names);
    }

    public function blank(): void
    {
        $this->since = count($this->lines);
        if ($this->parts->isDrawing() && ($this->lines[$this->since - 1] ?? null)?->in !== null) {
            $this->parts->close(); // its plants and its oil stood together
        }
    }

    /**
     * @param  list<Token>  $tokens  of a line, at least one
     * @param  string  $after  the lines behind it, a few
     */
    public function line(array $tokens, string $after = ''): void
    {
        $heading = Headings::of($tokens) ?? $this->shouted($tokens) ?? $this->parts->announced($tokens)
            ?? $this->drawnInOil->heading($tokens, $after);
        if ($heading !== null) {
            $this->begin($heading, array_slice($tokens, 0, $heading->next));
            $tokens = array_slice($tokens, $heading->next);
        }
        foreach ($tokens === [] ? [] : Clauses::of($tokens) as $clause) {
            $this->clause(new Clause($clause));
        }
        if ($heading?->makes !== null && $tokens !== []) {
            $this->parts->close(); // all of it stood in this line
        }
    }

    /** @param  list<Token>  $tokens */
    private function shouted(array $tokens): ?Heading
    {
        return $this->hasSmall
            ? Headings::shouted($tokens, Span::over($tokens, 0, count($tokens))->of($this->text))
            : null;
    }

    /** @param  list<Token>  $tokens */
    private function begin(Heading $heading, array $tokens): void
    {
        $span = Span::over($tokens, 0, count($tokens));
        $this->unlettered();
        $this->since = $this->under = count($this->lines);
        $this->phase = $heading->phase;
        $this->isLettered = $heading->isLettered;
        [, $hints] = $this->finder->in($tokens, []);
        array_push($this->hints, ...$hints);
        foreach ($hints as $hint) {
            if ($hint->kind === 'temperature') {
                $this->heated(new Clause($tokens), (float) $hint->value, isHeading: true);
            }
        }
        $part = $this->parts->begin($heading, $span);
        $this->spans->add(new ReadSpan($span, $part === null ? Role::Heading : Role::Part, part: $part));
    }

    /** A letter for a phase says nothing by itself: under a B without any fat there is no oil phase. */
    private function unlettered(): void
    {
        $under = array_slice($this->lines, $this->under);
        $isOily = fn (ReadLine $line): bool => $line->phase !== Phase::Oil || $line->ingredient === null
            || $this->catalogue->get($line->ingredient)->defaultPhase === Phase::Oil;
        if (! $this->isLettered || $under === [] || array_filter($under, $isOily) !== []) {
            return;
        }
        $plain = array_map(static fn (ReadLine $line): ReadLine => $line->withoutPhase(), $under);
        $this->spans->replace($under, $plain);
        array_splice($this->lines, $this->under, count($under), $plain);
    }

    private function clause(Clause $clause): void
    {
        $since = array_slice($this->lines, $this->since);
        $inside = $this->parts->lookBack($clause, $since);
        if ($inside !== $since) {
            $this->spans->replace($since, $inside);
            array_splice($this->lines, $this->since, count($since), $inside);
        }
        [$items, $hints] = $this->finder->in($clause->tokens, $this->parts->sections());
        $role = ClauseRole::of($clause, $items, $hints);
        if ($role === Role::Ingredient && $this->isSpokenOf($clause, $items)) {
            $role = Role::Step;
        }
        if ($role === Role::Claim && $this->parts->isDrawing() && ! $clause->says(RoleWords::LASTING)) {
            $role = Role::Step; // "three weeks in the dark": that long it stands
        }
        array_push($this->hints, ...$hints);
        $utility = in_array($role, [Role::Ingredient, Role::Step], true) ? $clause->where(RoleWords::UTILITY) : null;
        if ($utility !== null) {
            $isOutside = $clause->says(RoleWords::OUTSIDE);
            $items = array_values(array_filter(
                $items,
                static fn (Item $item): bool => $item->at >= $utility[1] || $item->next <= $utility[0]
                    || (! $isOutside && self::isMeasured($item, $items)),
            ));
        }
        $like = $clause->where(self::COMPARED);
        if ($like !== null) {
            $items = array_values(array_filter($items, static fn (Item $item): bool => $item->at < $like[0]));
        }
        $found = [];
        if ($role === Role::Ingredient || $role === Role::Step) {
            if ($role === Role::Ingredient) {
                $items = BareNumbers::beside($items, $clause, $hints);
            }
            [$found, $left] = $this->reader->lines($clause, $items, $role === Role::Ingredient, $this->phase,
                $this->text);
            foreach ($role === Role::Step ? $left : [] as $item) {
                $this->left[] = [$item, $clause, $this->phase];
            }
            // who writes "8 g candelilla??" isn't sure either
            $found = $this->parts->placed($clause->has('?')
                ? array_map(static fn (ReadLine $line): ReadLine => $line->doubted(Sureness::DOUBTED), $found)
                : $found);
            array_push($this->lines, ...$found);
            foreach ($found as $line) {
                if ($line->ingredient !== null && $line->amount?->number !== null) {
                    $this->measured[$line->ingredient] = true;
                }
            }
        }
        if ($role === Role::Yield || $clause->says(self::FILLS)) {
            $this->yield ??= StatedYield::endOf($clause->span()->of($this->text));
        }
        foreach ($hints as $hint) {
            if ($hint->kind === 'temperature') {
                $before = $this->gate;
                $this->heated($clause, (float) $hint->value);
                // what comes after the making has begun no longer belongs to the heading above it
                $this->phase = $this->gate !== $before ? Phase::Cooldown : ($found === [] ? null : $this->phase);
            }
        }
        $this->spans->cover($clause, $role, $found, $utility);
    }

    /**
     * "La vitamine E quand c'est tiède": with its article and without an amount, what has a line already.
     *
     * @param  list<Item>  $items
     */
    private function isSpokenOf(Clause $clause, array $items): bool
    {
        $first = $clause->tokens[$clause->start()] ?? null;
        if ($first === null || ! $first->is('the', 'le', 'la', 'les', 'l')) {
            return false;
        }
        $named = array_filter($items, static fn (Item $item): bool => $item->key !== null);
        $other = array_filter($items, fn (Item $item): bool => $item->quantity !== null
            || ($item->key !== null && ! isset($this->measured[$item->key])));

        return $named !== [] && $other === [];
    }

    /**
     * "250 ml simmering water" goes in, however hot it is: it has an amount right before it.
     *
     * @param  list<Item>  $items
     */
    private static function isMeasured(Item $item, array $items): bool
    {
        return $item->quantity !== null || array_filter(
            $items,
            static fn (Item $one): bool => $one->quantity?->amount->number !== null
                && $one->next <= $item->at && $item->at - $one->next <= self::BESIDE,
        ) !== [];
    }

    private function heated(Clause $clause, float $celsius, bool $isHeading = false): void
    {
        $isCool = $clause->has(...LineWords::COOLING) || ($isHeading && $this->phase === Phase::Cooldown);
        $isHot = $isHeading || $clause->has(...LineWords::HEATING);
        if ($celsius <= self::GATE_AT_MOST && $celsius >= 25 && $isCool) {
            $this->gate ??= $celsius;
        } elseif ($celsius > self::GATE_AT_MOST && $celsius <= 100 && $isHot) {
            $this->heat = max($this->heat ?? 0.0, $celsius);
        }
    }

    /** @param  array<string, Role>  $roles  what the maker says a stretch is, by its key */
    public function recipe(string $title, array $roles): Recipe
    {
        $this->unlettered();
        $this->addNamed();
        $this->withoutHeads();
        $this->steeped();
        $title = $this->corrected($roles, $title);
        $lines = BareNumbers::told($this->lines, $this->text, $this->yield, $this->isCounted(...));
        $lines = LineDoubts::of($lines, $this->catalogue);
        $lines = array_map(
            static fn (ReadLine $line): ReadLine => $line->in === null || $line->in->isUsed ? $line : $line->outside(),
            $lines,
        );
        $this->spans->replace($this->lines, $lines);
        $spans = $this->spans->all();
        $others = array_values(array_map(
            static fn (ReadSpan $span): Span => $span->span,
            array_filter($spans, static fn (ReadSpan $span): bool => $span->line === null
                && ! in_array($span->role, [Role::Title, Role::Heading, Role::Ingredient, Role::Part], true)),
        ));

        return new Recipe(
            $this->text,
            mb_substr($title, 0, 120),
            FamilyGuess::of($lines, $this->catalogue),
            $this->yield,
            $this->heat,
            $this->gate,
            $lines,
            $this->hints,
            $others,
            $spans,
            $this->parts->used(),
        );
    }

    /** "Water", alone in its line and without an amount, above "135 g distilled water": a heading. */
    private function withoutHeads(): void
    {
        $measured = array_unique(array_column(array_filter(
            $this->lines,
            static fn (ReadLine $line): bool => $line->amount?->number !== null,
        ), 'ingredient'));
        $heads = [];
        foreach ($this->spans->all() as $span) {
            $said = $span->span->of($this->text);
            $isHead = $span->line?->amount?->kind === AmountKind::Open
                && in_array(mb_strtolower(trim($said, ' :')), RoleWords::HEADS, true)
                && in_array($span->line->ingredient, $measured, true)
                && $this->isAlone($span->span);
            if ($isHead) {
                $heads[spl_object_id($span->line)] = true;
            }
        }
        $isHead = static fn (?ReadLine $line): bool => $line !== null && isset($heads[spl_object_id($line)]);
        $this->spans->turn(static fn (ReadSpan $span): bool => $isHead($span->line), Role::Heading);
        $this->lines = array_values(array_filter(
            $this->lines,
            static fn (ReadLine $line): bool => ! $isHead($line),
        ));
    }

    /** Whether nothing else stands in its line of the text. */
    private function isAlone(Span $span): bool
    {
        $before = rtrim(substr($this->text, max(0, $span->start - 8), min(8, $span->start)), ' ');
        $after = ltrim(substr($this->text, $span->end, 8), ' :');

        return ($before === '' || str_ends_with($before, "\n")) && ($after === '' || $after[0] === "\n");
    }

    /**
     * In a note of nothing but plants in oil that tells no other time, "three weeks" is how long they steep, unless it
     * says that it keeps so long.
     */
    private function steeped(): void
    {
        $kinds = array_map(fn (ReadLine $line): ?Kind => $line->ingredient === null
            ? null
            : $this->catalogue->get($line->ingredient)->kind, $this->lines);
        if (! NotedInfusion::isPlantsInOil($kinds)
            || NotedInfusion::longest($this->spans->all(), $this->hints) !== null) {
            return;
        }
        foreach ($this->spans->all() as $span) {
            if ($span->role === Role::Claim && ! $this->clauseOf($span->span)->says(RoleWords::LASTING)) {
                $this->spans->turn(static fn (ReadSpan $one): bool => $one === $span, Role::Step);

                return;
            }
        }
    }

    private function clauseOf(Span $span): Clause
    {
        return new Clause(Lexer::tokens($span->of($this->text), $span->start));
    }

    /**
     * What the maker says goes before what was read.
     *
     * @param  array<string, Role>  $roles
     */
    private function corrected(array $roles, string $title): string
    {
        if ($roles === []) {
            return $title;
        }
        $dropped = $made = [];
        $this->spans->corrected($roles, function (ReadSpan $span, Role $role) use (&$title, &$dropped,
            &$made): ReadSpan {
            $words = trim($span->span->of($this->text));
            if ($span->line !== null) {
                $dropped[spl_object_id($span->line)] = true;
            }
            $line = $role === Role::Ingredient ? $this->oneLine($span->span) : null;
            if ($line !== null) {
                $made[] = $line;
            }
            $title = match (true) {
                $role === Role::Title => trim($words, " \t.,;:–—-"),
                $span->role === Role::Title => '',
                default => $title,
            };
            if ($role === Role::Yield) {
                $this->yield = StatedYield::endOf($words) ?? $this->yield;
            } elseif ($span->role === Role::Yield) {
                $this->yield = null;
            }

            return new ReadSpan($span->span, $role, $line);
        });
        $kept = array_filter($this->lines, static fn (ReadLine $line): bool => ! isset($dropped[spl_object_id($line)]));
        $this->lines = self::inOrder([...$kept, ...$made]);

        return $title;
    }

    /**
     * @param  array<ReadLine>  $lines
     * @return list<ReadLine>
     */
    private static function inOrder(array $lines): array
    {
        usort($lines, static fn (ReadLine $a, ReadLine $b): int => $a->span->start <=> $b->span->start);

        return $lines;
    }

    /** The line a stretch makes when it is said to be an ingredient. */
    private function oneLine(Span $span): ReadLine
    {
        $clause = $this->clauseOf($span);
        [$items] = $this->finder->in($clause->tokens, $this->parts->sections());
        [$lines] = $this->reader->lines($clause, BareNumbers::beside($items, $clause, []), true, null, $this->text);

        return $lines[0]
            ?? new ReadLine(null, trim($span->of($this->text)), Amount::open('some'), null, 0.0, [], $span);
    }

    private function isCounted(ReadLine $line): bool
    {
        return $line->ingredient !== null && $this->finder->isCounted($line->ingredient);
    }

    /** What sentences put in without an amount, and no line has yet. */
    private function addNamed(): void
    {
        $seen = [];
        foreach ($this->lines as $line) {
            $seen[self::family($line->ingredient ?? '')] = true;
        }
        $measured = count(array_filter($this->lines,
            static fn (ReadLine $line): bool => $line->amount?->number !== null || $line->bare !== null));
        $names = $this->left === [] ? [] : $this->measuredNames();
        foreach ($this->left as [$item, $clause, $phase]) {
            $what = self::family($item->key ?? '');
            if ($item->part !== null || isset($seen[$what]) || ! self::isPutIn($item, $clause, $measured > 1)
                || self::isWordOf($item, $clause, $names)) {
                continue;
            }
            $line = $this->reader->unmeasured($item, $clause->tokens, $phase, $this->text);
            $seen[$what] = true;
            $this->lines[] = $line;
            $this->spans->cut($line);
        }
        $this->lines = self::inOrder($this->lines);
    }

    /**
     * "The betaine" of a note with cocamidopropyl betaine in it.
     *
     * @param  list<list<string>>  $names  folded words of the names that have an amount
     */
    private static function isWordOf(Item $item, Clause $clause, array $names): bool
    {
        $words = array_column(array_slice($clause->tokens, $item->at, $item->next - $item->at), 'folded');

        return array_filter($names, static fn (array $name): bool => array_diff($words, $name) === []) !== [];
    }

    /** @return list<list<string>> folded words of the names that have an amount, each once */
    private function measuredNames(): array
    {
        $names = array_unique(array_column(array_filter(
            $this->lines,
            static fn (ReadLine $line): bool => $line->amount?->number !== null,
        ), 'name'));

        return array_values(array_map(
            static fn (string $name): array => array_column(Lexer::tokens($name, 0), 'folded'),
            $names,
        ));
    }

    /** What is of one plant or kind begins with the same word: rosemary-dried, rosemary-fresh. */
    private static function family(string $key): string
    {
        return explode('-', $key)[0];
    }

    /**
     * Whether a sentence puts what it names into the batch, and doesn't only speak of it.
     *
     * @param  bool  $isMeasured  the note has amounts: then "the water" is the water that has one
     */
    private static function isPutIn(Item $item, Clause $clause, bool $isMeasured): bool
    {
        $isGeneric = $item->next - $item->at === 1 && $clause->tokens[$item->at]->is(...RoleWords::HEADS);
        $before = array_slice($clause->tokens, max(0, $item->at - 4), min(4, $item->at));
        $isOnlyLike = array_filter($before, static fn (Token $token): bool => $token->is(...self::LIKE)) !== [];
        $isDefinite = $before !== []
            && $before[count($before) - 1]->is('the', 'le', 'la', 'l', 'les', "'", '’');

        return $clause->has(...RoleWords::ADDING)
            && ! $clause->says(self::IF_NEEDED)
            && ! $isOnlyLike
            && ! ($isGeneric && ($isMeasured || $isDefinite));
    }
}
