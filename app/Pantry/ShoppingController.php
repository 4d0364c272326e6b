<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Refused;
use App\Ground\Typed;
use App\Models\Formula;
use App\Models\PlannedBatch;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is to be made, and what has to be bought for it. */
final class ShoppingController
{
    public function show(ShoppingPage $page): View
    {
        return view('pantry.shopping', $page->of());
    }

    public function add(Request $request): RedirectResponse
    {
        $formula = Formula::query()->find((int) Typed::text(
            $request,
            'formula',
            12,
        )) ?? throw Refused::noFormula('formula');
        $grams = Typed::grams($request, 'grams');
        $grams > 0 ?: throw Refused::noGrams('grams');
        PlannedBatch::query()->updateOrCreate(['formula_id' => $formula->id], ['grams' => $grams]);

        return redirect()->route('shopping');
    }

    public function drop(PlannedBatch $plan): RedirectResponse
    {
        $plan->delete();

        return redirect()->route('shopping');
    }
}
