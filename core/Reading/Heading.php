<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Phase;

/** What a line announces: a phase, something made first, or only that something new begins. */
final readonly class Heading
{
    /**
     * @param  string|null  $makes  the noun of what is made first, folded: juice, tisane
     * @param  list<string>  $label  all folded words of it
     * @param  int  $next  the place after it; there may be more in the line
     * @param  bool  $isLettered  it is only "B" or "phase 2"
     */
    public function __construct(
        public ?Phase $phase,
        public ?string $makes,
        public array $label,
        public int $next,
        public bool $isLettered = false,
    ) {
    }
}
