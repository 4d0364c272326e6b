<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\Typed;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Substitutes;

/** Comparing, substituting and letting the bench propose. Everything taken can be undone on the bench. */
final class DesignController
{
    public function __construct(
        private readonly FormulaBook $book,
        private readonly SuggestPageFactory $suggestPages,
        private readonly WishesFactory $wishFactory,
        private readonly SubstitutePageFactory $substitutePages,
        private readonly ComparePageFactory $comparePages,
    ) {
    }

    public function suggest(Request $request, Formula $formula): View
    {
        return view('suggestions.suggest', ['page' => $this->suggestPages->of($formula, self::wish($request))]);
    }

    public function take(Request $request, Formula $formula): RedirectResponse
    {
        $wish = self::wish($request);
        if ((int) Typed::text($request, 'revision') !== $formula->revision) {
            return redirect()
                ->route('suggest', ['formula' => $formula, ...$wish])
                ->with('refused', say('suggestions.changed_since'));
        }
        $fix = $this->wishFactory->about($formula)->grant($wish)?->fix;
        if ($fix !== null) {
            $this->book->save($formula, Draft::fromStored($formula->draft)->patched($fix->patch), ['proposed', '']);
        }

        return redirect()->route('bench', $formula);
    }

    public function substitute(Formula $formula, string $line): View
    {
        return view('suggestions.substitute', ['page' => $this->substitutePages->of($formula, $line) ?? abort(404)]);
    }

    public function swap(Request $request, Formula $formula, string $line, Catalogue $catalogue): RedirectResponse
    {
        $at = array_search($line, array_column(Draft::fromStored($formula->draft)->lines(), 'key'), true);
        $with = Typed::text($request, 'with', 80);
        if ($at === false || ! $catalogue->has($with)) {
            abort(404);
        }
        if ((int) Typed::text($request, 'revision') !== $formula->revision) {
            return redirect()
                ->route('substitute', [$formula, $line])
                ->with('refused', say('suggestions.changed_since'));
        }
        $fix = (new Substitutes($catalogue))->swap(
            $this->wishFactory->about($formula)->it->composition->lines[$at],
            $catalogue->get($with),
        );
        $this->book->save($formula, Draft::fromStored($formula->draft)->patched($fix->patch), ['swapped', $with]);

        return redirect()->route('bench', $formula);
    }

    public function compare(Request $request, Formula $formula): View
    {
        return view(
            'suggestions.compare',
            ['page' => $this->comparePages->of(
                $formula,
                Typed::text($request, 'a', 20),
                Typed::text($request, 'b', 20),
            )],
        );
    }

    public function trial(Formula $formula, int $number): RedirectResponse
    {
        $version = FormulaVersion::query()->where('formula_id', $formula->id)->where('number', $number)->firstOrFail();

        return redirect()
            ->route('bench', Trial::begin($this->book, $version))
            ->with('said', say('suggestions.trial.begun'));
    }

    /** @return array{wish: string, feel: string, celsius: string, by: string, without: list<string>, offer: string} */
    private static function wish(Request $request): array
    {
        $without = $request->input('without');

        return [
            'wish' => Typed::text($request, 'wish', 20),
            'feel' => Typed::text($request, 'feel', 20),
            'celsius' => Typed::text($request, 'celsius', 10) ?: '20',
            'by' => Typed::text($request, 'by', 10) ?: '20',
            'without' => is_array($without)
                ? array_values(array_filter($without, is_string(...)))
                : [], 'offer' => Typed::text($request, 'offer', 60),
        ];
    }
}
