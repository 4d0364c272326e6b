<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;

/** What in a formula preserves or helps, with its ppm: salts as the acid they give. */
final readonly class Activities
{
    /** Percent into parts per million. */
    private const PPM = 10_000;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function named(string $inci): ?Activity
    {
        $row = $this->catalogue->activities()[$inci] ?? null;

        return $row === null ? null : new Activity(
            inci: $inci,
            pKa: $row['pka'],
            oil: $row['oil'],
            micelle: $row['micelle'],
            mostFree: $row['most_free'],
            needs: $row['needs'],
            isBoosted: $row['is_boosted'],
            boost: $row['boost'],
            boostFullAt: $row['boost_full'],
            chelation: $row['chelation'],
            chelationFullAt: $row['chelation_full'],
        );
    }

    /**
     * @param  array<string, float>  $percent  of the product, by INCI name
     * @return list<array{Activity, float}>
     */
    public function of(array $percent): array
    {
        $parts = [];
        foreach ($percent as $inci => $share) {
            [$acid, $fraction] = $this->catalogue->salts()[$inci] ?? [$inci, 1.0];
            $activity = $this->named($acid);
            if ($activity !== null) {
                $parts[] = [$activity, $share * $fraction * self::PPM];
            }
        }

        return $parts;
    }

    /** @return list<array{Activity, float}> what the lines of a formula bring */
    public function in(Composition $composition): array
    {
        $percent = [];
        foreach ($composition->known() as $line) {
            foreach (self::substances($line) as $inci => $share) {
                $percent[$inci] = ($percent[$inci] ?? 0.0) + 100 * $share;
            }
        }

        return $this->of($percent);
    }

    /** @return array<string, float> share of the product by INCI name */
    private static function substances(WeighedLine $line): array
    {
        $material = $line->ingredient;
        $share = $line->part();
        if ($material === null) {
            return [];
        }
        $parts = [];
        foreach ($material->preservativeComponents as $component) {
            $parts[$component->inci] = $component->typical / 100;
        }
        $parts = $parts !== [] ? $parts : [...$material->blendParts, ...$material->contents];

        return array_map(
            static fn (float $fraction): float => $fraction * $share,
            $parts !== [] ? $parts : [$material->inci => 1.0],
        );
    }
}
