<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;

/**
 * An amount found in a text, with where it stands and a second measure of the same thing if one is given beside it;
 * whether each of what follows has it, the number where no unit was written, and whether the unit is that of the one
 * before.
 */
final readonly class Quantity
{
    public function __construct(
        public Amount $amount,
        public Span $span,
        public int $next,
        public ?Amount $other = null,
        public bool $isEach = false,
        public ?float $bare = null,
        public bool $isBorrowed = false,
    ) {
    }

    /** The same in a stretch that begins so many tokens later. */
    public function from(int $tokens): self
    {
        return new self(
            $this->amount,
            $this->span,
            $this->next - $tokens,
            $this->other,
            $this->isEach,
            $this->bare,
            $this->isBorrowed,
        );
    }
}
