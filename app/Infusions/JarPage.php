<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Drawing\Section;
use App\Models\Jar;
use App\Models\Lot;

/**
 * A jar that stands, or stood: where it is on its way, what it wants, what was done to it.
 *
 * @phpstan-type LogRow array{id: int, when: string, what: string, value: string, note: string, undone: bool,
 *   undoable: bool}
 */
final readonly class JarPage
{
    /**
     * @param  list<array{label: string, figure: string, of: string}>  $figures
     * @param  list<LogRow>  $log  the latest first
     * @param  list<Lot>  $lots
     * @param  list<string>  $contents
     * @param  array{number: string, means: string, said: string, isDone: bool}|null  $cooking  of water cooked out by
     *   weight
     */
    public function __construct(
        public Jar $jar,
        public JarStory $story,
        public string $clientKey,
        public string $strength,
        public string $strengthMeans,
        public string $state,
        public bool $shakeIsDue,
        public string $shakeWord,
        public string $strainWord,
        public bool $strainIsDue,
        public array $figures,
        public string $advice,
        public array $log,
        public array $lots,
        public array $contents,
        public string $strainMeans,
        public Section $vessel,
        public StrengthChart $chart,
        public string $outcome,
        public ?array $cooking,
        public string $labelCaution,
    ) {
    }
}
