<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\BatchEntry;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Heat\CoolingRate;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Kitchen;
use Ilvane\Core\Simulation\Simulation;

/** What a batch teaches of how fast its vessel cools. */
final class CooledFaster
{
    /**
     * How much faster this batch cooled than simulated, from the readings at its gate; null where they don't tell.
     *
     * @return array{in: string, ratio: float}|null
     */
    public static function of(MakeState $state, Simulation $simulation): ?array
    {
        $at = array_search(StepKind::Gate, array_column($simulation->course->steps, 'kind'), true);
        if ($at === false) {
            return null;
        }
        $kitchen = $simulation->kitchen;
        $around = $kitchen->coolsIn($kitchen->cool);
        $read = array_map(
            static fn (BatchEntry $entry): array => [
                (float) $entry->recorded_at->getTimestamp(),
                (float) $entry->value,
            ],
            $state->readings('temperature', 'gate'),
        );
        ['from' => $from, 'to' => $to] = $simulation->stretches[$at];
        $simulated = [];
        foreach ($simulation->samples as $sample) {
            $celsius = $sample['mix_c'] ?? $sample['oil_c'] ?? $sample['water_c'];
            if ($celsius !== null && $sample['minute'] >= $from && $sample['minute'] <= $to) {
                $simulated[] = [60 * $sample['minute'], $celsius];
            }
        }
        [$own, $usual] = [CoolingRate::fit($read, $around), CoolingRate::fit($simulated, $around)];
        $vessel = $kitchen->pour === PourOrder::OilIntoWater && $state->composition->inPhase(Phase::Water) !== []
            ? $kitchen->water
            : $kitchen->oil;

        return $own === null || $usual === null
            ? null
            : ['in' => Kitchen::key($vessel, $kitchen->cool), 'ratio' => $own / $usual];
    }
}
