<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Bulk;

/**
 * The ingredients, found by key, by name or alias, or by the beginning of a word.
 *
 * @phpstan-import-type Row from CatalogueSource
 * @phpstan-import-type ActivityRow from CatalogueSource
 */
final class Catalogue
{
    /** @var array<string, Row> */
    private readonly array $rows;

    /** @var array<string, string> */
    private readonly array $names;

    /** @var array<string, Container> */
    private readonly array $containers;

    /** @var array<string, PreparationMethod> */
    private readonly array $preparations;

    /** @var array<string, Material> */
    private array $built = [];

    public function __construct(private readonly CatalogueSource $source)
    {
        $this->rows = $source->rows();
        $this->names = $source->names();
        foreach ($source->containers() as $key => $row) {
            $containers[$key] = new Container(
                $key,
                $row['name'],
                $row['material'],
                $row['closure'],
                $row['volume'],
                $row['max_fill'],
                $row['headspace'],
                $row['suits'],
                $row['note'],
            );
        }
        $this->containers = $containers ?? [];
        foreach ($source->preparations() as $key => $row) {
            $preparations[$key] = new PreparationMethod(
                $key,
                $row['kind'],
                $row['ingredient'],
                $row['plants'],
                $row['ratio'],
                $row['minutes_low'],
                $row['minutes_high'],
                $row['celsius'],
                $row['yield'],
                $row['counter_hours'],
                $row['fridge_days'],
                $row['freezer_days'],
                $row['ph'],
                $row['source'],
                $this->bioburden(
                    "preparation:$key",
                    $row['ingredient'],
                    'kind:'.($this->rows[$row['ingredient']]['kind'] ?? ''),
                ),
            );
        }
        $this->preparations = $preparations ?? [];
    }

    public function has(string $key): bool
    {
        return isset($this->rows[$key]);
    }

    /** @throws UnknownMaterial */
    public function get(string $key): Material
    {
        return $this->built[$key] ??= $this->build($this->rows[$key] ?? throw new UnknownMaterial($key));
    }

    /**
     * The ingredient a name or alias stands for exactly, in English or French; null when none or more than a name is
     * meant.
     */
    public function named(string $name): ?Material
    {
        $key = $this->names[Folded::of($name)] ?? null;

        return $key === null ? null : $this->get($key);
    }

    /** @return list<Material> what a name may mean that doesn't say which; none where it says, or means nothing */
    public function meantBy(string $name): array
    {
        return array_map($this->get(...), $this->source->vagueNames()[Folded::of($name)] ?? []);
    }

    /** @return list<string> keys a name may mean that leaves out which kind; none where it doesn't */
    public function kindsUnsaid(string $name): array
    {
        return $this->source->unsaidKinds()[Folded::of($name)] ?? [];
    }

    /** @return array<string, ActivityRow> what preserving substances do and where they go, by INCI name */
    public function activities(): array
    {
        return $this->source->activities();
    }

    /** @return array<string, array{string, float}> the acid of a salt and its share by weight, by the salt's name */
    public function salts(): array
    {
        return $this->source->salts();
    }

    /** @return array<string, string> folded name or alias => ingredient key */
    public function names(): array
    {
        return $this->names;
    }

    /** @return array<string, Vessel> by key, to heat and mix in */
    public function vessels(): array
    {
        $vessels = [];
        foreach ($this->source->vessels() as $key => $row) {
            // what is not made for a bath loses heat to it no faster than to the air
            $vessels[$key] = new Vessel(
                $key,
                $row['name'],
                $row['volume'],
                $row['shape'],
                $row['diameter'],
                $row['wall'],
                $row['wall_g'],
                $row['bath'] ?? $row['air'],
                $row['air'],
                $row['cold'] ?? $row['air'],
                $row['note'],
            );
        }

        return $vessels;
    }

    /** @return array<string, Container> by key */
    public function containers(): array
    {
        return $this->containers;
    }

    /** @return array<string, PreparationMethod> by key */
    public function preparations(): array
    {
        return $this->preparations;
    }

