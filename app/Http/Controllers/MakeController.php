<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StepEntry;
use App\Http\Typed;
use App\Instruments\Instruments;
use App\Instruments\OverLine;
use App\Instruments\Practice;
use App\Models\Batch;
use App\Workroom\Make\LiveReading;
use App\Workroom\Make\MakeBook;
use App\Workroom\Make\MakePage;
use App\Workroom\Make\MakeState;
use App\Workroom\Make\Overpoured;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Process\OverPour;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Yielding\BatchYield;

final class MakeController
{
    public function __construct(private readonly MakeBook $makes)
    {
    }

    public function now(Batch $batch): RedirectResponse
    {
        return $batch->isMaking()
            ? redirect()->route('make.step', [$batch, MakeState::of($batch->load('entries'))->now()->key])
            : redirect()->route('batch', $batch);
    }

    public function step(Batch $batch, string $step): View|RedirectResponse
    {
        if (! $batch->isMaking()) {
            return redirect()->route('batch', $batch);
        }
        $state = MakeState::of($batch->load('entries', 'version'));
        $now = $state->plan->step($step) ?? abort(404);
        $gate = $state->shutGateBefore($now);
        if ($gate !== null && $now->kind !== StepKind::Gate) {
            return redirect()->route('make.step', [$batch, $gate->key])->with('refused', say('make.gate_shut'));
        }
        $this->makes->moveTo($batch, $now->key);

        $over = is_numeric(session('over')) ? OverPour::of((float) session('over'), $now->grams, $state->scale) : null;

        return view('make.step', ['page' => MakePage::of($state, $now), 'over' => $over === null ? null : Overpoured::of($state, $now, $over)]);
    }

    public function record(StepEntry $request, Batch $batch, string $step): RedirectResponse
    {
        // the page keeps what was told until it hears that it has arrived
        $request->session()->flash('answered', $request->clientKey());
        $state = MakeState::of($batch->load('entries'));
        $now = $state->plan->step($step) ?? abort(404);
        $gate = $state->shutGateBefore($now);
        if ($gate !== null) {
            return redirect()->route('make.step', [$batch, $gate->key])->with('refused', say('make.gate_shut'));
        }
        if (Typed::text($request, 'do') === 'timer' && $now->seconds !== null) {
            $this->makes->record($batch, ['step' => $now->key, 'kind' => 'timer', 'value' => $now->seconds], $request->clientKey().'-timer');

            return redirect()->route('make.step', [$batch, $now->key]);
        }
        if ($now->kind === StepKind::Fill && $batch->isMaking()) {
            return $this->fill($request, $batch, $state, $now);
        }
        $over = $now->kind === StepKind::Weigh ? OverPour::of($request->decimal('weight') ?? 0.0, $now->grams, $state->scale) : null;
        $way = Typed::text($request, 'do');
        if ($over !== null && ! in_array($way, ['accept', 'rescale'], true)) {
            return redirect()->route('make.step', [$batch, $now->key])->withInput()->with('over', $over->weighed);
        }
        foreach ($request->entries($now) as $i => $entry) {
            $this->makes->record($batch, $entry, $request->clientKey()."-$i");
        }
        if ($over !== null) {
            $this->makes->record($batch, ['step' => $now->key, 'kind' => $way === 'rescale' ? 'rescale' : 'accepted', 'value' => $way === 'rescale' ? $over->factor() : $over->over()], $request->clientKey().'-over');
        }

        return $this->onward($request, $batch, $now);
    }

    /** What the instruments show, for the page that asks once a second. */
    public function reading(Request $request, Batch $batch, string $step, LiveReading $live): JsonResponse
    {
        $state = MakeState::of($batch->load('entries'));
        $seen = $request->input('seen');

        return new JsonResponse($live->at($state, $state->plan->step($step) ?? abort(404), is_array($seen) ? $seen : [], (float) Typed::text($request, 'now', 20)));
    }

    /** Lets the simulated instruments play this make, to practise. */
    public function practise(Request $request, Batch $batch, LiveReading $live, Instruments $instruments): RedirectResponse
    {
        $state = MakeState::of($batch->load('entries'));
        $isPlaying = $instruments instanceof OverLine && Practice::begin($instruments, $live->rehearse($state), max(1, min(120, (int) Typed::text($request, 'pace', 5))));

        return redirect()->route('make.step', [$batch, $state->now()->key])->with('refused', $isPlaying ? say('make.practising') : say('make.no_practice'));
    }

    private function fill(StepEntry $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $filled = $request->decimal('filled') ?? 0.0;
        if ((new BatchYield($state->gramsIn(), $filled))->isMoreThanWentIn() && ! $request->boolean('sure')) {
            return redirect()->route('make.step', [$batch, $now->key])->withInput()->withErrors(['filled' => say('make.more_than_in')])->with('ask_sure', true);
        }
        foreach ($request->entries($now) as $i => $entry) {
            $this->makes->record($batch, $entry, $request->clientKey()."-$i");
        }
        $this->makes->finish($batch->refresh(), $filled, $request->integer('containers', 1));

        return redirect()->route('batch', $batch);
    }

    /** To the next step, unless a reading was only noted or the way is still shut. */
    private function onward(StepEntry $request, Batch $batch, Step $now): RedirectResponse
    {
        $state = MakeState::of($batch->load('entries'));
        $isOpen = match ($now->kind) {
            StepKind::Heat => $request->wantsOn() && ($state->isHotAndEven($now) || $state->entry('override', $now->key) !== null),
            StepKind::Gate => $state->isGateOpen($now),
            default => $request->wantsOn(),
        };
        $next = $state->plan->steps[$state->plan->indexOf($now->key) + ($isOpen ? 1 : 0)] ?? $now;
        if ($isOpen) {
            $this->makes->record($batch, ['step' => $now->key, 'kind' => 'done'], $request->clientKey().'-done');
        }
        // what was weighed before an over-pour made the batch grow comes first
        $next = $now->kind === StepKind::Weigh ? $state->firstWantingMore() ?? $next : $next;

        return redirect()->route('make.step', [$batch, $next->key]);
    }
}
