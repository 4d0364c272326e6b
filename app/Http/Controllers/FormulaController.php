<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Models\Formula;
use App\Models\FormulaVersion;
use App\Workroom\Bench\BenchPage;
use App\Workroom\Bench\BenchTurn;
use App\Workroom\Bench\Draft;
use App\Workroom\Bench\DraftHistory;
use App\Workroom\Bench\FormulaBook;
use App\Workroom\Bench\Frames;
use App\Workroom\Make\MakeBook;
use App\Workroom\OwnKitchen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Ilvane\Core\Formula\Family;

final class FormulaController
{
    /** Fields that are not part of the formula. */
    private const BESIDE = ['factor', 'container', 'count', 'overrun', 'scarce', 'at_hand'];

    public function __construct(private readonly FormulaBook $book)
    {
    }

    public function begin(Request $request): RedirectResponse
    {
        $family = Family::tryFrom(Typed::text($request, 'family')) ?? Family::LeaveInEmulsion;
        $formula = $this->book->begin(say('ui.bench.untitled', ['family' => mb_strtolower(say('words.family.'.$family->value))]), $family);

        return redirect()->route('bench', $formula);
    }

    public function frames(): View
    {
        return view('shelf.frames', ['families' => Frames::all()]);
    }

    public function fromFrame(string $key, OwnKitchen $kitchen): RedirectResponse
    {
        return redirect()->route('bench', $this->book->put(Draft::fromDocument($kitchen->begun(Frames::documents()[$key] ?? abort(404)))));
    }

    public function bench(Formula $formula): View
    {
        return view('bench.page', ['page' => BenchPage::of($formula, Draft::fromStored($formula->draft), $formula->revision, history: DraftHistory::of($formula))]);
    }

    /** One call at each pause in typing: reads the form, does what was pressed, saves, and answers with the bench anew. */
    public function change(Request $request, Formula $formula, BenchTurn $turn): Response|RedirectResponse
    {
        $isLive = $request->headers->has('X-Live');
        $fields = ['grams' => Typed::text($request, 'to_grams'), ...array_map(static fn (string $field): string => Typed::text($request, $field), array_combine(self::BESIDE, self::BESIDE))];
        $page = $turn->take($formula, $request->all(), Typed::text($request, 'do'), $fields, (int) Typed::text($request, 'revision'), $isLive);
        if ($isLive) {
            return response(view('bench.body', ['page' => $page]), $page->elsewhere === null ? 200 : 409, ['X-Seq' => (string) (int) Typed::text($request, 'seq')]);
        }

        return $page->elsewhere === null ? redirect()->route('bench', $formula) : response(view('bench.page', ['page' => $page]), 409);
    }

    public function keep(Request $request, Formula $formula): RedirectResponse
    {
        $version = $this->book->keep($formula, Draft::fromStored($formula->draft), Typed::text($request, 'note'));

        return redirect()->route('version', [$formula, $version->number])->with('said', say('ui.version.kept', ['number' => $version->number]));
    }

    public function version(Formula $formula, int $number): View
    {
        $version = FormulaVersion::query()->where('formula_id', $formula->id)->where('number', $number)->with('batches')->firstOrFail();

        return view('bench.version', [
            'formula' => $formula, 'version' => $version,
            'page' => BenchPage::of($formula, Draft::fromDocument($version->document), $formula->revision),
        ]);
    }

    /** Puts a kept version back on the bench, as the draft the next one grows from. */
    public function reopen(Formula $formula, int $number): RedirectResponse
    {
        $version = FormulaVersion::query()->where('formula_id', $formula->id)->where('number', $number)->firstOrFail();
        $this->book->save($formula, Draft::fromDocument($version->document), null, did: ['reopened', (string) $number]);

        return redirect()->route('bench', $formula)->with('said', say('ui.version.reopened', ['number' => $number]));
    }

    public function make(Formula $formula, MakeBook $makes): RedirectResponse
    {
        $draft = Draft::fromStored($formula->draft);
        [, $problems] = $draft->formula();
        if ($draft->lines() === [] || $problems !== []) {
            return redirect()->route('bench', $formula)->with('refused', say('ui.make.not_ready'));
        }
        $batch = $makes->start($this->book->keep($formula, $draft));

        return $batch === null
            ? redirect()->route('bench', $formula)->with('refused', say('ui.make.no_total'))
            : redirect()->route('make', $batch);
    }
}