    /**
     * How a plant is made into something of these kinds, the first kind first; null where the table knows no such
     * making.
     *
     * @param  list<string>  $kinds
     */
    public function preparationOf(string $plant, array $kinds): ?PreparationMethod
    {
        foreach ($kinds as $kind) {
            foreach ($this->preparations as $method) {
                if ($method->kind === $kind && in_array($plant, $method->plants, true)) {
                    return $method;
                }
            }
        }

        return null;
    }

    /** @param  string  $makes  as in data/parts.csv */
    public function partDefaults(string $makes): PartDefaults
    {
        $row = $this->source->parts()[$makes] ?? throw new UnknownMaterial($makes);

        return new PartDefaults(
            $row['strained'],
            $row['oily'],
            $row['preparations'],
            $row['stands_for'],
            $row['counter_hours'],
            $row['fridge_days'],
            $row['freezer_days'],
            $row['usual_minutes'],
            $row['source'],
            $row['left_over'] === null ? null : new LeftOver(
                $row['left_over'],
                $row['left_fridge_days'] ?? 0.0,
                $row['left_freezer_days'] ?? 0.0,
                $row['left_uses'],
            ),
        );
    }

    /**
     * @return list<array{with: string, above: float, grade: string}> what clashes with a cationic: "key:…", "kind:…" or
     *   "soap:…", above a percentage of the batch
     */
    public function chargePairs(): array
    {
        return $this->source->chargePairs();
    }

    /** @return list<array{string, float, float}> what a scent oil is made of: name, percent of the oil from and to */
    public function constituentsOf(string $scentOil): array
    {
        return $this->source->scentConstituents()[$scentOil] ?? [];
    }

    /**
     * The ingredients taken for something where the maker named none, the first choice first.
     *
     * @return non-empty-list<Material>
     *
     * @throws UnknownMaterial where the catalogue has none for it
     */
    public function choices(ChoiceRole $role): array
    {
        $choices = array_map($this->get(...), $this->source->choices()[$role->value] ?? []);

        return $choices === [] ? throw new UnknownMaterial($role->value) : $choices;
    }

