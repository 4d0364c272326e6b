<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Workroom\Wording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Ingredient;

final class CatalogueController
{
    private const OFFERED = 8;

    private const LONGEST = 80;

    public function search(Request $request, Catalogue $catalogue, Wording $wording): JsonResponse
    {
        $found = $catalogue->search(Typed::text($request, 'q', self::LONGEST), self::OFFERED);

        return new JsonResponse(array_map(static fn (Ingredient $ingredient): array => [
            'key' => $ingredient->key,
            'name' => $wording->ingredient($ingredient->key),
            'full' => $ingredient->name(app()->getLocale()),
            'kind' => say('words.kind.'.$ingredient->kind->value),
            'phase' => $ingredient->defaultPhase->value,
        ], $found));
    }
}
