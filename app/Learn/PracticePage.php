<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Section;
use Ilvane\Core\Practice\ExerciseKind;

/**
 * The practice room: its three benches, and what has been met so far.
 *
 * @phpstan-type Met array{name: string, row: int, state: string}
 */
final readonly class PracticePage
{
    /** So often in a row right is shown as known well. */
    public const MARKS = 4;

    /**
     * @param  list<array{sort: ExerciseKind, all: int, resting: int, again: int, stands: list<Section>}>  $benches
     * @param  list<Met>  $met  what wants practice first
     */
    public function __construct(public array $benches, public array $met)
    {
    }
}
