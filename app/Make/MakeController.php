<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Typed;
use App\Instruments\Instruments;
use App\Instruments\OnPractice;
use App\Instruments\OverLine;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Ilvane\Core\Making\OverPour;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

final class MakeController
{
    public function __construct(
        private readonly MakeBook $makes,
        private readonly MakeStateFactory $makeStates,
        private readonly MakePageFactory $makePages,
        private readonly OverpouredFactory $overpoureds,
        private readonly Ahead $ahead,
    ) {
    }

    public function now(Request $request, Batch $batch): RedirectResponse|Response
    {
        return StepAnswer::led($request, $batch, $batch->isMaking()
            ? redirect()->route('make.step', [$batch, $this->makeStates->of($batch->load('entries'))->now()->key])
            : StepAnswer::over($batch));
    }

    public function step(Request $request, Batch $batch, string $step): View|RedirectResponse|Response
    {
        if (! $batch->isMaking()) {
            return StepAnswer::led($request, $batch, StepAnswer::over($batch));
        }
        $state = $this->makeStates->of($batch->load('entries', 'version'));
        $now = $state->plan->step($step) ?? abort(404);
        $gate = $state->shutGateBefore($now);
        if ($gate !== null && $now->kind !== StepKind::Gate) {
            return redirect()->route('make.step', [$batch, $gate->key])->with('refused', say('make.gate_shut'));
        }
        $over = is_numeric(session('over')) ? OverPour::of((float) session('over'), $now->grams, $state->scale) : null;

        return view(
            StepAnswer::isWanted($request) ? 'make.hob' : 'make.step',
            [
                'page' => $this->makePages->of($state, $now),
                'over' => $over === null ? null : $this->overpoureds->of($state, $now, $over),
            ],
        );
    }

    /** The steps that can be gone on with while nobody answers, one page after the other. */
    public function ahead(Batch $batch, string $step): Response
    {
        abort_unless($batch->isMaking(), 404);
        $state = $this->makeStates->of($batch->load('entries', 'version'));
        $pages = array_map(
            fn (Step $next): string => view(
                'make.hob',
                ['page' => $this->makePages->of($state, $next), 'over' => null, 'isAhead' => true],
            )->render(),
            $this->ahead->of($state, $state->plan->step($step) ?? abort(404)),
        );

        return new Response(implode("\n", $pages));
    }

    /** How far it has come, for a page that follows what is told on another device. */
    public function follow(Batch $batch): JsonResponse
    {
        $state = $this->makeStates->of($batch->load('entries'));

        return new JsonResponse([
            'revision' => $batch->isMaking() ? $state->revision() : 0,
            'at' => $batch->isMaking()
                ? route('make.step', [$batch, $state->now()->key], false)
                : route('make', $batch, false),
            'now' => Carbon::now()->getTimestamp(),
        ]);
    }

    /** Ends a make that is not finished. */
    public function drop(Request $request, Batch $batch): RedirectResponse
    {
        $this->makes->drop(
            $batch,
            $request->boolean('used'),
            trim(Typed::text($request, 'reason', 300)) ?: say('make.dropped.no_reason'),
            Typed::key($request),
        );

        return redirect()
            ->route('today')
            ->with('said', say('make.dropped.said', ['code' => $batch->code]))
            ->with('undo', route('make.resume', $batch));
    }

    public function resume(Request $request, Batch $batch): RedirectResponse
    {
        $this->makes->resume($batch, Typed::key($request));

        return redirect()->route('make', $batch);
    }

    /** What the instruments show, for the page that asks once a second. */
    public function reading(Request $request, Batch $batch, string $step, LiveReading $live): JsonResponse
    {
        $state = $this->makeStates->of($batch->load('entries'));
        $seen = $request->input('seen');

        return new JsonResponse($live->at(
            $state,
            $state->plan->step($step) ?? abort(404),
            is_array($seen) ? $seen : [],
            (float) Typed::text($request, 'now', 20),
        ));
    }

    /** Lets the simulated instruments play this make, to practise. */
    public function practise(
        Request $request,
        Batch $batch,
        LiveReading $live,
        Instruments $instruments,
    ): RedirectResponse {
        $state = $this->makeStates->of($batch->load('entries'));
        $isPlaying = $instruments instanceof OverLine
            && OnPractice::begin(
                $instruments,
                $live->rehearse($state),
                max(1, min(120, (int) Typed::text($request, 'pace', 5))),
            );

        return redirect()
            ->route('make.step', [$batch, $state->now()->key])
            ->with('refused', $isPlaying ? say('make.practising') : say('make.no_practice'));
    }
}
