<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\WithChanges;

/** An amount, an ingredient's name or what a part gives, found in a line, and the tokens it takes up. */
final readonly class Item
{
    use WithChanges;

    public function __construct(
        public int $at,
        public int $next,
        public ?string $key = null,
        public ?Quantity $quantity = null,
        public ?Section $part = null,
    ) {
    }

    public function isNamed(): bool
    {
        return $this->quantity === null;
    }

    /** The same counted from so many tokens further on; negative: further back. */
    public function moved(int $tokens): self
    {
        return $this->with(
            at: $this->at + $tokens,
            next: $this->next + $tokens,
            quantity: $this->quantity?->moved($tokens),
        );
    }
}
