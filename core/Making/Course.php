<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Process\Step;

/** The steps of a making in their order: as the formula says, else as its note says, else as makers usually do. */
final readonly class Course
{
    /** @param  list<Step>  $steps */
    private function __construct(public array $steps, public bool $isOwn)
    {
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $own = $formula->process->steps;

        return $own === [] ? self::usual($formula, $composition) : new self($own, true);
    }

    public static function usual(Formula $formula, Composition $composition): self
    {
        $usual = UsualSteps::of($formula, $composition);
        $noted = $formula->process->noted;

        return new self($noted === [] ? $usual : AsNoted::merged($usual, $noted), false);
    }

    /** Two schools of the same making, each a change of the process and the word for its reason. */
    public const SCHOOLS = [
        'oil_into_water' => ['pour' => 'oil_into_water'],
        'water_into_oil' => ['pour' => 'water_into_oil'],
        'counter' => ['cool' => 'counter'],
        'cold_bath' => ['cool' => 'cold_bath'],
        'ice_bath' => ['cool' => 'ice_bath'],
        'open' => ['covered' => false],
        'gentle_bath' => ['bath_c' => 75.0],
    ];
}
