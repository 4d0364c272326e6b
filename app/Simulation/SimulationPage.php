<?php

declare(strict_types=1);

namespace App\Simulation;

use App\Drawing\Section;
use App\Drawing\Timeline;
use App\Models\Formula;
use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Safety\Severity;

/**
 * A making gone through before anything is melted: its picture over time, what would go wrong, the plan to change.
 */
final readonly class SimulationPage
{
    /**
     * @param  list<array{number: int, minute: float, at: string, words: string}>  $events
     * @param  list<array{what: string, minutes: string, notes: list<array{severity: string, message: string,
     *   because: string}>}>  $steps
     * @param  array<string, array{vessel: Section, name: string}>  $pots  water, oil, mix
     * @param  list<string>  $schools  other ways, by key, that differ from the one planned
     * @param  list<string>  $compared
     * @param  array<string, string>  $vessels  name by key
     * @param  array{minutes: string, hands: string, gate: string, firm: string, water: string}  $totals
     */
    public function __construct(
        public Formula $formula,
        public ProcessForm $form,
        public Timeline $timeline,
        public array $events,
        public array $steps,
        public array $pots,
        public string $samples,
        public array $totals,
        public string $beside,
        public array $schools,
        public array $compared,
        public array $vessels,
        public bool $isEmpty,
    ) {
    }
}
