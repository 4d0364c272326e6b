<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** A stretch of a note that makes something of its own, which lines further down may take of. */
final class Section
{
    private const PLAIN = [
        'water', 'eau', 'oil', 'huile', 'liquid', 'liquide', 'mix', 'melange', 'blend', 'base', 'milk', 'lait',
        'vinegar', 'vinaigre', 'paste', 'pate',
    ];

    /** Beside the noun they name no other: "the herb oil", "80 g infused oil". Folded. */
    private const ANY = [
        'herb', 'herbs', 'herbal', 'plant', 'infused', 'strained', 'filtered', 'finished', 'cooled', 'homemade',
        'infusee', 'infuse', 'filtree', 'filtre', 'maison',
    ];

    public bool $isUsed = false;

    /** @var list<string> folded words of what went into it */
    public array $of = [];

    /**
     * @param  string  $word  the noun it is spoken of by, folded: juice, jus, gel
     * @param  list<string>  $label  all folded words it was announced by
     */
    public function __construct(
        public readonly int $number,
        public readonly string $word,
        public readonly array $label,
        public readonly ?Span $heading,
    ) {
    }

    /** A key of its own among the parts of a note: hibiscus-tea-1. */
    public function key(): string
    {
        $words = array_filter(
            [...array_diff($this->label, Headings::LEADS, [$this->word]), $this->word],
            static fn (string $word): bool => preg_match('/^[a-z]{2,12}$/', $word) === 1,
        );

        return implode('-', [...array_slice($words, -2), $this->number]);
    }

    public function makes(): string
    {
        return RoleWords::FORMS[$this->word];
    }

    /** Whether somebody who writes this noun, with these words beside it, speaks of it. */
    public function isMeant(string $word, string ...$beside): bool
    {
        // water, oil and the like are spoken of all the time: only by its own word
        $isPlain = in_array($word, self::PLAIN, true);

        return ($isPlain ? $word === $this->word : (RoleWords::FORMS[$word] ?? null) === $this->makes())
            && array_diff(
                array_map(NameIndex::stem(...), $beside),
                array_map(NameIndex::stem(...), [...$this->label, ...$this->of, ...self::ANY]),
            ) === [];
    }
}
