<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\BaseList;
use App\Ground\OwnRow;
use App\Ground\Wording;
use App\Models\OwnIngredient;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\CatalogueSource;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\InciNames;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Limit;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/** The maker's own ingredients, and one of them opened: what was told, and what is assumed until it is. */
final readonly class OwnIngredientPage
{
    /** How many substances a blend may be made up of on the form. */
    public const CONTENTS = 5;

    /** Rows of substances the form begins with. */
    private const ROWS = 2;

    /** Figures asked of everything. */
    private const ALWAYS = [
        'density',
        'spoon_density',
        'water',
        'max_temp',
        'use_low',
        'use_high',
        'rinse_off_max',
        'legal_max',
        'opened',
        'unopened',
    ];

    private const FAT = ['melt_low', 'melt_high', 'required_hlb', 'iodine', 'pufa'];

    private const SOLID_FAT = ['sfc_10', 'sfc_20', 'sfc_25', 'sfc_30', 'sfc_35'];

    private const PLANT = ['oil_uptake', 'water_uptake'];

    /**
     * @param  list<array{key: string, name: string, isOwn: bool, source: string}>  $all
     * @param  array<string, mixed>  $fields  as told
     * @param  list<string>  $figures  asked first
     * @param  list<string>  $moreFigures  the rest
     * @param  list<string>  $traits  that its kind may have
     * @param  list<string>  $cautions  ticked: as told, else as assumed
     * @param  list<string>  $ticked  traits ticked: as told, else as assumed
     * @param  array<string, string>  $standIns  what counts while a figure is empty, worded
     * @param  array<string, string>  $told  figures as the form shows them
     * @param  list<array{string, string}>  $contents  substance and percent by row, and an empty row to go on in
     * @param  list<string>  $substances
     * @param  list<string>|null  $listed  what was read from the list of a bought base; null for anything else
     */
    private function __construct(
        public array $all,
        public string $key,
        public string $name,
        public bool $isOwn,
        public array $fields,
        public array $figures,
        public array $moreFigures,
        public array $traits,
        public array $cautions,
        public array $ticked,
        public array $standIns,
        public array $told,
        public array $contents,
        public array $substances,
        public bool $isAssumed,
        public ?array $listed,
    ) {
    }

    public static function of(string $key, Catalogue $catalogue, CatalogueSource $source, Wording $wording): self
    {
        $key = $catalogue->has($key) ? $key : '';
        $own = OwnIngredient::query()->find($key);
        $ingredient = $key === '' ? null : $catalogue->get($key);
        $isOwn = $own !== null && $own->is_own;
        $asked = $ingredient === null ? [] : self::asked($ingredient->kind);

        return new self(
            all: self::listed($wording),
            key: $key,
            name: $ingredient === null ? '' : $wording->ingredient($key),
            isOwn: $isOwn,
            fields: $own->fields ?? [],
            figures: $asked,
            moreFigures: $ingredient === null ? [] : array_values(array_diff(self::everyFigure(), $asked)),
            traits: $ingredient === null ? [] : self::traitsOf($ingredient->kind),
            cautions: array_map(static fn (Caution $caution): string => $caution->value, $ingredient->cautions ?? []),
            ticked: array_map(static fn (MaterialTrait $trait): string => $trait->value, $ingredient->traits ?? []),
            standIns: $ingredient === null ? [] : self::standIns($ingredient),
            told: $own === null ? [] : self::told($own),
            contents: self::contents($own),
            substances: (new OwnRow($source))->substances(),
            isAssumed: $isOwn && ! $own->tells('cautions'),
            listed: $isOwn && $ingredient?->kind === Kind::BoughtBase
                ? self::read(new BaseList($source), $own->word('list'))
                : null,
        );
    }

    /** @return list<string> what the list says, in words */
    private static function read(BaseList $base, string $list): array
    {
        $names = InciNames::read($list);
        if ($names === []) {
            return [];
        }
        $preservatives = $base->preservatives($names);

        return [
            trans_choice('own_ingredients.list_read', count($names)).': '.implode(', ', $names).'.',
            say('own_ingredients.list_known', ['known' => (string) count($base->known($names))]),
            $preservatives === []
                ? say('own_ingredients.list_not_kept')
                : say('own_ingredients.list_kept', ['names' => implode(', ', $preservatives)]),
        ];
    }

    /** @return array<string, string> water in percent, all else as it was told */
    private static function told(OwnIngredient $own): array
    {
        $told = [];
        foreach (self::everyFigure() as $field) {
            $figure = $own->figure($field);
            if ($figure !== null) {
                $told[$field] = (string) round($field === 'water' ? 100 * $figure : $figure, 6);
            }
        }

        return $told;
    }

    /** @return list<array{string, string}> */
    private static function contents(?OwnIngredient $own): array
    {
        $rows = [];
        foreach ($own?->contents() ?? [] as $substance => $share) {
            $rows[] = [$substance, (string) round(100 * $share, 6)];
        }
        $most = max(self::ROWS, min(self::CONTENTS, count($rows) + 1));

        return array_pad($rows, $most, ['', '']);
    }

    /** @return list<array{key: string, name: string, isOwn: bool, source: string}> */
    private static function listed(Wording $wording): array
    {
        $listed = [];
        foreach (OwnIngredient::query()->orderBy('key')->get() as $own) {
            $listed[] = [
                'key' => $own->key, 'name' => $own->word('name') ?: $wording->ingredient($own->key),
                'isOwn' => $own->is_own, 'source' => $own->word('source'),
            ];
        }

        return $listed;
    }

    /** @return list<string> every figure the form can ask for */
    public static function everyFigure(): array
    {
        return array_values(array_unique([
            ...self::ALWAYS,
            Limit::PHOTOTOXIC,
            ...self::FAT,
            ...self::SOLID_FAT,
            ...self::PLANT,
            'ph_min',
            'ph_max',
            'hlb',
            'least_load', 'fresh_days',
        ]));
    }

    /** @return list<string> what its kind is asked first */
    private static function asked(Kind $kind): array
    {
        $more = match (true) {
            $kind === Kind::Butter => [...self::FAT, ...self::SOLID_FAT],
            $kind->isLipid() => self::FAT,
            $kind->isScent() => [Limit::PHOTOTOXIC],
            $kind === Kind::Emulsifier,
            $kind === Kind::Solubiliser => ['hlb', 'least_load', 'melt_low', 'melt_high', 'ph_min', 'ph_max'],
            $kind === Kind::Preservative, $kind === Kind::Active, $kind === Kind::ThickenerGum => ['ph_min', 'ph_max'],
            $kind === Kind::BoughtBase => [],
            $kind->isWatery() => ['fresh_days'],
            in_array($kind, [Kind::DriedBotanical, Kind::FreshBotanical, Kind::PowderBotanical], true) => self::PLANT,
            default => [],
        };

        return [...self::ALWAYS, ...$more];
    }

    /** @return list<string> */
    private static function traitsOf(Kind $kind): array
    {
        $traits = match (true) {
            $kind === Kind::ThickenerGum => [MaterialTrait::LumpsWhenDry],
            $kind === Kind::Butter => [MaterialTrait::TurnsGrainy, MaterialTrait::HeavyOnHair],
            $kind === Kind::CarrierOil => [MaterialTrait::HeavyOnHair],
            $kind === Kind::Emulsifier => [MaterialTrait::CompleteEmulsifier],
            $kind === Kind::AcidOrBase => [MaterialTrait::Alkali, MaterialTrait::Caustic],
            $kind === Kind::BoughtBase => [MaterialTrait::PreservesItself],
            $kind === Kind::FreshBotanical => [MaterialTrait::Pulpy, MaterialTrait::Latex],
            $kind->isWatery() => [
                MaterialTrait::MistakenForEmulsifier,
                MaterialTrait::Pulpy,
                MaterialTrait::FruitFlesh,
                MaterialTrait::Latex,
            ],
            default => [],
        };

        return array_map(static fn (MaterialTrait $trait): string => $trait->value, $traits);
    }

    /** @return list<string> */
    public static function charges(): array
    {
        return array_map(static fn (Charge $charge): string => $charge->value, Charge::cases());
    }

    /** @return array<string, string> */
    private static function standIns(Material $ingredient): array
    {
        $standIns = [
            'density' => $ingredient->bulk->density, 'spoon_density' => $ingredient->bulk->spoonDensity,
            'water' => $ingredient->waterFraction === null ? null : 100 * $ingredient->waterFraction,
            'melt_low' => $ingredient->meltLow, 'melt_high' => $ingredient->meltHigh,
            'max_temp' => $ingredient->maxProcessTemperature, 'use_low' => $ingredient->use?->min,
            'use_high' => $ingredient->use?->max, 'rinse_off_max' => $ingredient->rinseOffMax,
            'legal_max' => $ingredient->legalMax, 'ph_min' => $ingredient->phMin, 'ph_max' => $ingredient->phMax,
            'hlb' => $ingredient->hlb,
            'required_hlb' => $ingredient->requiredHlb,
            'least_load' => $ingredient->leastLoad,
            'iodine' => $ingredient->iodineValue, 'pufa' => $ingredient->pufaPercent,
            'unopened' => $ingredient->unopenedMonths, 'opened' => $ingredient->openedMonths,
            'fresh_days' => $ingredient->freshDays, 'oil_uptake' => $ingredient->oilUptake,
            'water_uptake' => $ingredient->waterUptake, Limit::PHOTOTOXIC => $ingredient->phototoxicLimit(),
        ];
        foreach ($ingredient->solidFat as $celsius => $percent) {
            $standIns["sfc_$celsius"] = $percent;
        }

        return array_map(
            static fn (float $figure): string => (string) round($figure, 4),
            array_filter($standIns, is_float(...)),
        );
    }
}
