<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StepEntry;
use App\Http\Typed;
use App\Models\Batch;
use App\Workroom\Make\MakeBook;
use App\Workroom\Make\MakeState;
use App\Workroom\Make\SampleDose;
use App\Workroom\Refused;
use App\Workroom\Wording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Ilvane\Core\Process\OverPour;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Yielding\BatchYield;

/** What a maker tells at a step. */
final class TellController
{
    public function __construct(private readonly MakeBook $makes, private readonly Wording $wording)
    {
    }

    /** A page that had to wait for its connection only wants to know whether it was written down; any other is led on. */
    public function record(StepEntry $request, Batch $batch, string $step): RedirectResponse|JsonResponse
    {
        $answer = $this->written($request, $batch, $step);

        return $request->expectsJson() ? new JsonResponse(null, $this->makes->has($batch, $request->clientKey()) ? 200 : 409) : $answer;
    }

    private function written(StepEntry $request, Batch $batch, string $step): RedirectResponse
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
            $this->write($request, $batch, ['step' => $now->key, 'kind' => 'timer', 'value' => $now->seconds], '-timer');

            return redirect()->route('make.step', [$batch, $now->key]);
        }
        if (Typed::text($request, 'do') === 'work') {
            return $this->work($request, $batch, $state, $now);
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
            $this->write($request, $batch, $entry, "-$i");
        }
        if ($over !== null) {
            $this->write($request, $batch, ['step' => $now->key, 'kind' => $way === 'rescale' ? 'rescale' : 'accepted', 'value' => $way === 'rescale' ? $over->factor() : $over->over()], '-over');
        }

        return $this->onward($request, $batch, $now);
    }

    /** @param  array{step: string, kind: string, subject?: string, value?: float|null, reason?: string}  $entry */
    private function write(StepEntry $request, Batch $batch, array $entry, string $part): void
    {
        $this->makes->record($batch, $entry, $request->clientKey().$part, $request->toldAt());
    }

    /** Scales what a small sample took up to the bowl; what was typed stays. */
    private function work(StepEntry $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $back = redirect()->route('make.step', [$batch, $now->key])->withInput();
        try {
            return $back->with('dose', SampleDose::of($state, $request->decimal('sample'), Typed::text($request, 'tried', 60), $this->wording));
        } catch (Refused $refused) {
            return $back->withErrors([$refused->field => $refused->said()]);
        }
    }

    private function fill(StepEntry $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $filled = $request->filledNet() ?? 0.0;
        if ((new BatchYield($state->gramsIn(), $filled))->isMoreThanWentIn() && ! $request->boolean('sure')) {
            return redirect()->route('make.step', [$batch, $now->key])->withInput()->withErrors(['filled' => say('make.more_than_in')])->with('ask_sure', true);
        }
        foreach ($request->entries($now) as $i => $entry) {
            $this->write($request, $batch, $entry, "-$i");
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
            $this->write($request, $batch, ['step' => $now->key, 'kind' => 'done'], '-done');
        }
        // what was weighed before an over-pour made the batch grow comes first
        $next = $now->kind === StepKind::Weigh ? $state->firstWantingMore() ?? $next : $next;

        return redirect()->route('make.step', [$batch, $next->key]);
    }
}
