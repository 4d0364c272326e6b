<?php

declare(strict_types=1);

namespace App\Ground;

use App\Models\Batch;
use App\Models\Jar;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\OilYield;
use Ilvane\Core\Measure\Learned;

/** What this maker's plants kept back when they were strained. */
final class LearnedUptake
{
    private const LOOKED_AT = 200;

    /**
     * @return array<string, list<float>> grams of oil kept by a gram of dry plant, by plant key, oldest first; a pinned
     *   figure stands for all of them
     */
    public static function records(): array
    {
        $since = LearnedMakes::since('uptake');
        $strained = [
            ...Jar::query()
                ->where('status', 'strained')
                ->where('ended_at', '>', $since)
                ->orderByDesc('ended_at')
                ->limit(self::LOOKED_AT)
                ->get(['ended_at', 'outcome'])
                ->map(static fn (Jar $jar): array => [(string) $jar->ended_at, $jar->outcome['uptake'] ?? []]),
            ...Batch::query()
                ->where('status', 'finished')
                ->where('finished_at', '>', $since)
                ->whereNotNull('outcome->taught->uptake')
                ->orderByDesc('finished_at')
                ->limit(self::LOOKED_AT)
                ->get(['finished_at', 'outcome'])
                ->map(static fn (Batch $batch): array => [
                    (string) $batch->finished_at,
                    is_array($batch->outcome['taught'] ?? null) ? $batch->outcome['taught']['uptake'] ?? [] : [],
                ]),
        ];
        usort($strained, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $records = [];
        foreach ($strained as [$at, $uptake]) {
            foreach (is_array($uptake) ? $uptake : [] as $plant => $grams) {
                if ($at > LearnedMakes::since("uptake/$plant")) {
                    $records[(string) $plant][] = (float) $grams;
                }
            }
        }
        foreach (array_keys($records) as $plant) {
            $pinned = LearnedPins::of("uptake/$plant");
            $records[$plant] = $pinned === null ? $records[$plant] : array_fill(0, Learned::LAST, $pinned);
        }

        return $records;
    }

    /**
     * Shares out what was kept among the plants, in proportion to what each usually keeps.
     *
     * @param  non-empty-list<InPart>  $plants
     * @return array<string, float> grams by gram of dry plant, by plant key
     */
    public static function shared(array $plants, float $kept): array
    {
        $usual = array_sum(array_map(
            static fn (InPart $plant): float => OilYield::keptBy($plant)->likely * $plant->dryGrams(),
            $plants,
        ));
        $uptake = [];
        foreach ($plants as $plant) {
            $uptake[$plant->ingredient->key] = $usual > 0
                ? round(OilYield::keptBy($plant)->likely * $kept / $usual, 4)
                : 0.0;
        }

        return $uptake;
    }
}
