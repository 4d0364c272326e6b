<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Material\CatalogueSource;
use Ilvane\Core\Material\Folded;
use RuntimeException;

/**
 * The catalogue files of data/, compiled to a PHP array the opcode cache holds: no CSV is parsed in a request.
 *
 * @phpstan-import-type Row from CatalogueSource
 * @phpstan-import-type ActivityRow from CatalogueSource
 * @phpstan-import-type BurdenRow from CatalogueSource
 * @phpstan-import-type SolubilityRow from CatalogueSource
 * @phpstan-import-type LimitRow from CatalogueSource
 * @phpstan-import-type PresetRow from CatalogueSource
 * @phpstan-import-type PreparationRow from CatalogueSource
 * @phpstan-import-type PartRow from CatalogueSource
 * @phpstan-import-type VesselRow from CatalogueSource
 * @phpstan-import-type ContainerRow from CatalogueSource
 *
 * @phpstan-type Cells array<string, string>
 * @phpstan-type Compiled array{
 *   rows: array<string, Row>, names: array<string, string>, containers: array<string, ContainerRow>,
 *   vessels: array<string, VesselRow>, preparations: array<string, PreparationRow>, parts: array<string, PartRow>,
 *   charges: list<array{with: string, above: float, grade: string}>,
 *   constituents: array<string, list<array{string, float, float}>>,
 *   activities: array<string, ActivityRow>, salts: array<string, array{string, float}>,
 *   bioburdens: array<string, BurdenRow>, solubilities: array<string, SolubilityRow>,
 *   choices: array<string, list<string>>, vague: array<string, list<string>>,
 *   unsaid: array<string, list<string>>,
 *   uses: array<string, list<string>>, presets: list<PresetRow>
 * }
 */
final class ShippedCatalogue implements CatalogueSource
{
    /** Raise when the shape of a compiled row changes. */
    private const SHAPE = 20;

    private const FILES = [
        'ingredients',
        'preservative_components',
        'preservative_coverage',
        'blend_components',
        'piece_weights',
        'traits',
        'limits',
        'contents',
        'partition',
        'bioburden',
        'solubility',
        'fatty_acids',
        'wax_gels',
        'preservative_activity',
        'preservative_salts',
        'vague_names',
        'unsaid_kinds',
        'uses',
        'figure_sources',
        'choices',
        'presets',
        'packaging',
        'vessels',
        'preparations',
        'parts',
        'charge_pairs',
        'essential_oil_constituents',
        'plant_constituents',
    ];

    private const SOLID_FAT_AT = [10, 20, 25, 30, 35];

    /** @var Compiled|null */
    private ?array $compiled = null;

    public function __construct(
        private readonly string $dataDirectory,
        private readonly string $compiledFile,
    ) {
    }

    public function rows(): array
    {
        return $this->compiled()['rows'];
    }

    public function names(): array
    {
        return $this->compiled()['names'];
    }

    public function containers(): array
    {
        return $this->compiled()['containers'];
    }

    public function chargePairs(): array
    {
        return $this->compiled()['charges'];
    }

    public function scentConstituents(): array
    {
        return $this->compiled()['constituents'];
    }

    public function vessels(): array
    {
        return $this->compiled()['vessels'];
    }

    public function preparations(): array
    {
        return $this->compiled()['preparations'];
    }

    public function parts(): array
    {
        return $this->compiled()['parts'];
    }

    public function vagueNames(): array
    {
        return $this->compiled()['vague'];
    }

    public function unsaidKinds(): array
    {
        return $this->compiled()['unsaid'];
    }

    public function uses(): array
    {
        return $this->compiled()['uses'];
    }

    public function activities(): array
    {
        return $this->compiled()['activities'];
    }

    public function salts(): array
    {
        return $this->compiled()['salts'];
    }

    public function solubilities(): array
    {
        return $this->compiled()['solubilities'];
    }

    public function bioburdens(): array
    {
        return $this->compiled()['bioburdens'];
    }

    public function choices(): array
    {
        return $this->compiled()['choices'];
    }

    public function presets(): array
    {
        return $this->compiled()['presets'];
    }

