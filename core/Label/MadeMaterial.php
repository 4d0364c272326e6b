<?php

declare(strict_types=1);

namespace Ilvane\Core\Label;

use DateTimeImmutable;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Extract;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialDocument;
use Ilvane\Core\Measure\Band;

/** What something made is (an infused oil, a mix), computed from what went in: the open form ilvane.material/1. */
final class MadeMaterial
{
    /**
     * @param  string  $id  e.g. "lot:L261128-A"
     * @param  string  $kind  infused_oil, or what its maker calls it
     * @param  Band|null  $strength  grams of plant drawn into 100 g; null where nothing was drawn, or nobody knows
     * @return array<string, mixed>
     */
    public static function of(
        string $id,
        string $name,
        string $kind,
        Composition $composition,
        ?Band $strength = null,
        ?DateTimeImmutable $madeOn = null,
        ?float $days = null,
    ): array {
        $lines = $composition->known();
        $plants = array_map(static fn (Extract $extract): Material => $extract->plant, $composition->extracts);
        $materials = [
            ...array_values(array_filter(array_map(
                static fn (WeighedLine $line): ?Material => $line->ingredient,
                $lines,
            ))),
            ...$plants,
        ];

        return [
            'format' => MaterialDocument::FORMAT,
            'id' => $id,
            'name' => ['en' => $name, 'fr' => $name],
            'kind' => $kind,
            'from' => [...array_map(self::line(...), $lines), ...array_map(self::drawn(...), $composition->extracts)],
            'inci' => self::inci($composition),
            'water' => MaterialDocument::band(Band::exact($composition->waterShare())),
            'fat' => MaterialDocument::band(Band::exact($composition->fatShare())),
            'solids' => null,
            'plant' => $strength === null
                ? null
                : ['strength_g_per_100g' => MaterialDocument::band($strength)],
            'limits' => array_merge(...array_map(
                static fn (Material $material): array => array_map(
                    static fn (array $limit): array => [...$limit, 'of' => $material->key],
                    MaterialDocument::limits($material),
                ),
                $materials,
            )),
            'traits' => array_values(array_unique(array_merge(
                ...array_map(MaterialDocument::traits(...), $materials),
            ))),
            'charge' => 'none',
            'pka' => null,
            'dissolves' => $composition->waterShare() > 0.0
                ? ['water' => null, 'oil' => null, 'alcohol' => null]
                : ['water' => 'insoluble', 'oil' => 'miscible', 'alcohol' => null],
            'allergens' => self::allergens($materials),
            'load_cfu_g' => null,
            'melts_c' => null,
            'density' => $composition->density() === null ? null : round($composition->density(), 4),
            'fatty_acids' => null,
            'life' => ['opened_days' => $days, 'made_on' => $madeOn?->format('Y-m-d')],
            'price_per_100g' => null,
        ];
    }

    /** @return array{id: string, share: ?float, strained: bool} */
    private static function line(WeighedLine $line): array
    {
        return [
            'id' => $line->ingredient->key ?? '',
            'share' => $line->share === null ? null : round($line->share->likely, 6),
            'strained' => false,
        ];
    }

    /** @return array{id: string, share: ?float, strained: bool} share: grams it was drawn from, to a gram */
    private static function drawn(Extract $extract): array
    {
        return [
            'id' => $extract->plant->key,
            'share' => $extract->perGram === null ? null : round($extract->perGram->likely, 6),
            'strained' => true,
        ];
    }

    /** @return list<array<string, mixed>> how much of a plant stays in an extract is not known */
    private static function inci(Composition $composition): array
    {
        $shares = ContentsList::of($composition)->shares;

        return array_map(static fn (string $name, float $share): array => [
            'name' => $name,
            'percent' => $share > 0.0 ? MaterialDocument::band(Band::exact(100 * $share)) : null,
            'role' => $share > 0.0 ? 'carrier' : 'extract',
        ], array_keys($shares), $shares);
    }

    /**
     * @param  list<Material>  $materials
     * @return list<array{group: string, how: string}>
     */
    private static function allergens(array $materials): array
    {
        $groups = [];
        foreach ($materials as $material) {
            foreach ($material->allergens as $allergen) {
                $groups[$allergen->value] = ['group' => $allergen->value, 'how' => 'contains'];
            }
        }

        return array_values($groups);
    }
}
