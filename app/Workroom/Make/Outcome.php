<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Models\Batch;

/**
 * What was worked out when a batch was finished, read back from its record.
 *
 * @phpstan-type Found array{code: string, severity: string, message: string, because: string, lines: list<int>}
 * @phpstan-type Stored array{
 *   evaluation: array{regime: string, verdict: string, lines: list<array{line: int, ingredient: ?string, phase: string, grams: ?array{likely: float}, percent: ?array{likely: float}}>, keeping: ?array{days: float, decided_by: string, steps: list<array{what: string, days: float}>}, findings: list<Found>},
 *   contents: array<string, float>, planned: list<?float>, yield: array{in: float, filled: float, missing: float, percent: ?float},
 *   balance?: array<string, float>, taught?: array{bowl: ?float, overrun: ?float, cooling: array{in: string, ratio: float}|null},
 *   declared?: list<string>, cost?: array{known: float, unpriced: list<string>},
 *   containers: int, ph: ?float, stops: int, no_date: ?string
 * }
 */
final class Outcome
{
    /** @return Stored */
    public static function of(Batch $batch): array
    {
        /** @var Stored $stored */
        $stored = $batch->outcome ?? throw new \LogicException("Batch $batch->code is not finished.");

        return $stored;
    }
}
