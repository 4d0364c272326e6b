<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Section;
use App\Models\Formula;

/** The bowl on the scale, what is in it, and what it comes to. */
final readonly class PourPage
{
    /**
     * @param  string  $verdict  "" while nothing is in it
     * @param  list<array{name: string, grams: string, percent: string}>  $lines
     * @param  array<string, string>  $names  of what may be poured, by key
     */
    public function __construct(
        public Formula $formula,
        public string $verdict,
        public Section $vessel,
        public string $stands,
        public array $lines,
        public array $names,
        public bool $hasScale,
        public string $nextDrop,
    ) {
    }
}
