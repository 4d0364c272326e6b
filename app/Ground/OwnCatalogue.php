<?php

declare(strict_types=1);

namespace App\Ground;

use App\Models\OwnIngredient;
use Illuminate\Database\QueryException;
use Ilvane\Core\Material\CatalogueSource;
use Ilvane\Core\Material\Folded;

/**
 * The shipped catalogue with the maker's own ingredients and corrections laid over it. What was finished before keeps
 * its
 * figures: it is never computed again.
 *
 * @phpstan-import-type Row from CatalogueSource
 */
final class OwnCatalogue implements CatalogueSource
{
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
                    $names[Folded::of($own->word('name'))] ??= $own->key;
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

    public function solubilities(): array
    {
        return $this->shipped->solubilities();
    }

    public function bioburdens(): array
    {
        return $this->shipped->bioburdens();
    }

    public function vessels(): array
    {
        return $this->shipped->vessels();
    }

    public function preparations(): array
    {
        return $this->shipped->preparations();
    }

    public function parts(): array
    {
        return $this->shipped->parts();
    }

    public function chargePairs(): array
    {
        return $this->shipped->chargePairs();
    }

    public function scentConstituents(): array
    {
        return $this->shipped->scentConstituents();
    }

    public function unsaidKinds(): array
    {
        return $this->shipped->unsaidKinds();
    }

    public function uses(): array
    {
        return $this->shipped->uses();
    }

    public function vagueNames(): array
    {
        return $this->shipped->vagueNames();
    }

    public function activities(): array
    {
        return $this->shipped->activities();
    }

    public function salts(): array
    {
        return $this->shipped->salts();
    }

    public function choices(): array
    {
        return $this->shipped->choices();
    }

    public function presets(): array
    {
        return $this->shipped->presets();
    }

    /** @return array<string, Row> */
    private function laidOver(): array
    {
        $rows = $this->shipped->rows();
        $own = self::own();
        $maker = $own === [] ? null : new OwnRow($this->shipped);
        foreach ($own as $one) {
            $row = $one->is_own
                ? $maker?->ofOwn($one)
                : (isset($rows[$one->key]) ? $maker?->corrected($rows[$one->key], $one) : null);
            if ($row !== null) {
                $rows[$one->key] = $row;
            }
        }

        foreach (OwnPieces::over([]) as $key => $pieces) {
            if (isset($rows[$key])) {
                $rows[$key]['pieces'] = [...$rows[$key]['pieces'], ...$pieces];
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
}
