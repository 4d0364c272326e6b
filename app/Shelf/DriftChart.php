<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Drawing\Plot;
use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Formula;
use Illuminate\Database\Eloquent\Builder;
use Ilvane\Core\Yield\Drift;

/** The yield of a formula's batches one after the other, smoothed, with the limits it should stay in. */
final readonly class DriftChart
{
    private const LOOKED_AT = 40;

    private const WIDTH = 420.0;

    private const HEIGHT = 150.0;

    /**
     * @param  list<array{x: float, y: float, code: string, figure: string}>  $points
     * @param  array{upper: float, lower: float}|null  $limits  drawing units
     */
    private function __construct(
        public Plot $plot,
        public array $points,
        public string $smoothed,
        public float $centre,
        public ?array $limits,
        public string $said,
    ) {
    }

    /** null for fewer than two batches: one is no course. */
    public static function of(Formula $formula, Wording $wording): ?self
    {
        $batches = Batch::query()
            ->where('status', 'finished')
            ->whereHas('version', static fn (Builder $version) => $version->where('formula_id', $formula->id))
            ->orderByDesc('finished_at')
            ->limit(self::LOOKED_AT)
            ->toBase()
            ->selectRaw("code, json_extract(outcome, '$.yield.percent') AS yield_percent")
            ->get()
            ->reverse()
            ->values();
        $yields = [];
        foreach ($batches as $batch) {
            if (
                is_object($batch)
                && isset($batch->code, $batch->yield_percent)
                && is_string($batch->code)
                && is_numeric($batch->yield_percent)
            ) {
                $yields[$batch->code] = (float) $batch->yield_percent;
            }
        }
        if (count($yields) < 2) {
            return null;
        }
        $drift = Drift::of(array_values($yields));
        $plot = new Plot(self::WIDTH, self::HEIGHT, 34, 8, 8, 20, 1, max(2, count($yields)), 110);
        $points = [];
        foreach (array_keys($yields) as $i => $code) {
            $points[] = [
                'x' => $plot->x($i + 1),
                'y' => $plot->y($yields[$code]),
                'code' => (string) $code,
                'figure' => $wording->percent(round($yields[$code], 1)),
            ];
        }

        return new self(
            $plot,
            $points,
            $plot->line(array_map(
                static fn (int $i, float $value): array => [(float) $i + 1, $value],
                array_keys($drift->smoothed),
                $drift->smoothed,
            )),
            $plot->y($drift->centre),
            $drift->within === null
                ? null
                : [
                    'upper' => $plot->y($drift->centre + $drift->within),
                    'lower' => $plot->y($drift->centre - $drift->within),
                ],
            say('shelf.drift.'.match ($drift->direction()) {
                1 => 'up', -1 => 'down', default => $drift->within === null ? 'few' : 'steady'
            }, [
                'mean' => $wording->percent(round($drift->centre, 1)),
                'batches' => trans_choice('make.taught.batches', count($yields)),
            ]),
        );
    }
}
