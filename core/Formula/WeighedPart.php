<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Measure\Band;

/** A part understood: what went in, what comes out, and what that is made of. */
final readonly class WeighedPart
{
    /**
     * @param  Composition  $put  what goes in
     * @param  Band|null  $gives  grams that come out; null where nobody can tell
     * @param  list<WeighedLine>  $holds  what comes out, by what is in it: shares are fractions of it
     * @param  list<Extract>  $extracts  the plants that were strained out of it
     * @param  list<WeighedLine>  $lines  what goes in, each under its own key and path in the document
     * @param  string  $path  where the part stands in the document; "" for what stands in lines of the formula
     */
    public function __construct(
        public Part $part,
        public Composition $put,
        public ?Band $gives,
        public bool $isStrained,
        public array $holds,
        public array $extracts,
        public array $lines,
        public string $path = '',
    ) {
    }

    /** The lines of the infusion phase of an old document, taken together. */
    public function isOfOldLines(): bool
    {
        return $this->path === '';
    }

    /** g/mL; null where too much of it has no known density. */
    public function density(): ?float
    {
        return Composition::densityOf($this->holds);
    }

    public function isOily(): bool
    {
        $fat = array_filter(
            $this->holds,
            static fn (WeighedLine $line): bool => $line->ingredient?->kind->isLipid() ?? false,
        );

        return Composition::shareOfLines(array_values($fat))->likely >= 0.5;
    }
}
