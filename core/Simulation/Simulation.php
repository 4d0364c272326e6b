<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Making\Course;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Heat\Evaporation;
use Ilvane\Core\Safety\Finding;

/**
 * What would happen. An estimate: potfuls are taken as hot all through, fats set where they melt, the vessels' figures
 * are fitted to common practice.
 *
 * @phpstan-type Sample array{minute: float, step: int, water_c: float|null, oil_c: float|null, mix_c: float|null,
 *   solid: float, dried: float}
 * @phpstan-type Event array{minute: float, step: int, what: string, ingredient: string|null, celsius: float|null}
 * @phpstan-type Stretch array{step: int, from: float, to: float}
 */
final readonly class Simulation
{
    /**
     * @param  list<Sample>  $samples
     * @param  list<Event>  $events
     * @param  list<Stretch>  $stretches  minutes from and to of each step
     * @param  list<array{step: int, finding: Finding}>  $findings  steps count from 1
     * @param  float|null  $gateMinute  when the cool-down may go in; null where there is no gate
     * @param  float|null  $firmMinute  when a butter is ready to be whipped
     * @param  float  $unaccountedJoules  heat of vessels and contents at the end, less what came in, plus what steamed
     *   off, less at the start: nothing, but for rounding
     */
    public function __construct(
        public Course $course,
        public Kitchen $kitchen,
        public array $samples,
        public array $events,
        public array $stretches,
        public array $findings,
        public float $minutes,
        public float $handsOn,
        public float $waterLost,
        public ?float $gateMinute,
        public ?float $firmMinute,
        public float $unaccountedJoules,
        public float $gramsLeft,
    ) {
    }

    /** Grams of water that steam off, with how far the model may be off. */
    public function steam(): Band
    {
        return Band::of($this->waterLost / Evaporation::OFF, $this->waterLost, $this->waterLost * Evaporation::OFF);
    }
}
