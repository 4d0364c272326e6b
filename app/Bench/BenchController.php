<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Formulas\FormulaBook;
use App\Ground\Drafts\DraftHistory;
use App\Ground\Drafts\DraftTurn;
use App\Ground\Typed;
use App\Make\Despite;
use App\Make\MakeBook;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Ilvane\Core\Evaluation\Evaluator;

final class BenchController
{
    /** Fields that are not part of the formula. */
    private const BESIDE = ['factor', 'container', 'count', 'overrun', 'scarce', 'at_hand'];

    public function __construct(
        private readonly FormulaBook $book,
        private readonly DraftReader $draftReader,
        private readonly BenchPageFactory $benchPages,
    ) {
    }

    public function bench(Formula $formula): View
    {
        return view(
            'bench.page',
            ['page' => $this->benchPages->of(
                $formula,
                Draft::fromStored($formula->draft),
                $formula->revision,
                history: DraftHistory::of($formula),
            )],
        );
    }

    /**
     * One call at each pause in typing: takes what was typed, does what was pressed, saves, and answers with the bench
     * as it stands.
     */
    public function change(Request $request, Formula $formula, BenchTurn $turns): Response|RedirectResponse
    {
        $turn = DraftTurn::of($request);
        $wasDone = $turn->isDone(DraftHistory::of($formula));
        $fields = ['grams' => Typed::text($request, 'to_grams')];
        foreach (self::BESIDE as $field) {
            $fields[$field] = Typed::text($request, $field);
        }
        $page = $turns->take($formula, $turn, $fields);
        $status = $page->elsewhere === null ? 200 : 409;
        if ($turn->isLive) {
            return response(
                view('bench.body', ['page' => $page]),
                $status,
                ['X-Revision' => (string) $page->revision, 'X-Done-Before' => $wasDone ? '1' : '0'],
            );
        }

        return $page->elsewhere === null
            ? redirect()->route('bench', $formula)->with('refused', $page->refused === '' ? null : $page->refused)
            : response(view('bench.page', ['page' => $page]), $status);
    }

    /** The second answer of a turn: the notes once more, with every offer tried. */
    public function notes(Formula $formula): Response
    {
        $page = $this->benchPages->of($formula, Draft::fromStored($formula->draft), $formula->revision);

        return response(view('bench.notes', ['page' => $page]), headers: ['X-Revision' => (string) $formula->revision]);
    }

    /** The maker stays where the making begins. */
    public function keep(Request $request, Formula $formula): RedirectResponse
    {
        $version = $this->book->keep($formula, Draft::fromStored($formula->draft), Typed::text($request, 'note'));

        return redirect()
            ->route('bench', $formula)
            ->with('said', say('ui.version.kept', ['number' => $version->number]));
    }

    public function version(Formula $formula, int $number): View
    {
        $version = FormulaVersion::query()
            ->where('formula_id', $formula->id)
            ->where('number', $number)
            ->with('batches')
            ->firstOrFail();

        return view('bench.version', [
            'formula' => $formula, 'version' => $version,
            'page' => $this->benchPages->of($formula, Draft::fromDocument($version->document), $formula->revision),
        ]);
    }

    /** Puts a kept version back on the bench, as the draft the next one grows from. */
    public function reopen(Formula $formula, int $number): RedirectResponse
    {
        $version = FormulaVersion::query()->where('formula_id', $formula->id)->where('number', $number)->firstOrFail();
        $this->book->save($formula, Draft::fromDocument($version->document), ['reopened', (string) $number]);

        return redirect()->route('bench', $formula)->with('said', say('ui.version.reopened', ['number' => $number]));
    }

    /**
     * What nobody can weigh is not made; what something stands against is made only with a reason, which goes along.
     */
    public function make(
        Request $request,
        Formula $formula,
        MakeBook $makes,
        Evaluator $evaluator,
        Despite $despite,
    ): RedirectResponse {
        $draft = Draft::fromStored($formula->draft);
        [$read, $problems] = $this->draftReader->read($draft);
        $evaluation = $evaluator->evaluate($read, madeOn: Carbon::now()->toDateTimeImmutable());
        $back = redirect()->route('bench', $formula);
        if ($draft->lines() === [] || $problems !== [] || $evaluation->unknowns() !== []) {
            return $back->with('refused', say('ui.make.not_ready'));
        }
        $reason = trim(Typed::text($request, 'reason', 300));
        if ($evaluation->stops() !== [] && $reason === '') {
            return $back->with('refused', trans_choice('ui.make.stops', count($evaluation->stops())));
        }
        $batch = $makes->start($this->book->keep($formula, $draft), despite: $despite->of($evaluation, $reason));

        return $batch === null
            ? $back->with('refused', say('ui.make.no_total'))
            : redirect()->route('make', $batch);
    }
}
