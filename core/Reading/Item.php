<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** An amount, an ingredient's name or what a part gives, found in a line, and the tokens it takes up. */
final readonly class Item
{
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
}
