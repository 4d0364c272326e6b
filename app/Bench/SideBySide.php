<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Section;
use App\Ground\Verdict;

/**
 * Two formulas side by side, worded and ready to place.
 *
 * @phpstan-type Side array{name: string, verdict: string, vessel: Section, total: string}
 * @phpstan-type ShareRow array{name: string, before: string, after: string, moved: string, from: float|null,
 *   to: float|null, isMoved: bool}
 * @phpstan-type FigureRow array{label: string, before: string, after: string, isMoved: bool}
 */
final readonly class SideBySide
{
    /**
     * @param  Side  $before
     * @param  Side  $after
     * @param  list<ShareRow>  $shares
     * @param  list<FigureRow>  $figures
     * @param  list<array{severity: string, message: string}>  $gone
     * @param  list<array{severity: string, message: string}>  $new
     */
    public function __construct(
        public array $before,
        public array $after,
        public array $shares,
        public array $figures,
        public array $gone,
        public array $new,
        public string $distance,
    ) {
    }
}
