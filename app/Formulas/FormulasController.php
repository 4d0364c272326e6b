<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Ground\OwnKitchen;
use App\Ground\Typed;
use App\Models\Formula;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Formula\Family;

/** The formulas, and the ways to start one. */
final readonly class FormulasController
{
    private const PER_PAGE = 24;

    public function __construct(private FormulaBook $book, private ReadyMade $readyMade)
    {
    }

    public function all(FormulaCards $cards): View
    {
        $page = Formula::query()->orderByDesc('updated_at')->simplePaginate(self::PER_PAGE);

        return view('formulas.all', ['formulas' => array_map($cards->formula(...), $page->items()), 'page' => $page]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $family = Family::tryFrom(Typed::text($request, 'family')) ?? Family::LeaveInEmulsion;
        $formula = $this->book->begin(
            say('ui.bench.untitled', ['family' => mb_strtolower(say('words.family.'.$family->value))]),
            $family,
        );

        return redirect()->route('bench', $formula);
    }

    public function readyMade(): View
    {
        return view('formulas.ready-made', ['families' => $this->readyMade->all()]);
    }

    public function takeReadyMade(string $key, OwnKitchen $kitchen): RedirectResponse
    {
        return redirect()->route(
            'bench',
            $this->book->put(Draft::fromDocument($kitchen->begun(ReadyMade::documents()[$key] ?? abort(404)))),
        );
    }
}
