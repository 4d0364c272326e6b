<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** What the maker means the product to be, where it will stand and for how many days it is said to keep. */
final readonly class KeepingClaim
{
    public function __construct(
        public ?Regime $intended = null,
        public ?Storage $storage = null,
        public ?float $claimedDays = null,
    ) {
    }
}
