<?php

declare(strict_types=1);

namespace App\Ground;

use App\Models\OwnIngredient;
use Ilvane\Core\Material\CatalogueSource;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Limit;
use Ilvane\Core\Material\Preset;

/**
 * A row of the catalogue for what a maker added or corrected. What the maker told comes first, then what is assumed by
 * kind and name (data/presets.csv), then what the catalogue has; the rest is not known.
 *
 * @phpstan-import-type Row from CatalogueSource
 */
final class OwnRow
{
    /** Figures that stand in a row under the name the form gives them. */
    public const FIGURES = [
        'density',
        'spoon_density',
        'water',
        'melt_low',
        'melt_high',
        'max_temp',
        'rinse_off_max',
        'legal_max',
        'ph_min',
        'ph_max',
        'hlb',
        'required_hlb',
        'least_load',
        'iodine',
        'pufa',
        'unopened',
        'opened',
        'fresh_days',
        'oil_uptake',
        'water_uptake',
    ];

    /** Whose source a rule names => the fields of the form that set it. */
    private const SOURCED = [
        'ph' => ['ph_min', 'ph_max'],
        'heat' => ['max_temp'],
        'use' => ['use_low', 'use_high', 'rinse_off_max', 'legal_max'],
    ];

    /** Solid fat, percent, by °C. */
    public const SOLID_FAT_AT = [10, 20, 25, 30, 35];

    /** Where phototoxic is ticked and no figure told: the strictest of the common pressed citrus oils, percent. */
    public const PHOTOTOXIC_UNTOLD = 0.4;

    /** @var list<Preset> */
    private readonly array $presets;

    private readonly BaseList $bases;

    public function __construct(private readonly CatalogueSource $shipped)
    {
        $this->bases = new BaseList($shipped);
        $this->presets = array_map(static fn (array $row): Preset => new Preset(
            Kind::from($row['kind']), $row['words'], $row['unless'], $row['sets'], $row['value'], $row['source'],
        ), $shipped->presets());
    }

    /** @return Row */
    public function ofOwn(OwnIngredient $own): array
    {
        $kind = Kind::tryFrom($own->word('kind')) ?? Kind::Active;
        $assumed = $this->assumed($kind, $own->word('name'), $own->word('inci'));
        $row = self::blank($own, $kind);
        foreach ($assumed['figures'] as $field => $value) {
            $row[$field] = $value;
        }
        $row['allergens'] = $own->words('allergens');
        $row['cautions'] = $own->tells('cautions') ? $own->words('cautions') : $assumed['cautions'];
        $row['traits'] = $own->tells('traits') ? $own->words('traits') : $assumed['traits'];
        if ($kind === Kind::BoughtBase) {
            $row = $this->bases->read($own, $row);
        }
        $row['charge'] = $own->word('charge') ?: $row['charge'];
        $row['limits'] = self::phototoxic($own, $row['cautions'], $assumed['phototoxic']);

        /** @var Row $row */
        return $this->corrected($row, $own);
    }

    /**
     * @param  Row  $row
     * @return Row
     */
    public function corrected(array $row, OwnIngredient $own): array
    {
        foreach (self::FIGURES as $field) {
            $row[$field] = $own->figure($field) ?? $row[$field];
        }
        $low = $own->figure('use_low') ?? $row['use'][0] ?? 0.0;
        $high = $own->figure('use_high') ?? $row['use'][2] ?? null;
        if ($high !== null) {
            $low = min($low, $high);
            $typical = $row['use'][1] ?? ($low + $high) / 2;
            $row['use'] = [$low, max($low, min($typical, $high)), $high];
        }
        foreach (self::SOLID_FAT_AT as $celsius) {
            $solid = $own->figure("sfc_$celsius");
            if ($solid !== null) {
                $row['sfc'][$celsius] = $solid;
            }
        }
        ksort($row['sfc']);
        $limit = $own->figure(Limit::PHOTOTOXIC);
        if ($limit !== null) {
            $row['limits'] = [self::limit($limit, say('own_ingredients.source', ['source' => $own->word('source')]))];
        }
        $row['contents'] = [...$row['contents'], ...$own->contents()];
        $row['components'] = $this->components($row['components'], $own->contents());
        $said = $own->word('source') === ''
            ? say('own_ingredients.source_unsaid')
            : say('own_ingredients.source', ['source' => $own->word('source')]);
        foreach (self::SOURCED as $figure => $fields) {
            $isTold = array_filter($fields, static fn (string $field): bool => $own->figure($field) !== null) !== [];
            $before = $row['sources'][$figure] ?? $row['source'];
            $row['sources'][$figure] = $isTold || $before === '' ? $said : $before;
        }
        $row['source'] = $said;

        return $row;
    }

