<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\Refused;
use App\Ground\Typed;
use App\Models\Formula;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** By eye: what is poured onto the scale becomes a line of the formula. */
final class PourController
{
    public function __construct(private readonly FormulaBook $book, private readonly Pour $pour)
    {
    }

    public function show(Formula $formula): View
    {
        return view('bench.pour', ['page' => $this->pour->page($formula)]);
    }

    public function pour(Request $request, Formula $formula): RedirectResponse
    {
        $back = redirect()->route('pour', $formula);
        try {
            [$draft, $said] = $this->pour->poured(
                Draft::fromStored($formula->draft),
                Typed::text($request, 'of', 80),
                trim(Typed::text($request, 'other', 120)),
                Typed::text($request, 'scale', 20),
                $request->boolean('tared'),
            );
        } catch (Refused $refused) {
            return $back->withInput()->withErrors([$refused->field => $refused->said()]);
        }
        $this->book->save($formula, $draft, ['poured', $said]);

        return $back->with('said', say('ui.pour.done', ['what' => $said]));
    }
}
