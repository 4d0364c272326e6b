<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;

/** Goes through a note line by line and gathers what its stretches are. One of these reads one note. */
final class NoteBuilder
{
    private const PLANTS = [
        Kind::DriedBotanical, Kind::FreshBotanical, Kind::PowderBotanical, Kind::PlantMilkOrFood,
        Kind::PlantJuiceOrGel,
    ];

    /** "80 g of the juice", "de cette infusion". */
    private const TAKEN = '/\b(?:of|de|du|d)(?: (?:the|this|that|my|le|la|l|ce|cet|cette))(?: \w+)??'
        .'(?: (?:strained|cooled|filtered|finished|infused|filtre|filtree|cool|cold|resulting|thick|clear))* (juice|jus|tea|tisane|infusion'
        .'|decoction|gel|milk|lait|puree|macerat|oil|huile|slime|mucilage|brew|soak|pulp|pulpe)\b/';

    /** "Enough water to fill a 250 ml bottle". */
    private const FILLS = '/\b(?:to fill|pour remplir|fills|remplit)\b/';

    /** "Boil till it looks like egg white": only compared. */
    private const LIKE = [
        'till', 'until', 'like', 'as', 'comme', 'looks', 'jusqu', 'than', 'no', 'not', 'without', 'sans', 'if', 'si', 'before', 'avant',
    ];

    private const GATE_AT_MOST = 50.0;

    /** @var list<ReadLine> */
    private array $lines = [];

    /** @var list<ReadSpan> */
    private array $spans = [];

    /** @var list<Hint> */
    private array $hints = [];

    /** @var list<Section> */
    private array $sections = [];

    /** @var list<array{Item, Clause, Phase|null}> names in sentences that have no amount */
    private array $left = [];

    private ?Section $open = null;

    private ?Phase $phase = null;

    private bool $isLettered = false;

    private ?float $heat = null;

    private ?float $gate = null;

    /** Lines from here on may yet turn out to have been a part. */
    private int $since = 0;

    private readonly Items $finder;

    private readonly LineReader $reader;

    public ?StatedYield $yield = null;

    public function __construct(private readonly Catalogue $catalogue, NameIndex $names, private readonly string $text)
    {
        $this->finder = new Items($catalogue, $names);
        $this->reader = new LineReader($catalogue, $names);
    }

    public function mark(Span $span, Role $role): void
    {
        $this->spans[] = new ReadSpan($span, $role);
    }

    public function blank(): void
    {
        $this->since = count($this->lines);
    }

    /** @param  list<Token>  $tokens  of a line, at least one */
    public function line(array $tokens): void
    {
        $heading = Headings::of($tokens);
        if ($heading !== null) {
            $this->begin($heading, array_slice($tokens, 0, $heading->next));
            $tokens = array_slice($tokens, $heading->next);
        }
        foreach ($tokens === [] ? [] : Clauses::of($tokens) as $clause) {
            $this->clause(new Clause($clause));
        }
        if ($heading?->makes !== null && $tokens !== []) {
            $this->open = null; // all of it stood in this line
        }
    }

    /** @param  list<Token>  $tokens */
    private function begin(Heading $heading, array $tokens): void
    {
        $span = new Span($tokens[0]->start, $tokens[count($tokens) - 1]->end);
        $this->unlettered();
        $this->since = count($this->lines);
        $this->phase = $heading->phase;
        $this->isLettered = $heading->isLettered;
        $this->open = null;
        if ($heading->makes === null) {
            $this->mark($span, Role::Heading);

            return;
        }
        $this->open = new Section(count($this->sections) + 1, $heading->makes, $heading->label, $span);
        $this->sections[] = $this->open;
        $this->spans[] = new ReadSpan($span, Role::Part, part: $this->open);
    }

    /** A letter for a phase says nothing by itself: under a B without any fat there is no oil phase. */
    private function unlettered(): void
    {
        $under = array_slice($this->lines, $this->since, null, true);
        $isOily = fn (ReadLine $line): bool => $line->phase !== Phase::Oil || $line->ingredient === null
            || $this->catalogue->get($line->ingredient)->defaultPhase === Phase::Oil;
        if (! $this->isLettered || $under === [] || array_filter($under, $isOily) !== []) {
            return;
        }
        foreach ($under as $i => $line) {
            $this->lines[$i] = $line->withoutPhase();
            $this->replace($line, $this->lines[$i]);
        }
    }

