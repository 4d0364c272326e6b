<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Models\Formula;

/** Two states of a formula side by side: kept versions, the draft, and for a trial what it is a trial of. */
final readonly class ComparePage
{
    public const DRAFT = 'draft';

    /**
     * @param  array<int|string, string>  $choices  name by key
     */
    public function __construct(
        public Formula $formula,
        public array $choices,
        public string $a,
        public string $b,
        public string $noteA,
        public string $noteB,
        public SideBySide $sides,
    ) {
    }
}
