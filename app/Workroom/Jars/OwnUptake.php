<?php

declare(strict_types=1);

namespace App\Workroom\Jars;

use App\Models\Jar;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\OilYield;

/** What this maker's plants kept back when they were strained. */
final class OwnUptake
{
    private const LOOKED_AT = 200;

    /** @return array<string, list<float>> grams of oil kept by a gram of plant, by plant key, oldest first */
    public static function records(): array
    {
        $records = [];
        foreach (Jar::query()->where('status', 'strained')->orderByDesc('ended_at')->limit(self::LOOKED_AT)->pluck('outcome')->reverse() as $outcome) {
            foreach (is_array($outcome) && is_array($outcome['uptake'] ?? null) ? $outcome['uptake'] : [] as $plant => $grams) {
                $records[(string) $plant][] = (float) $grams;
            }
        }

        return $records;
    }

    /**
     * Shares out what was kept among the plants, in proportion to what each usually keeps.
     *
     * @param  non-empty-list<InPart>  $plants
     * @return array<string, float> grams by gram of plant, by plant key
     */
    public static function shared(array $plants, float $kept): array
    {
        $usual = array_sum(array_map(static fn (InPart $plant): float => OilYield::keptBy($plant)->likely * $plant->grams->likely, $plants));
        $uptake = [];
        foreach ($plants as $plant) {
            $uptake[$plant->ingredient->key] = $usual > 0 ? round(OilYield::keptBy($plant)->likely * $kept / $usual, 4) : 0.0;
        }

        return $uptake;
    }
}
