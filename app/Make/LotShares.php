<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;
use App\Models\Lot;
use App\Models\LotEntry;

/** From which lots a line of a make came: grams by lot, as told, and grams no lot was told for. */
final readonly class LotShares
{
    /** Less than this is rounding, grams. */
    private const CRUMBS_G = 0.0005;

    /** @param  array<string, float>  $lots  grams by code */
    private function __construct(public array $lots, public float $none)
    {
    }

    public static function of(MakeState $state, int $line): self
    {
        $left = $state->taken->grams($line)->likely ?? 0.0;
        $lots = [];
        foreach ($state->lotsOf($line) as $told) {
            // without a figure: all of it, as it was written down before a weighing could name more than one
            $part = min($left, $told['grams'] ?? $left);
            if ($part > self::CRUMBS_G) {
                $lots[$told['lot']] = ($lots[$told['lot']] ?? 0.0) + $part;
                $left -= $part;
            }
        }

        return new self(
            array_map(static fn (float $grams): float => round($grams, 4), $lots),
            $left > self::CRUMBS_G ? round($left, 4) : 0.0,
        );
    }

    /**
     * Of every line of a finished batch, as it was written down. Batches finished before a weighing could name more
     * than one lot
     * tell it by what was taken from the stock for them.
     *
     * @return array<int, self> by line
     */
    public static function ofBatch(Batch $batch): array
    {
        $shares = [];
        $before = null;
        foreach (Outcome::of($batch)['lines'] ?? [] as $line) {
            if (isset($line['lots'], $line['no_lot'])) {
                $shares[$line['line']] = new self(array_map(floatval(...), $line['lots']), (float) $line['no_lot']);

                continue;
            }
            $before ??= self::takenFor($batch);
            $lots = $before[$line['line']] ?? [];
            $none = ($line['grams']['likely'] ?? 0.0) - array_sum($lots);
            $shares[$line['line']] = new self($lots, $none > self::CRUMBS_G ? round($none, 4) : 0.0);
        }

        return $shares;
    }

    /** @return array<int, array<string, float>> grams by lot, by line, out of the stock when it was finished */
    private static function takenFor(Batch $batch): array
    {
        $taken = [];
        $entries = LotEntry::query()
            ->where('kind', 'used')
            ->where('subject', $batch->code)
            ->where('client_key', 'like', 'batch-%')
            ->get();
        $codes = Lot::query()->whereKey($entries->pluck('lot_id')->all())->get(['id', 'code'])->keyBy('id');
        foreach ($entries as $entry) {
            $code = $codes->get($entry->lot_id)->code ?? '';
            if (preg_match('/-(\d+)$/', $entry->client_key, $line) === 1) {
                $taken[(int) $line[1]][$code] = ($taken[(int) $line[1]][$code] ?? 0.0) + (float) $entry->grams;
            }
        }

        return $taken;
    }
}