    private function clause(Clause $clause): void
    {
        $this->lookBack($clause);
        [$items, $hints] = $this->finder->in($clause->tokens, $this->sections);
        $role = ClauseRole::of($clause, $items, $hints);
        array_push($this->hints, ...$hints);
        $utility = in_array($role, [Role::Ingredient, Role::Step], true) ? $clause->where(RoleWords::UTILITY) : null;
        if ($utility !== null) {
            $items = array_values(array_filter(
                $items,
                static fn (Item $item): bool => $item->at >= $utility[1] || $item->next <= $utility[0],
            ));
        }
        $found = [];
        if ($role === Role::Ingredient || $role === Role::Step) {
            if ($role === Role::Ingredient) {
                $items = self::withBare($clause, $items);
            }
            [$found, $left] = $this->reader->lines($clause, $items, $role === Role::Ingredient, $this->phase, $this->text);
            foreach ($role === Role::Step ? $left : [] as $item) {
                $this->left[] = [$item, $clause, $this->phase];
            }
            $found = $this->placed($found);
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
        $this->cover($clause, $role, $found, $utility);
    }

    /**
     * Numbers without a unit as amounts: one in each stretch between commas that has no amount.
     *
     * @param  list<Item>  $items
     * @return list<Item>
     */
    private static function withBare(Clause $clause, array $items): array
    {
        $all = $items;
        $from = $clause->start();
        $depth = 0;
        foreach ([...$clause->tokens, null] as $at => $token) {
            $depth += $token === null ? 0 : ($token->is('(') ? 1 : ($token->is(')') ? -1 : 0));
            if ($token !== null && ($depth > 0 || ! $token->is(',', ';') || ! isset($clause->tokens[$at + 1]))) {
                continue;
            }
            $inside = array_values(array_filter($items, static fn (Item $item): bool => $item->at >= $from && $item->at < $at));
            $isNamedOnly = array_filter($inside, static fn (Item $item): bool => ! $item->isNamed()) === [];
            $bare = $isNamedOnly && $at > $from ? Items::bare($clause->tokens, $inside, $from, $at) : null;
            if ($bare !== null) {
                $all[] = $bare;
            }
            $from = $at + 1;
        }
        usort($all, static fn (Item $a, Item $b): int => $a->at <=> $b->at);

        return $all;
    }

    /**
     * Lines into the part that is open, up to the first that takes of it.
     *
     * @param  list<ReadLine>  $found
     * @return list<ReadLine>
     */
    private function placed(array $found): array
    {
        $placed = [];
        foreach ($found as $line) {
            if ($line->takes !== null && $this->isTaken($line)) {
                continue; // "use 80 g of the juice. Stir 80 g juice with …"
            }
            if ($line->takes !== null && $line->takes === $this->open) {
                $this->open = null;
            }
            if ($this->open !== null) {
                $line = $line->inside($this->open);
                $this->open->of = [...$this->open->of, ...$this->wordsOf($line)];
            }
            $placed[] = $line;
            $this->lines[] = $line;
        }

        return $placed;
    }

    private function isTaken(ReadLine $line): bool
    {
        return array_filter($this->lines, static fn (ReadLine $one): bool => $one->takes === $line->takes
            && $one->amount?->entered === $line->amount?->entered) !== [];
    }

    /** @return list<string> */
    private function wordsOf(ReadLine $line): array
    {
        return array_values(array_column(Lexer::tokens($line->name, 0), 'folded'));
    }

    /** "Use 80 g of the juice": what stood before it made the juice. */
    private function lookBack(Clause $clause): void
    {
        if (preg_match(self::TAKEN, $clause->words, $found) !== 1) {
            return;
        }
        $word = $found[1];
        foreach ($this->sections as $section) {
            if ($section->isMeant($word)) {
                return;
            }
        }
        $since = array_slice($this->lines, $this->since);
        $isPlant = fn (ReadLine $line): bool => $line->in === null && ($line->ingredient === null || in_array($this->catalogue->get($line->ingredient)->kind, self::PLANTS, true));
        if (array_filter($since, $isPlant) === []) {
            return;
        }
        $section = new Section(count($this->sections) + 1, $word, [$word], null);
        $this->sections[] = $section;
        foreach ($since as $i => $line) {
            $inside = $line->inside($section);
            $section->of = [...$section->of, ...$this->wordsOf($line)];
            $this->replace($line, $inside);
            $this->lines[$this->since + $i] = $inside;
        }
        $this->open = $section;
    }

    private function replace(ReadLine $line, ReadLine $by): void
    {
        foreach ($this->spans as $i => $span) {
            if ($span->line === $line) {
                $this->spans[$i] = new ReadSpan($span->span, $span->role, $by, $by->in);
            }
        }
    }

    private function heated(Clause $clause, float $celsius): void
    {
        if ($celsius <= self::GATE_AT_MOST && $celsius >= 25 && $clause->has(...LineWords::COOLING)) {
            $this->gate ??= $celsius;
        } elseif ($celsius > self::GATE_AT_MOST && $celsius <= 100 && $clause->has(...LineWords::HEATING)) {
            $this->heat = max($this->heat ?? 0.0, $celsius);
        }
    }

    /**
     * Every byte of the clause gets its role: a line that lists is all ingredient, in a sentence only what is named.
     *
     * @param  list<ReadLine>  $found
     * @param  array{int, int}|null  $utility
     */
    private function cover(Clause $clause, Role $role, array $found, ?array $utility): void
    {
        $tokens = $clause->tokens;
        $whole = $clause->span();
        $cuts = [];
        foreach ($found as $line) {
            $cuts[] = [$line->span, Role::Ingredient, $line];
        }
        if ($utility !== null) {
            $span = new Span($tokens[$utility[0]]->start, $tokens[$utility[1] - 1]->end);
            $overlaps = array_filter($found, static fn (ReadLine $line): bool => $line->span->start < $span->end && $line->span->end > $span->start);
            if ($overlaps === []) {
                $cuts[] = [$span, Role::Utility, null];
            }
        }
        usort($cuts, static fn (array $a, array $b): int => $a[0]->start <=> $b[0]->start);
        if ($cuts === []) {
            $this->mark($whole, $role === Role::Ingredient ? Role::Unread : $role);

            return;
        }
        $isListed = $role === Role::Ingredient;
        $at = $whole->start;
        foreach ($cuts as $n => [$span, $what, $line]) {
            $start = max($at, $span->start);
            $end = isset($cuts[$n + 1]) ? min($span->end, $cuts[$n + 1][0]->start) : $span->end;
            if ($isListed) {
                [$start, $end] = [$n === 0 ? $at : $start, isset($cuts[$n + 1]) ? max($start, $cuts[$n + 1][0]->start) : $whole->end];
            }
            if ($start > $at) {
                $this->gap($at, $start, $tokens);
            }
            if ($end > $start) {
                $this->spans[] = new ReadSpan($this->trimmed($start, $end), $what, $line, $line?->in);
            }
            $at = max($at, $end);
        }
        if ($at < $whole->end) {
            $this->gap($at, $whole->end, $tokens);
        }
    }

    /** @param  list<Token>  $tokens */
    private function gap(int $start, int $end, array $tokens): void
    {
        $span = $this->trimmed($start, $end);
        if ($span->end > $span->start) {
            $this->mark($span, Role::Step);
        }
    }

    /** Without the white space around it. */
    private function trimmed(int $start, int $end): Span
    {
        $text = substr($this->text, $start, $end - $start);

        return new Span($start + strlen($text) - strlen(ltrim($text)), $start + strlen(rtrim($text)));
    }

    /** @param  array<string, Role>  $roles  what the maker says a stretch is, by its key */
    public function recipe(string $title, array $roles): Recipe
    {
        $this->unlettered();
        $this->addNamed();
        $title = $this->corrected($roles, $title);
        $lines = BareNumbers::told($this->lines, $this->text, $this->yield, $this->isCounted(...));
        foreach ($lines as $i => $line) {
            if ($line !== $this->lines[$i]) {
                $this->replace($this->lines[$i], $line);
            }
        }
        $used = array_values(array_filter($this->sections, static fn (Section $section): bool => $section->isUsed));
        $doubted = LineDoubts::of($lines, $this->catalogue);
        foreach ($doubted as $i => $line) {
            $kept = $line->in !== null && ! in_array($line->in, $used, true) ? $line->outside() : $line;
            $this->replace($lines[$i], $kept);
            $doubted[$i] = $kept;
        }
        usort($this->spans, static fn (ReadSpan $a, ReadSpan $b): int => $a->span->start <=> $b->span->start);
        $others = array_values(array_map(
            static fn (ReadSpan $span): Span => $span->span,
            array_filter($this->spans, static fn (ReadSpan $span): bool => $span->line === null
                && ! in_array($span->role, [Role::Title, Role::Heading, Role::Ingredient, Role::Part], true)),
        ));

        return new Recipe(
            $this->text,
            mb_substr($title, 0, 120),
            FamilyGuess::of($doubted, $this->catalogue),
            $this->yield,
            $this->heat,
            $this->gate,
            $doubted,
            $this->hints,
            $others,
            $this->spans,
            $used,
        );
    }

    /**
     * What the maker says goes before what was read.
     *
     * @param  array<string, Role>  $roles
     */
    private function corrected(array $roles, string $title): string
    {
        $times = [];
        usort($this->spans, static fn (ReadSpan $a, ReadSpan $b): int => $a->span->start <=> $b->span->start);
        foreach ($roles === [] ? [] : $this->spans as $i => $span) {
            $words = trim($span->span->of($this->text));
            $times[$words] = ($times[$words] ?? 0) + 1;
            $role = $roles[$span->key($this->text, $times[$words])] ?? $span->role;
            if ($role === $span->role) {
                continue;
            }
            $this->lines = array_values(array_filter(
                $this->lines,
                static fn (ReadLine $line): bool => $line !== $span->line,
            ));
            $line = $role === Role::Ingredient ? $this->oneLine($span->span) : null;
            if ($line !== null) {
                $this->lines[] = $line;
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
            $this->spans[$i] = new ReadSpan($span->span, $role, $line, $role === Role::Part ? $span->part : null);
        }
        usort($this->lines, static fn (ReadLine $a, ReadLine $b): int => $a->span->start <=> $b->span->start);

        return $title;
    }

    /** The line a stretch makes when it is said to be an ingredient. */
    private function oneLine(Span $span): ReadLine
    {
        $clause = new Clause(Lexer::tokens($span->of($this->text), $span->start));
        [$items] = $this->finder->in($clause->tokens, $this->sections);
        [$lines] = $this->reader->lines($clause, self::withBare($clause, $items), true, null, $this->text);

        return $lines[0] ?? new ReadLine(null, trim($span->of($this->text)), Amount::open('some'), null, 0.0, [], $span);
    }

    private function isCounted(ReadLine $line): bool
    {
        return $line->ingredient !== null
            && in_array($this->catalogue->get($line->ingredient)->kind, self::PLANTS, true);
    }

    /** What sentences put in without an amount, and no line has yet. */
    private function addNamed(): void
    {
        $seen = [];
        foreach ($this->lines as $line) {
            $seen[explode('-', $line->ingredient ?? '')[0]] = true;
        }
        $measured = count(array_filter($this->lines, static fn (ReadLine $line): bool => $line->amount?->number !== null));
        foreach ($this->left as [$item, $clause, $phase]) {
            $key = $item->key ?? '';
            $isGeneric = $item->next - $item->at === 1 && $clause->tokens[$item->at]->is(...RoleWords::HEADS);
            if (
                $item->part !== null
                || isset($seen[explode('-', $key)[0]])
                || ! $clause->has(...RoleWords::ADDING)
                || array_filter(
                    array_slice($clause->tokens, max(0, $item->at - 4), min(4, $item->at)),
                    static fn (Token $token): bool => $token->is(...self::LIKE),
                ) !== []
                || ($isGeneric && $measured > 1)
                || ($isGeneric && $item->at > 0 && $clause->tokens[$item->at - 1]->is('the', 'le', 'la', 'l', 'les', "'", '’'))
            ) {
                continue;
            }
            $line = $this->reader->unmeasured($item, $clause->tokens, $phase, $this->text);
            $seen[explode('-', $key)[0]] = true;
            $this->lines[] = $line;
            $this->split($line);
        }
        usort($this->lines, static fn (ReadLine $a, ReadLine $b): int => $a->span->start <=> $b->span->start);
    }

    /** Cuts a line out of the sentence it stands in. */
    private function split(ReadLine $line): void
    {
        foreach ($this->spans as $i => $span) {
            if ($span->line !== null || $span->span->start > $line->span->start || $span->span->end < $line->span->end) {
                continue;
            }
            $before = $this->trimmed($span->span->start, $line->span->start);
            $after = $this->trimmed($line->span->end, $span->span->end);
            $pieces = [new ReadSpan($line->span, Role::Ingredient, $line)];
            if ($before->end > $before->start) {
                array_unshift($pieces, new ReadSpan($before, $span->role));
            }
            if ($after->end > $after->start) {
                $pieces[] = new ReadSpan($after, $span->role);
            }
            array_splice($this->spans, $i, 1, $pieces);

            return;
        }
    }
}
