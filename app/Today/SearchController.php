<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Typed;
use App\Ground\Wording;
use App\Pantry\IngredientPage;
use App\Pantry\MaterialFacts;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Material\Catalogue;

/** Finding anything, and what is known of an ingredient. */
final class SearchController
{
    public function search(Request $request, Search $search): View
    {
        $wanted = Typed::text($request, 'q', 80);

        return view('search.page', ['wanted' => $wanted, 'found' => $search->for($wanted)]);
    }

    public function ingredient(
        string $key,
        Catalogue $catalogue,
        Wording $wording,
        MaterialFacts $facts,
    ): View {
        abort_unless($catalogue->has($key), 404);

        return view('search.ingredient', [
            'page' => IngredientPage::of($catalogue->get($key), $wording), 'facts' => $facts,
        ]);
    }
}
