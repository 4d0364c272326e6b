<?php

declare(strict_types=1);

namespace App\Ground;

use App\Models\OwnIngredient;
use Ilvane\Core\Material\CatalogueSource;
use Ilvane\Core\Material\Folded;
use Ilvane\Core\Material\InciNames;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Microbiology\BoughtBase;

/**
 * What the ingredient list printed on a bought base says of it: what stands on the label, allergens, charge, and
 * whether a preservative is named. Names the catalogue doesn't know stay on the label and say nothing.
 *
 * @phpstan-import-type Row from CatalogueSource
 */
final class BaseList
{
    /** What clashes; a base with both says nothing of its own. */
    private const CHARGES = ['cationic', 'anionic'];

    private const IN_WATER = [' (and) Aqua', 'Aqua (and) '];

    /** @var array<string, Row>|null by folded name, read once for all bases */
    private ?array $byInci = null;

    /** @var array<string, true>|null by folded name */
    private ?array $preservatives = null;

    public function __construct(private readonly CatalogueSource $shipped)
    {
    }

    /**
     * @param  array<string, mixed>  $row  of the catalogue, so far
     * @return array<string, mixed>
     */
    public function read(OwnIngredient $own, array $row): array
    {
        $names = InciNames::read($own->word('list'));
        $water = $own->figure('water') ?? BoughtBase::WATER;
        $known = $this->known($names);
        $charges = array_values(array_intersect(self::CHARGES, array_column($known, 'charge')));
        $allergens = array_merge($own->words('allergens'), ...array_column(array_values($known), 'allergens'));
        $traits = is_array($row['traits']) ? $row['traits'] : [];

        return [
            ...$row,
            'water' => $water,
            'inci' => $names === [] ? $row['inci'] : implode(' (and) ', $names),
            'parts' => $names === [] ? [] : InciNames::shares($names, $water),
            'charge' => count($charges) === 1 ? $charges[0] : 'none',
            'allergens' => array_values(array_unique($allergens)),
            'traits' => $this->preservatives($names) !== []
                ? [...$traits, MaterialTrait::PreservesItself->value]
                : $traits,
        ];
    }

    /**
     * @param  list<string>  $names
     * @return array<string, Row> by name, where the catalogue has that one thing by itself or in water
     */
    public function known(array $names): array
    {
        if ($this->byInci === null) {
            $this->byInci = [];
            foreach ($this->shipped->rows() as $row) {
                // a solution in water is what is dissolved in it
                $this->byInci[Folded::of(str_replace(self::IN_WATER, '', $row['inci']))] ??= $row;
            }
        }
        $known = [];
        foreach ($names as $name) {
            $row = $this->byInci[Folded::of($name)] ?? null;
            if ($row !== null) {
                $known[$name] = $row;
            }
        }

        return $known;
    }

    /**
     * Those the law knows as preservatives; not what helps them, or what they are dissolved in.
     *
     * @param  list<string>  $names
     * @return list<string>
     */
    public function preservatives(array $names): array
    {
        if ($this->preservatives === null) {
            $this->preservatives = [];
            foreach ($this->shipped->rows() as $row) {
                foreach ($row['kind'] === Kind::Preservative->value ? $row['components'] : [] as $one) {
                    if ($one['leave_on'] !== null || $one['rinse_off'] !== null) {
                        $this->preservatives[Folded::of($one['inci'])] = true;
                    }
                }
            }
        }

        return array_values(array_filter(
            $names,
            fn (string $name): bool => isset($this->preservatives[Folded::of($name)]),
        ));
    }
}
