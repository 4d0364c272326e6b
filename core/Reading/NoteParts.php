<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;

/** What a note makes first, and which of its lines go into that or take of it. */
final class NoteParts
{
    /** "80 g of the juice", "de cette infusion". */
    private const TAKEN = '/\b(?:of|de|du|d)(?: (?:the|this|that|my|le|la|l|ce|cet|cette))(?: \w+)??'
        .'(?: (?:strained|cooled|filtered|finished|infused|filtre|filtree|cool|cold|resulting|thick'
        .'|clear))* (juice|jus|tea|tisane|infusion'
        .'|decoction|gel|milk|lait|puree|macerat|oil|huile|slime|mucilage|brew|soak|pulp|pulpe)\b/';

    /** As many parts as a formula holds. */
    private const MAX_SECTIONS = 20;

    /** "150 g de gel": the same without an article, for what is never bought under so bare a name. */
    private const TAKEN_BARE =
        '/\b(?:g|ml|cl|tbsp|cups?|s|c) (?:of|de|d) (juice|jus|tisane|infusion|decoction|gel|puree|macerat|slime'
        .'|mucilage|pulp|pulpe)(?= ?[,(:]| ?$| (?:and|et|with|avec|plus|in|into|dans))/';

    /** @var list<Section> */
    private array $sections = [];

    /** @var array<string, true> how much of which part a line takes */
    private array $taken = [];

    private ?Section $open = null;

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return list<Section> */
    public function sections(): array
    {
        return $this->sections;
    }

    /** @return list<Section> those that something is taken of */
    public function used(): array
    {
        return array_values(array_filter($this->sections, static fn (Section $section): bool => $section->isUsed));
    }

    /**
     * "Garlic oil: 6 cloves of garlic in 200 ml olive oil", "For the pepper oil: 10 g": what isn't in the
     * catalogue, and is made of what follows.
     *
     * @param  list<Token>  $tokens
     */
    public function announced(array $tokens): ?Heading
    {
        $words = [];
        foreach ($tokens as $at => $token) {
            if ($token->is(':') && count($words) >= 2) {
                $makes = $words[count($words) - 1];
                $name = implode(' ', $words);
                $isMade = isset(RoleWords::FORMS[$makes]) && $this->catalogue->named($name) === null
                    && $this->catalogue->kindsUnsaid($name) === []
                    && isset($tokens[$at + 1]) && Quantities::at($tokens, $at + 1) !== null;

                return $isMade ? new Heading(null, $makes, $words, $at + 1) : null;
            }
            if ($token->kind !== Token::WORD || count($words) >= 3) {
                return null;
            }
            if ($words !== [] || ! in_array($token->folded, Headings::LEADS, true)) {
                $words[] = $token->folded;
            }
        }

        return null;
    }

    /** What a heading begins; null where it makes nothing, or there are too many. What was open before is closed. */
    public function begin(Heading $heading, Span $span): ?Section
    {
        $this->open = null;
        if ($heading->makes !== null && count($this->sections) < self::MAX_SECTIONS) {
            $this->open = new Section(count($this->sections) + 1, $heading->makes, $heading->label, $span);
            $this->sections[] = $this->open;
        }

        return $this->open;
    }

    /** What is open now is drawn in oil. */
    public function isDrawing(): bool
    {
        return $this->open?->makes() === RoleWords::FORMS['oil'];
    }

    public function close(): void
    {
        $this->open = null;
    }

    /**
     * Lines into the part that is open, up to the first that takes of it.
     *
     * @param  list<ReadLine>  $found
     * @return list<ReadLine>
     */
    public function placed(array $found): array
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
                $this->open->of = [...$this->open->of, ...self::wordsOf($line)];
            }
            $placed[] = $line;
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
    private static function wordsOf(ReadLine $line): array
    {
        return array_column(Lexer::tokens($line->name, 0), 'folded');
    }

    /**
     * "Use 80 g of the juice": what stood before it made the juice.
     *
     * @param  list<ReadLine>  $since  lines that may have made it
     * @return list<ReadLine> the same, inside it where they did
     */
    public function lookBack(Clause $clause, array $since): array
    {
        $isTaking = $since !== [] && (preg_match(self::TAKEN, $clause->words, $found) === 1
            || preg_match(self::TAKEN_BARE, $clause->words, $found) === 1);
        if (! $isTaking || count($this->sections) >= self::MAX_SECTIONS) {
            return $since;
        }
        $word = $found[1];
        $isKnown = array_filter(
            $this->sections,
            static fn (Section $section): bool => $section->isMeant($word),
        ) !== [];
        if ($isKnown || array_filter($since, $this->isOfPlants(...)) === []) {
            return $since;
        }
        $section = new Section(count($this->sections) + 1, $word, [$word], null);
        foreach ($since as $line) {
            $section->of = [...$section->of, ...self::wordsOf($line)];
        }
        $this->sections[] = $this->open = $section;

        return array_map(static fn (ReadLine $line): ReadLine => $line->inside($section), $since);
    }

    /** Juice and tea are made of plants and foods, and of what nobody knows. */
    private function isOfPlants(ReadLine $line): bool
    {
        $kind = $line->ingredient === null ? null : $this->catalogue->get($line->ingredient)->kind;

        return $line->in === null && ($kind === null || $kind->isOfPlant() || $kind === Kind::PlantMilkOrFood);
    }
}
