<?php

declare(strict_types=1);

namespace App\Simulation;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Formulas\FormulaBook;
use App\Ground\Typed;
use App\Models\Formula;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Ilvane\Core\Evaluation\Evaluator;

final class SimulationController
{
    public function __construct(
        private readonly DraftReader $draftReader,
        private readonly SimulationPageFactory $simulationPages,
        private readonly SetOutFactory $setOuts,
    ) {
    }

    public function show(Request $request, Formula $formula): View
    {
        return view(
            'simulation.page',
            ['page' => $this->simulationPages->of($formula, Typed::text($request, 'beside', 30))],
        );
    }

    /** Keeps the plan as typed; what can't be read is pointed at, and nothing is kept before it can. */
    public function plan(Request $request, Formula $formula, FormulaBook $book): RedirectResponse|Response
    {
        $do = Typed::text($request, 'do', 30);
        $form = ProcessForm::typed($request->all(), $do === 'add' ? 'add:'.Typed::text($request, 'adding', 20) : $do);
        if ($form->problems !== []) {
            return response(
                view('simulation.page', ['page' => $this->simulationPages->of($formula, typed: $form)]),
                422,
            );
        }
        $book->save($formula, Draft::fromStored($formula->draft)->withProcess($form->process()), ['process', '']);

        return redirect()->to(route('simulation', $formula).'#plan');
    }

    public function setOut(Formula $formula, Evaluator $evaluator): View
    {
        [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));

        return view(
            'simulation.set-out',
            ['formula' => $formula, 'setOut' => $this->setOuts->of($evaluator->assess($read))],
        );
    }
}
