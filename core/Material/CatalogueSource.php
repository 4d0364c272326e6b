<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/**
 * Where the catalogue's rows come from. Rows are plain typed arrays as the reader compiled them, so that a catalogue
 * can be opened without building every ingredient.
 *
 * @phpstan-type PreparationRow array{kind: string, ingredient: string, plants: list<string>, ratio: ?float,
 *   minutes_low: float, minutes_high: float, celsius: float, yield: float, counter_hours: float, fridge_days: float,
 *   freezer_days: float, ph: ?float, source: string}
 * @phpstan-type VesselRow array{name: string, volume: float, shape: string, diameter: ?float, wall: string,
 *   wall_g: float, air: float, bath: ?float, cold: ?float, note: string}
 * @phpstan-type ContainerRow array{name: string, material: string, closure: string, volume: float, max_fill: float,
 *   headspace: float, suits: list<string>, note: string}
 * @phpstan-type PartRow array{strained: bool, oily: ?bool, preparations: list<string>,
 *   stands_for: ?string, counter_hours: ?float,
 *   fridge_days: ?float, freezer_days: ?float, usual_minutes: float, left_over: ?string,
 *   left_fridge_days: ?float, left_freezer_days: ?float, left_uses: list<string>, source: string}
 * @phpstan-type LimitRow array{what: string, min: ?float, max: ?float, use: string, audience: string, source: string,
 *   confidence: string}
 * @phpstan-type PresetRow array{kind: string, words: list<string>, unless: list<string>, sets: string, value: string,
 *   source: string}
 * @phpstan-type Row array{
 *   key: string, name_en: string, name_fr: string, aliases: list<string>, inci: string, kind: string,
 *   density: ?float, spoon_density: ?float, spoon_error: float, melt_low: ?float, melt_high: ?float, water: ?float,
 *   phase: string, max_temp: ?float, use: array{float, float, float}|null, rinse_off_max: ?float, legal_max: ?float,
 *   legal_note: string, ph_min: ?float, ph_max: ?float, charge: string, hlb: ?float, required_hlb: ?float,
 *   least_load: ?float,
 *   iodine: ?float, pufa: ?float, unopened: ?float, opened: ?float, fresh_days: ?float, storage: string,
 *   sfc: array<int, float>,
 *   oil_uptake: ?float, water_uptake: ?float, allergens: list<string>, cautions: list<string>, caution_note: string,
 *   source: string,
 *   components: list<array{inci: string, low: float, typical: float, high: float, leave_on: ?float, rinse_off: ?float,
 *   as: string, pka: ?float, notes: string, source: string}>,
 *   coverage: array{int, int, int}|null, parts: array<string, float>, pieces: array<string, array{float, float,
 *   float}>,
 *   traits: list<string>, limits: list<LimitRow>, contents: array<string, float>,
 *   sources: array<string, string>, oil_polarity: float, micelles: float,
 *   fatty_acids: array{float, float, float}|null, wax_strength: ?float
 * }
 * @phpstan-type BurdenRow array{start: array{float, float, float}, food: float, raw: bool, ph: ?float}
 * @phpstan-type SolubilityRow array{water: string|float|null, oil: string|float|null, alcohol: string|float|null}
 * @phpstan-type ActivityRow array{
 *   pka: ?float, oil: float, micelle: float, most_free: ?float, needs: array<string, float>, is_boosted: bool,
 *   boost: float, boost_full: float, chelation: float, chelation_full: float
 * }
 */
interface CatalogueSource
{
    /** @return array<string, Row> by ingredient key, in catalogue order */
    public function rows(): array;

    /** @return array<string, ContainerRow> by key */
    public function containers(): array;

    /** @return array<string, VesselRow> by key */
    public function vessels(): array;

    /** @return array<string, PreparationRow> by key */
    public function preparations(): array;

    /** @return array<string, PartRow> by what the part makes */
    public function parts(): array;

    /** @return list<array{with: string, above: float, grade: string}> what clashes with a cationic */
    public function chargePairs(): array;

    /**
     * @return array<string, list<array{string, float, float}>> constituents of scent oils, percent from and to, by oil
     *   key
     */
    public function scentConstituents(): array;

    /** @return array<string, list<string>> keys of the ingredients a name may mean, by folded name */
    public function vagueNames(): array;

    /**
     * @return array<string, list<string>> all a name may mean that stands for the first where nothing else is said,
     * by folded name
     */
    public function unsaidKinds(): array;

    /** @return array<string, list<string>> what is meant by a word for a use: kind:, charge: or trait: and its name */
    public function uses(): array;

    /** @return array<string, ActivityRow> by INCI name of the acting form */
    public function activities(): array;

    /** @return array<string, array{string, float}> acid and its share by weight, by INCI name of the salt */
    public function salts(): array;

    /** @return array<string, SolubilityRow> by ingredient key or "kind:…" */
    public function solubilities(): array;

    /** @return array<string, BurdenRow> by ingredient key, "kind:…" or "preparation:…" */
    public function bioburdens(): array;

    /** @return array<string, list<string>> ingredient keys by role, the first choice first */
    public function choices(): array;

    /** @return list<PresetRow> what is assumed of a maker's own ingredient */
    public function presets(): array;

    /** @return array<string, string> folded name or alias => ingredient key */
    public function names(): array;
}
