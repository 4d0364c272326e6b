<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

use BackedEnum;
use Ilvane\Core\Measure\Band;

/** Writes the open form ilvane.material/1: what a thing that is weighed in is, with who says each limit. */
final class MaterialDocument
{
    public const FORMAT = 'ilvane.material/1';

    /**
     * A catalogue row or a maker's own.
     *
     * @return array<string, mixed>
     */
    public static function of(Material $material): array
    {
        $water = $material->waterFraction;

        return [
            'format' => self::FORMAT,
            'id' => $material->key,
            'name' => ['en' => $material->nameEn, 'fr' => $material->nameFr],
            'kind' => $material->kind->value,
            'from' => [],
            'inci' => self::inci($material),
            'water' => $water === null ? null : self::band(Band::exact($water)),
            'fat' => $material->kind->isLipid() ? self::band(Band::exact(1 - ($water ?? 0.0))) : null,
            'solids' => null,
            'plant' => null,
            'limits' => self::limits($material),
            'traits' => self::traits($material),
            'charge' => $material->charge->value,
            'pka' => self::pka($material),
            'dissolves' => $material->dissolves,
            'allergens' => array_map(
                static fn (Allergen $allergen): array => ['group' => $allergen->value, 'how' => 'contains'],
                $material->allergens,
            ),
            'load_cfu_g' => $material->bioburden === null ? null : self::band($material->bioburden->start),
            'melts_c' => $material->meltLow === null || $material->meltHigh === null
                ? null
                : [$material->meltLow, $material->meltHigh],
            'density' => $material->bulk->density,
            'fatty_acids' => null,
            'life' => [
                'opened_days' => $material->openedDays() === null ? null : round($material->openedDays(), 1),
                'made_on' => null,
            ],
            'price_per_100g' => null,
        ];
    }

    /**
     * Every limit with its source; percent of the finished product, °C for heat, pH for pH.
     *
     * @return list<array<string, mixed>>
     */
    public static function limits(Material $material): array
    {
        $limit = static fn (
            string $what,
            ?float $min,
            ?float $max,
            string $use,
            string $source,
            string $confidence,
            string $audience = '',
        ): array => [
            'what' => $what,
            'min' => $min,
            'max' => $max,
            'use' => $use,
            'audience' => $audience,
            'source' => $source,
            'confidence' => $confidence,
        ];
        $limits = [];
        if ($material->use !== null) {
            $limits[] = $limit(
                'use',
                $material->use->min,
                $material->use->max,
                'leave_on',
                $material->sourceOf('use'),
                'recalled',
            );
        }
        if ($material->rinseOffMax !== null) {
            $most = $material->rinseOffMax;
            $limits[] = $limit('use', null, $most, 'rinse_off', $material->sourceOf('use'), 'recalled');
        }
        if ($material->legalMax !== null) {
            $limits[] = $limit('legal', null, $material->legalMax, 'leave_on', $material->legalNote, 'law');
        }
        if ($material->phMin !== null || $material->phMax !== null) {
            $limits[] = $limit('ph', $material->phMin, $material->phMax, '', $material->sourceOf('ph'), 'recalled');
        }
        if ($material->maxProcessTemperature !== null) {
            $most = $material->maxProcessTemperature;
            $limits[] = $limit('heat_c', null, $most, '', $material->sourceOf('heat'), 'recalled');
        }
        foreach ($material->limits as $own) {
            $limits[] = $limit(
                $own->what,
                $own->min,
                $own->max,
                $own->use,
                $own->source,
                $own->confidence,
                $own->audience,
            );
        }

        return $limits;
    }

    /** @return list<string> */
    public static function traits(Material $material): array
    {
        $words = static fn (BackedEnum $case): string => (string) $case->value;

        return array_values(array_unique([
            ...array_map($words, $material->cautions),
            ...array_map($words, $material->traits),
        ]));
    }

    /** @return array{low: float, likely: float, high: float} */
    public static function band(Band $band): array
    {
        return [
            'low' => round($band->low, 6),
            'likely' => round($band->likely, 6),
            'high' => round($band->high, 6),
        ];
    }

    /** @return list<array<string, mixed>> percent by INCI name; null where the make-up isn't known */
    private static function inci(Material $material): array
    {
        if ($material->preservativeComponents !== []) {
            return array_map(static fn (PreservativeComponent $part): array => [
                'name' => $part->inci,
                'percent' => self::band(Band::of($part->low, $part->typical, $part->high)),
                'role' => 'component',
            ], $material->preservativeComponents);
        }
        if ($material->blendParts !== []) {
            return array_map(static fn (string $name, float $share): array => [
                'name' => $name,
                'percent' => self::band(Band::exact(100 * $share)),
                'role' => 'component',
            ], array_keys($material->blendParts), $material->blendParts);
        }
        $names = explode(' (and) ', $material->inci);

        return array_map(static fn (string $name): array => [
            'name' => $name,
            'percent' => count($names) === 1 ? self::band(Band::exact(100)) : null,
            'role' => 'component',
        ], $names);
    }

    private static function pka(Material $material): ?float
    {
        foreach ($material->preservativeComponents as $component) {
            if ($component->pka !== null) {
                return $component->pka;
            }
        }

        return null;
    }
}
