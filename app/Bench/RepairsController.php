<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\Typed;
use App\Models\Formula;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Formula\FormulaDocument;

/** Whole repaired versions of a formula; one that is taken is a new draft, the old one stays as it is. */
final class RepairsController
{
    public function __construct(private readonly RepairsPageFactory $repairs, private readonly FormulaBook $book)
    {
    }

    public function show(Formula $formula): View
    {
        return view('suggestions.repairs', ['page' => $this->repairs->of($formula)]);
    }

    public function take(Request $request, Formula $formula): RedirectResponse
    {
        $kind = Typed::text($request, 'kind', 20);
        $document = $this->repairs->document($formula, $kind);
        if ($document === null) {
            return redirect()->route('repairs', $formula)->with('refused', say('suggestions.changed_since'));
        }
        $name = mb_substr($formula->name, 0, FormulaDocument::MAX_NAME - 30);
        $taken = $this->book->put(Draft::fromDocument([
            ...$document,
            'name' => say("suggestions.repairs.called.$kind", ['name' => $name]),
        ]));

        return redirect()->route('bench', $taken)->with('said', say('suggestions.repairs.taken', ['name' => $name]));
    }
}
