<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Models\Formula;
use App\Workroom\Bench\FormulaBook;
use App\Workroom\Wording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Ingredient;

final class CatalogueController
{
    private const OFFERED = 8;

    private const OWN_OFFERED = 3;

    private const LONGEST = 80;

    public function search(Request $request, Catalogue $catalogue, FormulaBook $book, Wording $wording): JsonResponse
    {
        $wanted = Typed::text($request, 'q', self::LONGEST);
        $found = $catalogue->search($wanted, self::OFFERED);
        $own = $book->named($wanted, (int) Typed::text($request, 'not'), self::OWN_OFFERED);

        return new JsonResponse([...array_map(static fn (Ingredient $ingredient): array => [
            'key' => $ingredient->key,
            'name' => $wording->ingredient($ingredient->key),
            'full' => $ingredient->name(app()->getLocale()),
            'kind' => say('words.kind.'.$ingredient->kind->value),
            'phase' => $ingredient->defaultPhase->value,
        ], $found), ...array_map(static fn (Formula $formula): array => [
            'key' => FormulaBook::KEY.$formula->id, 'name' => $formula->name, 'full' => $formula->name, 'kind' => say('words.kind.own_formula'), 'phase' => '',
        ], $own)]);
    }
}
