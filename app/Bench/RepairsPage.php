<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Formula;

/**
 * Whole versions of a formula that nothing stands against, each beside it.
 *
 * @phpstan-type Version array{kind: string, label: string, means: string, sides: SideBySide, keeps: string}
 */
final readonly class RepairsPage
{
    /**
     * @param  list<Version>  $versions
     * @param  string  $state  sound: nothing to repair; unknown: something has to be told first; none: no version came
     *   out; why: there they are
     */
    public function __construct(
        public Formula $formula,
        public string $verdict,
        public array $versions,
        public string $state,
    ) {
    }
}
