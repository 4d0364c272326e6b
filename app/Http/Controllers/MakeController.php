<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StepEntry;
use App\Models\Batch;
use App\Workroom\Make\MakeBook;
use App\Workroom\Make\MakePage;
use App\Workroom\Make\MakeState;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
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

        return view('make.step', ['page' => MakePage::of($state, $now)]);
    }

    public function record(StepEntry $request, Batch $batch, string $step): RedirectResponse
    {
        $state = MakeState::of($batch->load('entries'));
        $now = $state->plan->step($step) ?? abort(404);
        $gate = $state->shutGateBefore($now);
        if ($gate !== null) {
            return redirect()->route('make.step', [$batch, $gate->key])->with('refused', say('make.gate_shut'));
        }
        if ($now->kind === StepKind::Fill && $batch->isMaking()) {
            return $this->fill($request, $batch, $state, $now);
        }
        foreach ($request->entries($now) as $i => $entry) {
            $this->makes->record($batch, $entry, $request->clientKey()."-$i");
        }

        return $this->onward($request, $batch, $now);
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
            default => true,
        };
        $next = $state->plan->steps[$state->plan->indexOf($now->key) + ($isOpen ? 1 : 0)] ?? $now;
        if ($isOpen) {
            $this->makes->record($batch, ['step' => $now->key, 'kind' => 'done'], $request->clientKey().'-done');
        }

        return redirect()->route('make.step', [$batch, $next->key]);
    }
}
