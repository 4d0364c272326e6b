<?php

declare(strict_types=1);

namespace App\Instruments;

use Ilvane\Core\Simulation\Simulation;

/** Gives the simulated instruments a rehearsal to play. Real ones answer "error" and nothing happens. */
final class OnPractice
{
    /** @param  int  $pace  rehearsed minutes in a real one */
    public static function begin(OverLine $instruments, Simulation $rehearsal, int $pace): bool
    {
        $samples = array_map(
            static fn (array $sample): array => array_map(
                static fn (?float $value): ?float => $value === null ? null : round($value, 2),
                [$sample['minute'], $sample['water_c'], $sample['oil_c'], $sample['mix_c']],
            ),
            $rehearsal->samples,
        );

        return str_starts_with((string) $instruments->ask('LOAD '.json_encode($samples, JSON_THROW_ON_ERROR)), 'ok')
            && $instruments->ask("RUN $pace") === 'ok';
    }
}
