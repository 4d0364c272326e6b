<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Measure\Band;

/** What somebody says of a product: kept in its words, set against what is computed, never used as a fact. */
final readonly class Claim
{
    /**
     * @param  Band  $value  days, grams, millilitres, a count, percent or pH; nought and more
     * @param  string  $of  key of the line or kind it speaks of; empty for the product itself
     * @param  string  $text  as written
     */
    public function __construct(
        public ClaimKind $what,
        public Band $value,
        public string $of = '',
        public string $text = '',
    ) {
    }
}
