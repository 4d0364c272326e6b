<?php

declare(strict_types=1);

namespace App\Workroom;

use App\Models\OwnIngredient;
use Illuminate\Database\QueryException;
use Ilvane\Core\Catalogue\CatalogueSource;
use Ilvane\Core\Catalogue\Folded;
use Ilvane\Core\Catalogue\Kind;

/**
 * The shipped catalogue with the maker's own ingredients and corrections laid over it. What was finished before keeps its
 * figures: it is never computed again.
 *
 * @phpstan-import-type Row from CatalogueSource
 */
final class OwnCatalogue implements CatalogueSource
{
    /** Figures a maker may set, by their place in a row; null where not known. */
    public const FIGURES = ['density', 'water', 'melt_low', 'melt_high', 'max_temp', 'use_low', 'use_high', 'legal_max', 'ph_min', 'ph_max', 'hlb', 'iodine', 'unopened', 'opened'];

    /** @var array<string, Row>|null */
    private ?array $rows = null;

    /** @var array<string, string>|null */
    private ?array $names = null;

    public function __construct(private readonly CatalogueSource $shipped)
    {
    }

    public function rows(): array
    {
        return $this->rows ??= $this->laidOver();
    }

    public function names(): array
    {
        if ($this->names === null) {
            $names = $this->shipped->names();
            foreach (self::own() as $own) {
                if ($own->is_own) {
                    $names[Folded::of(self::word($own, 'name'))] ??= $own->key;
                }
            }
            $this->names = $names;
        }

        return $this->names;
    }

    public function containers(): array
    {
        return $this->shipped->containers();
    }

    public function vessels(): array
    {
        return $this->shipped->vessels();
    }

    public function preparations(): array
    {
        return $this->shipped->preparations();
    }

    public function chargePairs(): array
    {
        return $this->shipped->chargePairs();
    }

    public function scentConstituents(): array
    {
        return $this->shipped->scentConstituents();
    }

    /** @return array<string, Row> */
    private function laidOver(): array
    {
        $rows = $this->shipped->rows();
        foreach (self::own() as $own) {
            $row = $own->is_own ? self::blank($own) : $rows[$own->key] ?? null;
            if ($row !== null) {
                $rows[$own->key] = self::with($row, $own);
            }
        }

        return $rows;
    }

    /** @return list<OwnIngredient> none for a command run beside no workroom */
    private static function own(): array
    {
        try {
            return array_values(OwnIngredient::query()->orderBy('key')->get()->all());
        } catch (QueryException) {
            return [];
        }
    }

    /**
     * @param  Row  $row
     * @return Row
     */
    private static function with(array $row, OwnIngredient $own): array
    {
        $figure = static fn (string $name): ?float => is_numeric($own->fields[$name] ?? null) ? (float) $own->fields[$name] : null;
        foreach (['density', 'water', 'melt_low', 'melt_high', 'max_temp', 'legal_max', 'ph_min', 'ph_max', 'hlb', 'iodine', 'unopened', 'opened'] as $name) {
            $row[$name] = $figure($name) ?? $row[$name];
        }
        $low = $figure('use_low') ?? $row['use'][0] ?? 0.0;
        $high = $figure('use_high') ?? $row['use'][2] ?? null;
        $row['use'] = $high === null ? $row['use'] : [min($low, $high), max(min($low, $high), min($row['use'][1] ?? ($low + $high) / 2, $high)), $high];
        $row['source'] = say('own.source', ['source' => self::word($own, 'source')]);

        return $row;
    }

    /** @return Row */
    private static function blank(OwnIngredient $own): array
    {
        $name = self::word($own, 'name');
        $kind = Kind::tryFrom(self::word($own, 'kind')) ?? Kind::Active;

        return [
            'key' => $own->key, 'name_en' => $name, 'name_fr' => $name, 'aliases' => [], 'inci' => self::word($own, 'inci') ?: $name, 'kind' => $kind->value,
            'density' => null, 'spoon_density' => null, 'spoon_error' => 0.1, 'melt_low' => null, 'melt_high' => null, 'water' => $kind->isWatery() ? 1.0 : null,
            'phase' => match (true) {
                $kind->isWatery() || $kind === Kind::Humectant || $kind === Kind::ThickenerGum => 'water',
                $kind->isLipid() || $kind === Kind::Emulsifier => 'oil',
                $kind === Kind::DriedBotanical || $kind === Kind::FreshBotanical => 'infusion',
                default => 'cooldown',
            },
            'max_temp' => null, 'use' => null, 'rinse_off_max' => null, 'legal_max' => null, 'legal_note' => '', 'ph_min' => null, 'ph_max' => null, 'charge' => 'none', 'hlb' => null, 'required_hlb' => null,
            'iodine' => null, 'pufa' => null, 'unopened' => null, 'opened' => null, 'storage' => 'cool_dark', 'sfc' => [], 'oil_uptake' => null, 'water_uptake' => null,
            'allergens' => array_values(array_filter(is_array($own->fields['allergens'] ?? null) ? $own->fields['allergens'] : [], is_string(...))), 'cautions' => [], 'caution_note' => '', 'source' => '',
            'components' => [], 'coverage' => null, 'parts' => [], 'pieces' => [],
        ];
    }

    private static function word(OwnIngredient $own, string $name): string
    {
        return is_string($own->fields[$name] ?? null) ? $own->fields[$name] : '';
    }
}
