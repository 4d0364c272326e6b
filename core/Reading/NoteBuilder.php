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
        .'(?: (?:strained|cooled|filtered|finished|infused|filtre|filtree|cool|cold|resulting|thick'
        .'|clear))* (juice|jus|tea|tisane|infusion'
        .'|decoction|gel|milk|lait|puree|macerat|oil|huile|slime|mucilage|brew|soak|pulp|pulpe)\b/';

    /** "Enough water to fill a 250 ml bottle". */
    private const FILLS = '/\b(?:to fill|pour remplir|fills|remplit)\b/';

    /** "Enough tea to make a yoghurt": what follows is only compared. */
    private const COMPARED =
        '/\b(?:to make (?:it )?an?|pour faire une?|pour obtenir une?|(?:looks|feels|smells) like|thick as'
        .'|comme du|comme de la)\b/';

    /** "Boil till it looks like egg white": only compared. */
    private const LIKE = [
        'till', 'until', 'like', 'as', 'comme', 'looks', 'jusqu', 'than', 'no', 'not', 'without', 'sans', 'if', 'si',
        'before', 'avant',
    ];

    /** As many parts as a formula holds. */
    private const MAX_SECTIONS = 20;

    /** "150 g de gel": the same without an article, for what is never bought under so bare a name. */
    private const TAKEN_BARE =
        '/\b(?:g|ml|cl|tbsp|cups?|s|c) (?:of|de|d) (juice|jus|tisane|infusion|decoction|gel|puree|macerat|slime'
        .'|mucilage|pulp|pulpe)(?= ?[,(:]| ?$| (?:and|et|with|avec|plus|in|into|dans))/';

    private const ASKED = 0.7;

    private const GATE_AT_MOST = 50.0;

    /** @var list<ReadLine> */
    private array $lines = [];

    public readonly Spans $spans;

    /** @var list<Hint> */
    private array $hints = [];

    /** @var list<Section> */
    private array $sections = [];

    /** @var list<array{Item, Clause, Phase|null}> names in sentences that have no amount */
    private array $left = [];

    /** @var array<string, true> how much of which part a line takes */
    private array $taken = [];

    private ?Section $open = null;

    private ?Phase $phase = null;

    private bool $isLettered = false;

    private ?float $heat = null;

    private ?float $gate = null;

    /** Lines from here on may yet turn out to have been a part. */
    private int $since = 0;

    /** Lines from here on stand under the last heading. */
    private int $under = 0;

    private readonly Items $finder;

    private readonly LineReader $reader;

    public ?StatedYield $yield = null;

    public function __construct(private readonly Catalogue $catalogue, NameIndex $names, private readonly string $text)
    {
        $this->spans = new Spans($text);
        $this->finder = new Items($catalogue, $names);
        $this->reader = new LineReader($catalogue, $names);
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
        $span = Span::over($tokens, 0, count($tokens));
        $this->unlettered();
        $this->since = $this->under = count($this->lines);
        $this->phase = $heading->phase;
        $this->isLettered = $heading->isLettered;
        $this->open = null;
        [, $hints] = $this->finder->in($tokens, []);
        array_push($this->hints, ...$hints);
        foreach ($hints as $hint) {
            if ($hint->kind === 'temperature') {
                $this->heated(new Clause($tokens), (float) $hint->value, isHeading: true);
            }
        }
        if ($heading->makes === null || count($this->sections) >= self::MAX_SECTIONS) {
            $this->spans->mark($span, Role::Heading);

            return;
        }
        $this->open = new Section(count($this->sections) + 1, $heading->makes, $heading->label, $span);
        $this->sections[] = $this->open;
        $this->spans->add(new ReadSpan($span, Role::Part, part: $this->open));
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
        $this->lookBack($clause);
        [$items, $hints] = $this->finder->in($clause->tokens, $this->sections);
        $role = ClauseRole::of($clause, $items, $hints);
        array_push($this->hints, ...$hints);
        $utility = in_array($role, [Role::Ingredient, Role::Step], true) ? $clause->where(RoleWords::UTILITY) : null;
        $isAside = $clause->says('/\b(?:water|eau) (?:in|dans) (?:the|le|la|l) (?:\w+ )?(?:pan|pot|sink|bath'
            .'|saucepan|casserole|evier|bain)\b/');
        if ($utility !== null) {
            $items = array_values(array_filter(
                $items,
                static fn (Item $item): bool => $item->at >= $utility[1] || $item->next <= $utility[0]
                    || self::isMeasuredThere($items, $item, $isAside),
            ));
        }
        $like = $clause->where(self::COMPARED);
        if ($like !== null) {
            $items = array_values(array_filter($items, static fn (Item $item): bool => $item->at < $like[0]));
        }
        $found = [];
        if ($role === Role::Ingredient || $role === Role::Step) {
            if ($role === Role::Ingredient) {
                $items = self::withBare($clause, $items, $hints);
            }
            [$found, $left] = $this->reader->lines($clause, $items, $role === Role::Ingredient, $this->phase,
                $this->text);
            foreach ($role === Role::Step ? $left : [] as $item) {
                $this->left[] = [$item, $clause, $this->phase];
            }
            // who writes "8 g candelilla??" isn't sure either
            $found = $this->placed($clause->has('?')
                ? array_map(static fn (ReadLine $line): ReadLine => $line->doubted(self::ASKED), $found)
                : $found);
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
     * "250 ml simmering water" goes in, however hot it is: it has an amount right before it.
     *
     * @param  list<Item>  $items
     */
    private static function isMeasuredThere(array $items, Item $item, bool $isAside): bool
    {
        if ($item->quantity !== null) {
            return ! $isAside;
        }
        if ($isAside) {
            return false;
        }
        foreach ($items as $one) {
            if ($one->quantity?->amount->number !== null && $one->next <= $item->at && $item->at - $one->next <= 3) {
                return true;
            }
        }

        return false;
    }

    /**
     * Numbers without a unit as amounts: one in each stretch between commas that has no amount.
     *
     * @param  list<Item>  $items
     * @param  list<Hint>  $hints  times and temperatures are no amounts
     * @return list<Item>
     */
    private static function withBare(Clause $clause, array $items, array $hints): array
    {
        $all = $items;
        $from = $clause->start();
        $depth = 0;
        foreach ([...$clause->tokens, null] as $at => $token) {
            $depth += $token === null ? 0 : ($token->is('(') ? 1 : ($token->is(')') ? -1 : 0));
            if ($token !== null && ($depth > 0 || ! $token->is(',', ';') || ! isset($clause->tokens[$at + 1]))) {
                continue;
            }
            $inside = array_values(array_filter($items, static fn (Item $item): bool => $item->at >= $from
                && $item->at < $at));
            $isNamedOnly = array_filter($inside, static fn (Item $item): bool => ! $item->isNamed()) === [];
            $bare = $isNamedOnly && $at > $from ? Items::bare($clause->tokens, $inside, $from, $at) : null;
            $isHint = $bare !== null && array_filter(
                $hints,
                static fn (Hint $hint): bool => $hint->span->start <= $clause->tokens[$bare->at]->start
                    && $hint->span->end > $clause->tokens[$bare->at]->start,
            ) !== [];
            if ($bare !== null && ! $isHint) {
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
        $what = ($line->takes->number ?? 0).'/'.($line->amount->entered ?? '');
        $isTaken = isset($this->taken[$what]);
        $this->taken[$what] = true;

        return $isTaken;
    }

    /** @return list<string> */
    private function wordsOf(ReadLine $line): array
    {
        return array_column(Lexer::tokens($line->name, 0), 'folded');
    }

    /** "Use 80 g of the juice": what stood before it made the juice. */
    private function lookBack(Clause $clause): void
    {
        if (preg_match(self::TAKEN, $clause->words, $found) !== 1
            && preg_match(self::TAKEN_BARE, $clause->words, $found) !== 1) {
            return;
        }
        $word = $found[1];
        foreach ($this->sections as $section) {
            if ($section->isMeant($word)) {
                return;
            }
        }
        $since = array_slice($this->lines, $this->since);
        $isPlant = fn (ReadLine $line): bool => $line->in === null
            && ($line->ingredient === null
            || in_array($this->catalogue->get($line->ingredient)->kind, self::PLANTS, true));
        if (array_filter($since, $isPlant) === [] || count($this->sections) >= self::MAX_SECTIONS) {
            return;
        }
        $section = new Section(count($this->sections) + 1, $word, [$word], null);
        $this->sections[] = $section;
        $inside = array_map(static fn (ReadLine $line): ReadLine => $line->inside($section), $since);
        foreach ($inside as $line) {
            $section->of = [...$section->of, ...$this->wordsOf($line)];
        }
        $this->spans->replace($since, $inside);
        array_splice($this->lines, $this->since, count($since), $inside);
        $this->open = $section;
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
        $title = $this->corrected($roles, $title);
        $lines = BareNumbers::told($this->lines, $this->text, $this->yield, $this->isCounted(...));
        $lines = LineDoubts::of($lines, $this->catalogue);
        $used = array_values(array_filter($this->sections, static fn (Section $section): bool => $section->isUsed));
        $lines = array_map(
            static fn (ReadLine $line): ReadLine => $line->in !== null
                && ! $line->in->isUsed ? $line->outside() : $line,
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

            return new ReadSpan($span->span, $role, $line, $role === Role::Part ? $span->part : null);
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
        $clause = new Clause(Lexer::tokens($span->of($this->text), $span->start));
        [$items] = $this->finder->in($clause->tokens, $this->sections);
        [$lines] = $this->reader->lines($clause, self::withBare($clause, $items, []), true, null, $this->text);

        return $lines[0]
            ?? new ReadLine(null, trim($span->of($this->text)), Amount::open('some'), null, 0.0, [], $span);
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
        $measured = count(array_filter($this->lines,
            static fn (ReadLine $line): bool => $line->amount?->number !== null || $line->bare !== null));
        foreach ($this->left as [$item, $clause, $phase]) {
            $key = $item->key ?? '';
            $isGeneric = $item->next - $item->at === 1 && $clause->tokens[$item->at]->is(...RoleWords::HEADS);
            if (
                $item->part !== null
                || isset($seen[explode('-', $key)[0]])
                || ! $clause->has(...RoleWords::ADDING)
                || $clause->says('/\bph\b|\bif needed|\bsi besoin|\bif you like|\bau besoin/')
                || array_filter(
                    array_slice($clause->tokens, max(0, $item->at - 4), min(4, $item->at)),
                    static fn (Token $token): bool => $token->is(...self::LIKE),
                ) !== []
                || ($isGeneric && $measured > 1)
                || ($isGeneric && $item->at > 0
                && $clause->tokens[$item->at - 1]->is('the', 'le', 'la', 'l', 'les', "'", '’'))
            ) {
                continue;
            }
            $line = $this->reader->unmeasured($item, $clause->tokens, $phase, $this->text);
            $seen[explode('-', $key)[0]] = true;
            $this->lines[] = $line;
            $this->spans->cut($line);
        }
        $this->lines = self::inOrder($this->lines);
    }
}