    public function choice(ChoiceRole $role): Material
    {
        return $this->choices($role)[0];
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->rows);
    }

    /** @return iterable<Material> in catalogue order */
    public function all(): iterable
    {
        foreach (array_keys($this->rows) as $key) {
            yield $this->get($key);
        }
    }

    /**
     * Materials whose names, aliases or INCI hold every word of the search, best first: whole name, then beginning of a
     * name, then of any word, then all that is used for what the words say, then within a word; shorter names before
     * longer.
     *
     * @return list<Material>
     */
    public function search(string $text, int $limit = 8): array
    {
        $wanted = Folded::of($text);
        if ($wanted === '') {
            return [];
        }
        $words = explode(' ', $wanted);
        $rank = [];
        foreach ($this->names as $name => $key) {
            $score = self::score((string) $name, $wanted, $words);
            if ($score !== null && $score < ($rank[$key] ?? INF)) {
                $rank[$key] = $score;
            }
        }
        foreach ($this->usedFor($wanted) as $key) {
            $rank[$key] = min($rank[$key] ?? INF, self::BY_USE + strlen($this->rows[$key]['name_en']));
        }
        asort($rank);

        return array_map($this->get(...), array_slice(array_keys($rank), 0, $limit));
    }

    /** @return list<string> keys of what is used for what a word says, such as "emulsifier" */
    private function usedFor(string $wanted): array
    {
        $keys = [];
        foreach ($this->source->uses() as $word => $meant) {
            if (! in_array($wanted, [Folded::of((string) $word), Folded::of($word).'s'], true)) {
                continue;
            }
            foreach ($meant as $of) {
                [$by, $what] = [...explode(':', $of, 2), ''];
                array_push($keys, ...array_keys(array_filter($this->rows, static fn (array $row): bool => match ($by) {
                    'kind' => $row['kind'] === $what,
                    'charge' => $row['charge'] === $what,
                    default => in_array($what, $row['traits'], true),
                })));
            }
        }

        return $keys;
    }

    private const BY_USE = 300.0;

    private const WITHIN = 500.0;

    /** Letters from which on a part within a word is looked for. */
    private const LONG_ENOUGH = 4;

    /** @param  list<string>  $words */
    private static function score(string $name, string $wanted, array $words): ?float
    {
        $padded = ' '.$name;
        $isWithin = false;
        foreach ($words as $word) {
            if (str_contains($padded, ' '.$word)) {
                continue;
            }
            if (strlen($word) < self::LONG_ENOUGH || ! str_contains($name, $word)) {
                return null;
            }
            $isWithin = true;
        }

        return match (true) {
            $isWithin => self::WITHIN,
            $name === $wanted => 0.0,
            str_starts_with($name, $wanted) => 100.0,
            default => 200.0,
        } + strlen($name);
    }

    /** What the first of these has that the table knows. */
    private function bioburden(string ...$of): ?Bioburden
    {
        foreach ($of as $one) {
            $row = $this->source->bioburdens()[$one] ?? null;
            if ($row !== null) {
                return new Bioburden(Band::of(...$row['start']), $row['food'], $row['raw'], $row['ph']);
            }
        }

        return null;
    }

    /** @param  Row  $row */
    private function build(array $row): Material
    {
        return new Material(
            key: $row['key'],
            nameEn: $row['name_en'],
            nameFr: $row['name_fr'],
            aliases: $row['aliases'],
            inci: $row['inci'],
            kind: Kind::from($row['kind']),
            bulk: new Bulk($row['density'], $row['spoon_density'], $row['spoon_error']),
            meltLow: $row['melt_low'],
            meltHigh: $row['melt_high'],
            waterFraction: $row['water'],
            defaultPhase: Phase::from($row['phase']),
            maxProcessTemperature: $row['max_temp'],
            use: $row['use'] === null ? null : new Range(...$row['use']),
            rinseOffMax: $row['rinse_off_max'],
            legalMax: $row['legal_max'],
            legalNote: $row['legal_note'],
            phMin: $row['ph_min'],
            phMax: $row['ph_max'],
            charge: Charge::from($row['charge']),
            hlb: $row['hlb'],
            requiredHlb: $row['required_hlb'],
            iodineValue: $row['iodine'],
            pufaPercent: $row['pufa'],
            unopenedMonths: $row['unopened'],
            openedMonths: $row['opened'],
            storage: $row['storage'],
            solidFat: $row['sfc'],
            oilUptake: $row['oil_uptake'],
            waterUptake: $row['water_uptake'],
            allergens: array_map(Allergen::from(...), $row['allergens']),
            cautions: array_map(Caution::from(...), $row['cautions']),
            cautionNote: $row['caution_note'],
            source: $row['source'],
            preservativeComponents: array_map(
                static fn (array $part): PreservativeComponent => new PreservativeComponent(
                    $part['inci'], $part['low'], $part['typical'], $part['high'], $part['leave_on'], $part['rinse_off'],
                    $part['as'], $part['pka'], $part['notes'], $part['source'],
                ),
                $row['components'],
            ),
            coverage: $row['coverage'] === null ? null : new Coverage(...$row['coverage']),
            blendParts: $row['parts'],
            pieces: array_map(static fn (array $grams): Band => Band::of(...$grams), $row['pieces']),
            leastLoad: $row['least_load'],
            freshDays: $row['fresh_days'],
            traits: array_map(MaterialTrait::from(...), $row['traits']),
            limits: array_map(static fn (array $limit): Limit => new Limit(...$limit), $row['limits']),
            contents: $row['contents'],
            oilPolarity: $row['oil_polarity'],
            micelles: $row['micelles'],
            fattyAcids: $row['fatty_acids'],
            waxStrength: $row['wax_strength'],
            dissolves: $this->source->solubilities()[$row['key']]
                ?? $this->source->solubilities()["kind:{$row['kind']}"]
                ?? Material::DISSOLVES_UNKNOWN,
            bioburden: $this->bioburden($row['key'], "kind:{$row['kind']}"),
            sources: $row['sources'],
        );
    }
}
