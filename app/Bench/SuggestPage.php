<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Formula;
use Ilvane\Core\Reformulation\Proposal;

/**
 * Wishes, what is offered unasked, and the one proposal looked at, beside the formula as it is.
 *
 * @phpstan-import-type Wish from Wishes
 */
final readonly class SuggestPage
{
    /**
     * @param  Wish  $wish
     * @param  list<array{name: string, label: string, preview: string, isShown: bool}>  $offers
     */
    public function __construct(
        public Formula $formula,
        public array $wish,
        public array $offers,
        public string $said,
        public bool $isFound,
        public ?SideBySide $sides,
        public bool $isSolid,
        public bool $hasPrices,
    ) {
    }
}
