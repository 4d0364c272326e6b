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
     * @param  list<array{message: string, press: string, label: string}>  $against  what stands against making it, and
     *   the first way out of each; "" where there is only a question
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
        public array $against,
    ) {
    }
}
