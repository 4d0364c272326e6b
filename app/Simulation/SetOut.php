<?php

declare(strict_types=1);

namespace App\Simulation;

use Ilvane\Core\Material\Phase;

/** What to set out before anything is begun: tools, vessels, jars to sterilise, weights by phase. */
final readonly class SetOut
{
    /**
     * @param  list<string>  $tools
     * @param  list<array{phase: string, name: string, lines: list<array{name: string, grams: string}>}>  $phases
     */
    public function __construct(public array $tools, public array $phases)
    {
    }
}
