<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\WithChanges;

/**
 * An amount found in a text, with where it stands and a second measure of the same thing if one is given beside it;
 * whether each of what follows has it, the number where no unit was written, and whether the unit is that of the one
 * before.
 */
final readonly class Quantity
{
    use WithChanges;

    public function __construct(
        public Amount $amount,
        public Span $span,
        public int $next,
        public ?Amount $other = null,
        public bool $isEach = false,
        public ?float $bare = null,
        public bool $isUnsure = false,
    ) {
    }

    /** Counted in drops, or "a few drops". */
    public function isDrops(): bool
    {
        return $this->amount->unit === Unit::Drop
            || preg_match('/\b(?:drops|gouttes)$/', $this->amount->entered) === 1;
    }

    /** The same counted from so many tokens further on; negative: further back. */
    public function moved(int $tokens): self
    {
        return $this->with(next: $this->next + $tokens);
    }
}
