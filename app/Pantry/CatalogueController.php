<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Formulas\FormulaBook;
use App\Ground\Typed;
use App\Ground\Wording;
use App\Models\Formula;
use App\Models\Lot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;

final class CatalogueController
{
    private const OFFERED = 8;

    private const OWN_OFFERED = 3;

    private const LONGEST = 80;

    public function __construct(private readonly Wording $wording)
    {
    }

    public function search(Request $request, Catalogue $catalogue, FormulaBook $book): JsonResponse
    {
        $wanted = Typed::text($request, 'q', self::LONGEST);
        if (Typed::text($request, 'of') === 'infusion') {
            return new JsonResponse(array_map(
                $this->entry(...),
                array_slice(
                    array_values(array_filter(
                        $catalogue->search($wanted, 10 * self::OFFERED),
                        self::canBeInfused(...),
                    )),
                    0,
                    self::OFFERED,
                ),
            ));
        }
        $found = $catalogue->search($wanted, self::OFFERED);
        if (Typed::text($request, 'of') === 'any') {
            return new JsonResponse(array_map($this->entry(...), $found));
        }
        $own = $book->named($wanted, (int) Typed::text($request, 'not'), self::OWN_OFFERED);

        return new JsonResponse([...array_map(
            $this->lot(...),
            LotLine::search($wanted, self::OWN_OFFERED),
        ), ...array_map($this->entry(...), $found), ...array_map(static fn (Formula $formula): array => [
            'key' => FormulaBook::KEY.$formula->id,
            'name' => $formula->name,
            'full' => $formula->name,
            'kind' => say('words.kind.own_formula'),
            'phase' => '',
        ], $own)]);
    }

    /** @return array{key: string, name: string, full: string, kind: string, phase: string} */
    private function entry(Material $ingredient): array
    {
        return [
            'key' => $ingredient->key,
            'name' => $this->wording->ingredient($ingredient->key),
            'full' => $ingredient->name(App::getLocale()),
            'kind' => say('words.kind.'.$ingredient->kind->value),
            'phase' => $ingredient->defaultPhase->value,
        ];
    }

    /** @return array{key: string, name: string, full: string, kind: string, phase: string} */
    private function lot(Lot $lot): array
    {
        return [
            'key' => LotLine::KEY.$lot->code,
            'name' => $lot->name,
            'full' => "$lot->name, $lot->code",
            'kind' => LotPage::date($lot, $this->wording),
            'phase' => '',
        ];
    }

    private static function canBeInfused(Material $ingredient): bool
    {
        return $ingredient->kind->isPlant() || $ingredient->kind->takesPlants();
    }
}