    /**
     * What is assumed of an ingredient nobody has told more of.
     *
     * @return array{cautions: list<string>, traits: list<string>, figures: array<string, float>,
     *   phototoxic: Limit|null}
     */
    public function assumed(Kind $kind, string $name, string $inci): array
    {
        $assumed = ['cautions' => [], 'traits' => [], 'figures' => [], 'phototoxic' => null];
        foreach ($this->presets as $preset) {
            if (! $preset->isMeant($kind, "$name $inci")) {
                continue;
            }
            match ($preset->sets) {
                'caution' => $assumed['cautions'][] = $preset->value,
                'trait' => $assumed['traits'][] = $preset->value,
                Limit::PHOTOTOXIC => $assumed['phototoxic'] ??= new Limit(...self::limit(
                    (float) $preset->value,
                    $preset->source,
                )),
                default => $assumed['figures'][$preset->sets] ??= (float) $preset->value,
            };
        }
        if ($assumed['phototoxic'] !== null) {
            $assumed['cautions'][] = Caution::Phototoxic->value;
        }

        return $assumed;
    }

    /**
     * @param  list<string>  $cautions
     * @return list<array{what: string, min: ?float, max: ?float, use: string, audience: string, source: string,
     *   confidence: string}>
     */
    private static function phototoxic(OwnIngredient $own, array $cautions, ?Limit $assumed): array
    {
        if (! in_array(Caution::Phototoxic->value, $cautions, true)) {
            return [];
        }

        return [self::limit(
            $assumed->max ?? self::PHOTOTOXIC_UNTOLD,
            $assumed->source ?? say('own_ingredients.phototoxic_untold'),
        )];
    }

    /**
     * @return array{what: string, min: ?float, max: ?float, use: string, audience: string, source: string,
     *   confidence: string}
     */
    private static function limit(float $percent, string $source): array
    {
        return [
            'what' => Limit::PHOTOTOXIC, 'min' => null, 'max' => $percent, 'use' => 'leave_on', 'audience' => '',
            'source' => $source, 'confidence' => 'recalled',
        ];
    }

    /**
     * What the maker told of a blend, with the limits the shipped tables know for each part.
     *
     * @param  list<array{inci: string, low: float, typical: float, high: float, leave_on: ?float, rinse_off: ?float,
     *   as: string, pka: ?float, notes: string, source: string}>  $components
     * @param  array<string, float>  $contents  fraction by name
     * @return list<array{inci: string, low: float, typical: float, high: float, leave_on: ?float, rinse_off: ?float,
     *   as: string, pka: ?float, notes: string, source: string}>
     */
    private function components(array $components, array $contents): array
    {
        $known = $this->knownComponents();
        foreach ($contents as $inci => $fraction) {
            if (! isset($known[$inci])) {
                continue;
            }
            $told = ['low' => 100 * $fraction, 'typical' => 100 * $fraction, 'high' => 100 * $fraction];
            $components = array_values(array_filter(
                $components,
                static fn (array $one): bool => $one['inci'] !== $inci,
            ));
            $components[] = [...$known[$inci], ...$told];
        }

        return $components;
    }

    /**
     * @return array<string, array{inci: string, low: float, typical: float, high: float, leave_on: ?float,
     *   rinse_off: ?float, as: string, pka: ?float, notes: string, source: string}> by INCI name
     */
    private function knownComponents(): array
    {
        $known = [];
        foreach ($this->shipped->rows() as $row) {
            foreach ($row['components'] as $component) {
                $known[$component['inci']] ??= $component;
            }
        }

        return $known;
    }

    /** @return list<string> every substance a material may hold, by INCI or chemical name */
    public function substances(): array
    {
        $names = array_keys($this->knownComponents());
        foreach ($this->shipped->rows() as $row) {
            array_push($names, ...array_keys($row['contents']));
        }
        sort($names);

        return array_values(array_unique($names));
    }

    /** @return array<string, mixed> */
    private static function blank(OwnIngredient $own, Kind $kind): array
    {
        $name = $own->word('name');
        $none = array_fill_keys([...self::FIGURES, 'use', 'coverage'], null);

        return [
            ...$none,
            'key' => $own->key, 'name_en' => $name, 'name_fr' => $name, 'aliases' => [],
            'inci' => $own->word('inci') ?: $name, 'kind' => $kind->value, 'spoon_error' => 0.1,
            'water' => $kind->isWatery()
                ? 1.0
                : null, 'phase' => self::phaseOf($kind), 'legal_note' => '', 'charge' => 'none',
            'storage' => 'cool_dark',
            'sfc' => [],
            'allergens' => [],
            'cautions' => [],
            'caution_note' => '',
            'source' => '',
            'components' => [],
            'parts' => [],
            'pieces' => [],
            'traits' => [],
            'limits' => [],
            'contents' => [],
            'oil_polarity' => 1.0,
            'micelles' => 0.0,
            'fatty_acids' => null,
            'wax_strength' => $kind === Kind::WaxOrFattyAlcohol ? 1.0 : null,
            'sources' => [],
        ];
    }

    private static function phaseOf(Kind $kind): string
    {
        return match (true) {
            $kind->isWatery() || $kind === Kind::Humectant || $kind === Kind::ThickenerGum => 'water',
            $kind->isLipid() || $kind === Kind::Emulsifier => 'oil',
            $kind === Kind::DriedBotanical || $kind === Kind::FreshBotanical => 'infusion',
            default => 'cooldown',
        };
    }
}
