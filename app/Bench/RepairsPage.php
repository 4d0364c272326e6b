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
    /** @param  list<Version>  $versions */
    public function __construct(public Formula $formula, public string $verdict, public array $versions)
    {
    }
}
