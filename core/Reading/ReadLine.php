<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\WithChanges;

/** One line as it was read: what, how much, how sure, and where in the text it stands. */
final readonly class ReadLine
{
    use WithChanges;

    /** From here on a reading is taken as it is; below it is shown to be looked at. */
    public const SURE = Sureness::SURE;

    /**
     * @param  string|null  $ingredient  catalogue key; null when only a name could be kept
     * @param  string  $name  as written
     * @param  Amount|null  $amount  null when none was given
     * @param  float  $confidence  0 to 1
     * @param  list<string>  $candidates  catalogue keys it may mean instead, likeliest first
     * @param  Amount|null  $other  a second measure given beside the first
     * @param  Section|null  $takes  the part of the note it takes of, instead of an ingredient
     * @param  float|null  $bare  the number where no unit was written
     * @param  Section|null  $in  the part of the note it goes into; null for the product itself
     */
    public function __construct(
        public ?string $ingredient,
        public string $name,
        public ?Amount $amount,
        public ?Phase $phase,
        public float $confidence,
        public array $candidates,
        public Span $span,
        public ?Amount $other = null,
        public ?Section $takes = null,
        public ?float $bare = null,
        public ?Section $in = null,
    ) {
    }

    public function isDoubtful(): bool
    {
        return ($this->ingredient === null && $this->takes === null)
            || ($this->amount === null && $this->takes === null)
            || $this->confidence < self::SURE;
    }

    /** The same inside a part of the note. */
    public function inside(Section $part): self
    {
        return $this->with(in: $part);
    }

    /** The same in the product itself. */
    public function outside(): self
    {
        return $this->with(in: null);
    }

    /** The same with nothing said of its phase. */
    public function withoutPhase(): self
    {
        return $this->with(phase: null);
    }

    /** The same with an amount the rest of the note tells. */
    public function of(Amount $amount, float $confidence): self
    {
        return $this->with(amount: $amount, bare: null, confidence: min($confidence, $this->confidence));
    }

    /** The same, no surer than this. */
    public function doubted(float $confidence): self
    {
        return $this->with(confidence: min($confidence, $this->confidence));
    }
}
