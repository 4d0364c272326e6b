<?php

declare(strict_types=1);

namespace App\Ground;

use BackedEnum;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\PreservativeComponent;

/** Writes the open form ilvane.catalogue/1. */
final class CatalogueDocument
{
    public const FORMAT = 'ilvane.catalogue/1';

    /** @return array<string, mixed> */
    public static function all(Catalogue $catalogue): array
    {
        return [
            'format' => self::FORMAT,
            'ingredients' => array_map(
                static fn (string $key): array => self::entry($catalogue->get($key)),
                $catalogue->keys(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function entry(Material $ingredient): array
    {
        $words = static fn (BackedEnum $case): string => (string) $case->value;

        return [
            'key' => $ingredient->key,
            'name' => ['en' => $ingredient->nameEn, 'fr' => $ingredient->nameFr],
            'aliases' => $ingredient->aliases,
            'inci' => $ingredient->inci,
            'kind' => $ingredient->kind->value,
            'phase' => $ingredient->defaultPhase->value,
            'density_g_ml' => $ingredient->bulk->density,
            'spoon_density_g_ml' => $ingredient->bulk->spoonDensity,
            'spoon_error' => $ingredient->bulk->spoonError,
            'melting_c' => $ingredient->meltHigh === null
                ? null
                : ['low' => $ingredient->meltLow, 'high' => $ingredient->meltHigh],
            'water_fraction' => $ingredient->waterFraction,
            'max_process_c' => $ingredient->maxProcessTemperature,
            'use_percent' => $ingredient->use === null
                ? null
                : [
                    'min' => $ingredient->use->min,
                    'typical' => $ingredient->use->typical,
                    'max' => $ingredient->use->max,
                ],
            'rinse_off_max_percent' => $ingredient->rinseOffMax,
            'legal_max_percent' => $ingredient->legalMax,
            'legal_note' => $ingredient->legalNote,
            'ph' => $ingredient->phMin === null && $ingredient->phMax === null
                ? null
                : ['min' => $ingredient->phMin, 'max' => $ingredient->phMax],
            'charge' => $ingredient->charge->value,
            'hlb' => $ingredient->hlb,
            'required_hlb' => $ingredient->requiredHlb,
            'iodine_value' => $ingredient->iodineValue,
            'pufa_percent' => $ingredient->pufaPercent,
            'shelf_life_months' => ['unopened' => $ingredient->unopenedMonths, 'opened' => $ingredient->openedMonths],
            'storage' => $ingredient->storage,
            'solid_fat_percent' => $ingredient->solidFat === [] ? null : $ingredient->solidFat,
            'uptake_g_per_g' => ['oil' => $ingredient->oilUptake, 'water' => $ingredient->waterUptake],
            'allergens' => array_map($words, $ingredient->allergens),
            'cautions' => array_map($words, $ingredient->cautions),
            'caution' => $ingredient->cautionNote,
            'coverage' => $ingredient->coverage === null
                ? null
                : [
                    'bacteria' => $ingredient->coverage->bacteria,
                    'yeast' => $ingredient->coverage->yeast,
                    'mould' => $ingredient->coverage->mould,
                ],
            'components' => array_map(static fn (PreservativeComponent $part): array => [
                'inci' => $part->inci,
                'percent_of_blend' => ['low' => $part->low, 'typical' => $part->typical, 'high' => $part->high],
                'limit_leave_on_percent' => $part->leaveOnLimit,
                'limit_rinse_off_percent' => $part->rinseOffLimit,
                'limit_counted' => $part->limitAs,
                'pka' => $part->pka, 'source' => $part->source,
            ], $ingredient->preservativeComponents),
            'source' => $ingredient->source,
        ];
    }
}