    /** @return Compiled */
    private function compiled(): array
    {
        if ($this->compiled === null) {
            $stamp = $this->stamp();
            $held = is_file($this->compiledFile) ? require $this->compiledFile : null;
            if (! is_array($held) || ($held['stamp'] ?? null) !== $stamp) {
                $held = ['stamp' => $stamp, ...$this->compile()];
                $this->write($held);
            }
            /** @var Compiled $held */
            $this->compiled = $held;
        }

        return $this->compiled;
    }

    private function stamp(): string
    {
        $parts = [self::SHAPE];
        foreach (self::FILES as $file) {
            $path = $this->path($file);
            $parts[] = filemtime($path).'/'.filesize($path);
        }

        return implode(' ', $parts);
    }

    /** @param  array<string, mixed>  $held */
    private function write(array $held): void
    {
        $directory = dirname($this->compiledFile);
        if (! is_dir($directory)) {
            mkdir($directory, 0700, true);
        }
        $draft = $this->compiledFile.'.'.getmypid();
        if (@file_put_contents($draft, '<?php return '.var_export($held, true).';') !== false) {
            rename($draft, $this->compiledFile);
            if (function_exists('opcache_invalidate')) {
                @opcache_invalidate($this->compiledFile, true);
            }
        }
    }

    /** @return Compiled */
    private function compile(): array
    {
        $rows = $this->ingredients();

        return [
            'rows' => $rows,
            'names' => self::namesOf($rows),
            'containers' => $this->table('packaging', self::container(...)),
            'vessels' => $this->table('vessels', self::vessel(...)),
            'preparations' => $this->table('preparations', self::preparation(...)),
            'parts' => $this->table('parts', self::part(...), 'makes'),
            'charges' => array_map(self::chargePair(...), $this->csv('charge_pairs')),
            'constituents' => [
                ...$this->grouped('essential_oil_constituents', self::constituent(...)),
                ...$this->grouped('plant_constituents', self::constituent(...)),
            ],
            'choices' => $this->grouped('choices', static fn (array $row): string => $row['key'], 'role'),
            'activities' => $this->table('preservative_activity', self::activity(...), 'inci'),
            'salts' => $this->table(
                'preservative_salts',
                static fn (array $row): array => [$row['acid'], (float) $row['acid_fraction']],
                'salt',
            ),
            'vague' => $this->meanings('vague_names'),
            'unsaid' => $this->meanings('unsaid_kinds'),
            'uses' => $this->grouped('uses', static fn (array $row): string => $row['of'], 'word'),
            'solubilities' => $this->table('solubility', self::solubility(...), 'of'),
            'bioburdens' => $this->table('bioburden', self::burden(...), 'of'),
            'presets' => array_map(self::preset(...), $this->csv('presets')),
        ];
    }

    /** @return array<string, Row> */
    private function ingredients(): array
    {
        $components = $this->grouped('preservative_components', self::component(...));
        $coverage = $this->table('preservative_coverage', static fn (array $row): array => [
            (int) $row['bacteria'], (int) $row['yeast'], (int) $row['mould'],
        ]);
        $parts = $this->shares('blend_components', 'component_inci', 'pct_of_blend');
        $contents = $this->shares('contents', 'substance', 'percent');
        $partition = $this->table('partition', static fn (array $row): array => [
            $row['oil_polarity'] === '' ? 1.0 : (float) $row['oil_polarity'],
            (float) $row['micelles'],
        ]);
        $acids = $this->table('fatty_acids', static fn (array $row): array => [
            (float) $row['oleic_pct'] / 100,
            (float) $row['linoleic_pct'] / 100,
            (float) $row['linolenic_pct'] / 100,
        ]);
        $waxes = $this->table('wax_gels', static fn (array $row): float => (float) $row['strength']);
        $traits = $this->grouped('traits', static fn (array $row): string => $row['trait']);
        $limits = $this->grouped('limits', self::limit(...));
        $sources = [];
        foreach ($this->csv('figure_sources') as $row) {
            $sources[$row['of']][$row['figure']] = $row['source'];
        }
        $pieces = [];
        foreach ($this->csv('piece_weights') as $row) {
            $grams = [(float) $row['grams_low'], (float) $row['grams_likely'], (float) $row['grams_high']];
            $pieces[$row['ingredient']][$row['unit']] = $grams;
        }
        $rows = [];
        foreach ($this->csv('ingredients') as $row) {
            $key = $row['key'];
            $rows[$key] = [
                ...self::ingredient($row),
                'components' => $components[$key] ?? [],
                'coverage' => $coverage[$key] ?? null,
                'parts' => $parts[$key] ?? [],
                'pieces' => $pieces[$key] ?? [],
                'traits' => $traits[$key] ?? [],
                'limits' => $limits[$key] ?? [],
                'contents' => $contents[$key] ?? [],
                'oil_polarity' => $partition[$key][0] ?? 1.0,
                'micelles' => $partition[$key][1] ?? 0.0,
                'fatty_acids' => $acids[$key] ?? null,
                'wax_strength' => $waxes[$key] ?? null,
                'sources' => [...$sources["kind:{$row['kind']}"] ?? [], ...$sources[$key] ?? []],
            ];
        }

        /** @var array<string, Row> $rows */
        return $rows;
    }

