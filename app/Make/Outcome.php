<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;
use Illuminate\Support\Facades\App;

/**
 * What was worked out when a batch was finished, read back from its record.
 *
 * @phpstan-type Found array{code: string, severity: string, message: string, because: string, lines: list<int>}
 * @phpstan-type Stored array{
 *   evaluation: array{regime: string, verdict: string, lines: list<array{line: int, ingredient: ?string, phase: string,
 *   grams: ?array{likely: float}, percent: ?array{likely: float}}>, keeping: ?array{days: float, decided_by: string,
 *   steps: list<array{what: string, days: float}>}, findings: list<Found>},
 *   contents: array<string, float>, planned: list<?float>, yield: array{in: float, filled: float, missing: float,
 *   percent: ?float, by_state?: array<string, float>},
 *   said?: array<string, array{verdict: string, steps: list<string>, findings: list<array{message: string,
 *   because: string}>}>,
 *   balance?: array<string, float>, taught?: array{bowl: ?float, overrun: ?float, cooling: array{in: string,
 *   ratio: float}|null},
 *   lines?: list<array{line: int, ingredient: string|null, name: string, phase: string, state: string, entered: string,
 *   drops: float|null, grams: array{low: float, likely: float, high: float}|null, lots?: array<string, float>,
 *   no_lot?: float}>,
 *   not_done?: list<string>, label?: list<string>, may_declare?: list<string>,
 *   declared?: list<string>, cost?: array{known: float, unpriced: list<string>},
 *   containers: int, ph: ?float, stops: int, no_date: ?string
 * }
 */
final class Outcome
{
    /** @return Stored in the language spoken now, as far as it was put into it when the batch was finished */
    public static function of(Batch $batch): array
    {
        /** @var Stored $stored */
        $stored = $batch->outcome ?? throw new \LogicException("Batch $batch->code is not finished.");
        $said = $stored['said'][App::getLocale()] ?? null;
        if ($said !== null) {
            $stored['evaluation']['verdict'] = $said['verdict'];
            foreach ($stored['evaluation']['findings'] as $i => $found) {
                $stored['evaluation']['findings'][$i] = [...$found, ...$said['findings'][$i] ?? []];
            }
            foreach ($stored['evaluation']['keeping']['steps'] ?? [] as $i => $step) {
                $stored['evaluation']['keeping']['steps'][$i]['what'] = $said['steps'][$i] ?? $step['what'];
            }
        }

        return $stored;
    }

    /** Grams that were filled when it was finished. */
    public static function filled(Batch $batch): float
    {
        $yield = $batch->outcome['yield'] ?? null;

        return is_array($yield) && is_numeric($yield['filled'] ?? null) ? (float) $yield['filled'] : 0.0;
    }

    /**
     * The sentences of an evaluation, without its figures.
     *
     * @param  array<string, mixed>  $evaluation  ilvane.evaluation/1
     * @return array{verdict: mixed, steps: list<mixed>, findings: list<array{message: mixed, because: mixed}>}
     */
    public static function words(array $evaluation): array
    {
        $list = static fn (mixed $rows): array => is_array($rows)
            ? array_values(array_filter($rows, is_array(...)))
            : [];

        return [
            'verdict' => $evaluation['verdict'] ?? '',
            'steps' => array_column(
                $list(is_array($evaluation['keeping'] ?? null) ? $evaluation['keeping']['steps'] ?? [] : []),
                'what',
            ),
            'findings' => array_map(
                static fn (array $found): array => [
                    'message' => $found['message'] ?? '',
                    'because' => $found['because'] ?? '',
                ],
                $list($evaluation['findings'] ?? []),
            ),
        ];
    }
}
