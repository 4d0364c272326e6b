<?php

declare(strict_types=1);

namespace App\Make;

use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Kitchen;
use Ilvane\Core\Simulation\Simulation;

/** What a batch teaches of how much water steams off its pot: weighed before the phases met, against the simulation. */
final class SteamedOff
{
    /** Less than this is lost in the scale and the drops on the rim, grams. */
    private const LEAST_G = 1.0;

    /** Further off than this something else happened: a lid, a boil, a spill. */
    private const FARTHEST = 6.0;

    /** @return array{in: string, ratio: float}|null null where nobody weighed it, or it tells nothing */
    public static function of(MakeState $state, Simulation $simulation): ?array
    {
        $told = $state->steamedOff();
        $rehearsed = self::rehearsed($simulation) * $state->factor;
        if ($told === null || $rehearsed < self::LEAST_G || $told < self::LEAST_G) {
            return null;
        }
        $ratio = $told / $rehearsed;

        return max($ratio, 1 / $ratio) > self::FARTHEST
            ? null
            : ['in' => Kitchen::steamKey($simulation->kitchen->water), 'ratio' => $ratio];
    }

    /** Grams that steamed off in the simulation before the phases met. */
    private static function rehearsed(Simulation $simulation): float
    {
        $at = array_search(StepKind::Combine, array_column($simulation->course->steps, 'kind'), true);
        $until = $at === false ? 0.0 : $simulation->stretches[$at]['from'];
        $dried = 0.0;
        foreach ($simulation->samples as $sample) {
            $dried = $sample['minute'] <= $until ? $sample['dried'] : $dried;
        }

        return $dried;
    }
}
