<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;

/** What a jar of a batch costs, and what it would have to sell for. */
final readonly class PricePage
{
    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $problems
     * @param  list<array{part: string, figure: string, share: float}>  $parts  of what a jar costs
     */
    public function __construct(
        public Batch $batch,
        public string $name,
        public array $typed,
        public array $problems,
        public string $sell,
        public string $cost,
        public array $parts,
        public string $missing,
    ) {
    }
}