    /**
     * Every name and alias, folded; the first ingredient that has it wins, and an INCI name comes after all names.
     *
     * @param  array<string, Row>  $rows
     * @return array<string, string>
     */
    private static function namesOf(array $rows): array
    {
        $names = [];
        foreach ($rows as $key => $row) {
            foreach ([...$row['aliases'], $row['name_en'], $row['name_fr'], ...self::shownAs($row)] as $name) {
                $names[Folded::of($name)] ??= $key;
            }
        }
        foreach ($rows as $key => $row) {
            $names[Folded::of($row['inci'])] ??= $key;
        }

        return $names;
    }

    /**
     * @param  Cells  $row
     * @return array<string, mixed> a Row without what the other tables say
     */
    private static function ingredient(array $row): array
    {
        $use = array_map(self::number(...), [$row['use_min_pct'], $row['use_typ_pct'], $row['use_max_pct']]);
        $solid = [];
        foreach (self::SOLID_FAT_AT as $celsius) {
            if ($row["sfc_$celsius"] !== '') {
                $solid[$celsius] = (float) $row["sfc_$celsius"];
            }
        }

        return [
            'key' => $row['key'], 'name_en' => $row['name_en'], 'name_fr' => $row['name_fr'],
            'aliases' => self::words($row['aliases']), 'inci' => $row['inci'], 'kind' => $row['kind'],
            'density' => self::number($row['density_g_ml']),
            'spoon_density' => self::number($row['spoon_density_g_ml']),
            'spoon_error' => (float) $row['spoon_uncertainty_pct'] / 100,
            'melt_low' => self::number($row['melt_low_c']), 'melt_high' => self::number($row['melt_high_c']),
            'water' => self::number($row['water_fraction']), 'phase' => $row['default_phase'],
            'max_temp' => self::number($row['max_process_temp_c']),
            'use' => in_array(null, $use, true) ? null : $use,
            'rinse_off_max' => self::number($row['rinse_off_max_pct']),
            'legal_max' => self::number($row['legal_max_pct']),
            'legal_note' => $row['legal_note'],
            'ph_min' => self::number($row['ph_min']),
            'ph_max' => self::number($row['ph_max']),
            'charge' => $row['charge'],
            'hlb' => self::number($row['hlb']),
            'required_hlb' => self::number($row['required_hlb']),
            'least_load' => self::number($row['least_load_g_g']),
            'iodine' => self::number($row['iodine_value_typ']), 'pufa' => self::number($row['pufa_pct']),
            'unopened' => self::number($row['shelf_life_months_unopened']),
            'opened' => self::number($row['shelf_life_months_opened']),
            'fresh_days' => self::number($row['fresh_days']),
            'storage' => $row['storage'], 'sfc' => $solid,
            'oil_uptake' => self::number($row['oil_uptake_g_per_g']),
            'water_uptake' => self::number($row['water_uptake_g_per_g']),
            'allergens' => self::words($row['allergen_flags']), 'cautions' => self::words($row['caution_flags']),
            'caution_note' => $row['caution_note'], 'source' => $row['source'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return array{inci: string, low: float, typical: float, high: float, leave_on: ?float, rinse_off: ?float,
     *   as: string, pka: ?float, notes: string, source: string}
     */
    private static function component(array $row): array
    {
        return [
            'inci' => $row['component_inci'],
            'low' => (float) $row['pct_of_blend_low'],
            'typical' => (float) $row['pct_of_blend_typ'],
            'high' => (float) $row['pct_of_blend_high'],
            'leave_on' => self::number($row['eu_annex_v_max_pct_in_product_leave_on']),
            'rinse_off' => self::number($row['rinse_off']),
            'as' => $row['as'],
            'pka' => self::number($row['pka']),
            'notes' => $row['notes'],
            'source' => $row['source'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return LimitRow
     */
    private static function limit(array $row): array
    {
        return [
            'what' => $row['what'], 'min' => self::number($row['min_pct']), 'max' => self::number($row['max_pct']),
            'use' => $row['use'], 'audience' => $row['audience'], 'source' => $row['source'],
            'confidence' => $row['confidence'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return PresetRow
     */
    private static function preset(array $row): array
    {
        return [
            'kind' => $row['kind'], 'words' => self::words($row['words']), 'unless' => self::words($row['unless']),
            'sets' => $row['sets'], 'value' => $row['value'], 'source' => $row['source'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return VesselRow
     */
    private static function vessel(array $row): array
    {
        return [
            'name' => $row['name'], 'volume' => (float) $row['volume_ml'], 'shape' => $row['shape'],
            'diameter' => self::number($row['inner_diameter_mm']), 'wall' => $row['wall'],
            'wall_g' => (float) $row['wall_mass_g'], 'air' => (float) $row['ua_air_w_k'],
            'bath' => self::number($row['ua_bath_w_k']), 'cold' => self::number($row['ua_cold_bath_w_k']),
            'note' => $row['note'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return ContainerRow
     */
    private static function container(array $row): array
    {
        return [
            'name' => $row['name'], 'material' => $row['material'], 'closure' => $row['closure'],
            'volume' => (float) $row['volume_ml'], 'max_fill' => (float) $row['max_fill_temp_c'],
            'headspace' => (float) $row['headspace_pct'] / 100, 'suits' => self::words($row['suits']),
            'note' => $row['notes'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return PreparationRow
     */
    private static function preparation(array $row): array
    {
        return [
            'kind' => $row['kind'], 'ingredient' => $row['ingredient'], 'plants' => self::words($row['plants']),
            'ratio' => self::number($row['plant_to_water_ratio_g_per_g']),
            'minutes_low' => (float) $row['time_min_low'], 'minutes_high' => (float) $row['time_min_high'],
            'celsius' => (float) $row['temp_c'], 'yield' => (float) $row['expected_yield_fraction'],
            'counter_hours' => (float) $row['counter_hours'], 'fridge_days' => (float) $row['fridge_days'],
            'freezer_days' => (float) $row['freezer_days'], 'ph' => self::number($row['typical_ph']),
            'source' => $row['source'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return PartRow
     */
    private static function part(array $row): array
    {
        return [
            'strained' => $row['strained'] === 'yes',
            'oily' => $row['carrier'] === '' ? null : $row['carrier'] === 'oil',
            'preparations' => self::words($row['preparations']),
            'stands_for' => $row['stands_for'] === '' ? null : $row['stands_for'],
            'counter_hours' => self::number($row['counter_hours']),
            'fridge_days' => self::number($row['fridge_days']),
            'freezer_days' => self::number($row['freezer_days']),
            'usual_minutes' => (float) $row['usual_minutes'],
            'left_over' => $row['left_over'] === '' ? null : $row['left_over'],
            'left_fridge_days' => self::number($row['left_fridge_days']),
            'left_freezer_days' => self::number($row['left_freezer_days']),
            'left_uses' => self::words($row['left_uses']),
            'source' => $row['source'],
        ];
    }

    /**
     * @param  Cells  $row
     * @return array{with: string, above: float, grade: string}
     */
    private static function chargePair(array $row): array
    {
        return ['with' => $row['cationic_with'], 'above' => (float) $row['above_pct'], 'grade' => $row['grade']];
    }

    /**
     * @param  Cells  $row
     * @return array{string, float, float}
     */
    private static function constituent(array $row): array
    {
        return [$row['constituent'], (float) $row['typical_pct_low'], (float) $row['typical_pct_high']];
    }

    /**
     * Names as the interface shows them: without what stands in brackets.
     *
     * @param  Row  $row
     * @return list<string>
     */
    private static function shownAs(array $row): array
    {
        $plain = static fn (string $name): string => preg_replace(
            ['/\((and|et)\)/', '/\s*\([^)]*\)/'],
            ['+', ''],
            $name,
        )
            ?? $name;

        return array_map($plain, [$row['name_en'], $row['name_fr']]);
    }

    private static function number(string $cell): ?float
    {
        return $cell === '' ? null : (float) $cell;
    }

    /** @return list<string> */
    private static function words(string $cell): array
    {
        return $cell === '' ? [] : explode('|', $cell);
    }

    /**
     * A file of one row a key.
     *
     * @template T
     *
     * @param  callable(Cells): T  $read
     * @return array<string, T>
     */
    private function table(string $file, callable $read, string $key = 'key'): array
    {
        $table = [];
        foreach ($this->csv($file) as $row) {
            $table[$row[$key]] = $read($row);
        }

        return $table;
    }

    /** @return array<string, list<string>> keys by folded name */
    private function meanings(string $file): array
    {
        $meanings = [];
        foreach ($this->csv($file) as $row) {
            $name = Folded::of($row['name']);
            $meanings[$name] = array_values(array_unique([...$meanings[$name] ?? [], $row['key']]));
        }

        return $meanings;
    }

    /**
     * A file of several rows a key.
     *
     * @template T
     *
     * @param  callable(Cells): T  $read
     * @return array<string, list<T>>
     */
    private function grouped(string $file, callable $read, string $by = 'key'): array
    {
        $groups = [];
        foreach ($this->csv($file) as $row) {
            $groups[$row[$by]][] = $read($row);
        }

        return $groups;
    }

    /**
     * @param  Cells  $row
     * @return SolubilityRow
     */
    private static function solubility(array $row): array
    {
        $of = static fn (string $cell): string|float|null => match (true) {
            $cell === '' => null,
            is_numeric($cell) => (float) $cell,
            default => $cell,
        };

        return ['water' => $of($row['water']), 'oil' => $of($row['oil']), 'alcohol' => $of($row['alcohol'])];
    }

    /**
     * @param  Cells  $row
     * @return BurdenRow
     */
    private static function burden(array $row): array
    {
        return [
            'start' => [(float) $row['start_cfu_g_low'], (float) $row['start_cfu_g'], (float) $row['start_cfu_g_high']],
            'food' => (float) $row['food'],
            'raw' => $row['raw'] === 'yes',
            'ph' => self::number($row['ph']),
        ];
    }

    /**
     * @param  Cells  $row
     * @return ActivityRow the two figures of a partition by their geometric middle
     */
    private static function activity(array $row): array
    {
        $needs = [];
        foreach (['gram_negative', 'gram_positive', 'yeast', 'mould'] as $organism) {
            if ($row["need_{$organism}_ppm"] !== '') {
                $needs[$organism] = (float) $row["need_{$organism}_ppm"];
            }
        }

        return [
            'pka' => $row['pka'] === '' || $row['acts_as'] !== 'undissociated' ? null : (float) $row['pka'],
            'oil' => sqrt((float) $row['k_oil_low'] * (float) $row['k_oil_high']),
            'micelle' => (float) $row['k_micelle_ml_g'],
            'most_free' => $row['most_free_ppm'] === '' ? null : (float) $row['most_free_ppm'],
            'needs' => $needs,
            'is_boosted' => $row['is_boosted'] === '1',
            'boost' => (float) $row['boost'],
            'boost_full' => (float) ($row['boost_full_at_ppm'] ?: 1),
            'chelation' => (float) $row['chelation'],
            'chelation_full' => (float) ($row['chelation_full_at_pct'] ?: 1),
        ];
    }

    /** @return array<string, array<string, float>> fraction by name, by ingredient key */
    private function shares(string $file, string $name, string $percent): array
    {
        $shares = [];
        foreach ($this->csv($file) as $row) {
            $shares[$row['key']][$row[$name]] = (float) $row[$percent] / 100;
        }

        return $shares;
    }

    /** @return list<Cells> */
    private function csv(string $file): array
    {
        $handle = fopen($this->path($file), 'r') ?: throw new RuntimeException("data/$file.csv is missing.");
        $head = fgetcsv($handle, escape: '');
        $rows = [];
        while (is_array($head) && ($cells = fgetcsv($handle, escape: '')) !== false) {
            $rows[] = array_combine(array_map(strval(...), $head), array_map(strval(...), $cells));
        }
        fclose($handle);

        return $rows;
    }

    private function path(string $file): string
    {
        return $this->dataDirectory.'/'.$file.'.csv';
    }
}
