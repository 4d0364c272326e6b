<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\Wording;
use App\Models\Batch;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Ilvane\Core\Making\OverPour;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Yield\BatchYield;

/** What a maker tells at a step. */
final class StepController
{
    /** A batch that took longer than this was forgotten, or a clock is wrong. Days. */
    private const LONGEST_MAKE_D = 60;

    public function __construct(
        private readonly MakeBook $makes,
        private readonly Wording $wording,
        private readonly MakeStateFactory $makeStates,
        private readonly SampleDose $sampleDose,
        private readonly FirstMake $firstMake,
    ) {
    }

    public function record(StepRequest $request, Batch $batch, string $step): RedirectResponse|Response
    {
        $answer = $this->written($request, $batch, $step);
        // the page keeps what was told until it hears that it has arrived, and what it is asked back it tells anew
        $request->session()->flash('answered', $request->clientKey());
        $request->session()->flash('taken', $this->makes->has($batch, $request->clientKey()));

        return StepAnswer::led($request, $batch, $answer);
    }

    private function written(StepRequest $request, Batch $batch, string $step): RedirectResponse
    {
        if (! $batch->isMaking()) {
            return $this->isOver($request, $batch);
        }
        $state = $this->makeStates->of($batch->load('entries'));
        $now = $state->plan->step($step) ?? abort(404);
        $gate = $state->shutGateBefore($now);
        if ($gate !== null) {
            return redirect()->route('make.step', [$batch, $gate->key])->with('refused', say('make.gate_shut'));
        }
        if ($request->pressed() === 'timer' && $now->seconds !== null) {
            $this->write(
                $request,
                $batch,
                ['step' => $now->key, 'kind' => 'timer', 'value' => $now->seconds],
                '-timer',
            );

            return redirect()->route('make.step', [$batch, $now->key]);
        }
        if (in_array($request->pressed(), ['little', 'dose'], true) && LittleByLittle::mayBe($state, $now)) {
            return $this->little($request, $batch, $state, $now);
        }
        if ($request->pressed() === 'enough') {
            $request->merge(['weight' => (string) array_sum(LittleByLittle::doses($state, $now))]);
        }
        if ($now->kind === StepKind::Sanitise && $request->has('thermometer')) {
            $problems = $this->firstMake->told($batch, $request->only(FirstMake::FIELDS));
            if ($problems !== []) {
                return redirect()
                    ->route('make.step', [$batch, $now->key])
                    ->withInput()
                    ->withErrors(array_map(static fn (string $word): string => say($word), $problems));
            }
        }
        if ($request->pressed() === 'work') {
            return $this->work($request, $batch, $state, $now);
        }
        if ($now->kind === StepKind::Fill) {
            return $this->fill($request, $batch, $state, $now);
        }

        return $now->kind === StepKind::Weigh && $request->pressed() !== 'not_done'
            ? $this->weigh($request, $batch, $state, $now)
            : $this->told($request, $batch, $now);
    }

    /** The same thing told twice is answered like once; anything else comes too late. */
    private function isOver(StepRequest $request, Batch $batch): RedirectResponse
    {
        return $batch->isFinished() && ! $this->makes->has($batch, $request->clientKey())
            ? StepAnswer::over($batch)->with('refused', say('make.finished_elsewhere'))
            : StepAnswer::over($batch);
    }

    private function weigh(StepRequest $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $back = static fn (): RedirectResponse => redirect()->route('make.step', [$batch, $now->key])->withInput();
        $over = OverPour::of($request->decimal('weight') ?? 0.0, $now->grams, $state->scale);
        if ($over !== null && ! in_array($request->pressed(), ['accept', 'rescale'], true)) {
            return $back()->with('over', $over->weighed);
        }
        $doubt = FromLot::doubt($request->lots(), $this->wording);
        if ($doubt !== null && $request->reason() === '') {
            return $back()->withErrors(['lot' => $doubt])->with('ask_lot', true);
        }
        $from = FromLot::divide(
            $request->lots(),
            $request->decimal('weight') ?? $now->grams ?? 0.0,
            $state->scale,
            $state->takenFromLots((int) $now->line),
        );
        if ($from['open'] > 0.0) {
            return $back()->withErrors($from['last'] === null ? ['lot' => say('make.lot_unknown')] : ['rest' => say(
                'make.lot_short',
                ['grams' => $this->wording->grams($from['open'])],
            )]);
        }
        $entries = $over === null ? [] : [[
            'step' => $now->key, 'kind' => $request->pressed() === 'rescale' ? 'rescale' : 'accepted',
            'value' => $request->pressed() === 'rescale' ? $over->factor() : $over->over(),
        ]];
        foreach ($from['lots'] as $code => $grams) {
            $entries[] = [
                'step' => $now->key,
                'kind' => 'lot',
                'subject' => (string) $code,
                'value' => $grams,
                'reason' => $request->reason(),
            ];
        }
        if ($request->lots() !== [] && $from['lots'] === []) {
            $entries[] = ['step' => $now->key, 'kind' => 'lot', 'reason' => $request->reason()];
        }

        return $this->told($request, $batch, $now, $entries);
    }

    /** @param  list<array{step: string, kind: string, subject?: string, value?: float|null, reason?: string}>  $more */
    private function told(StepRequest $request, Batch $batch, Step $now, array $more = []): RedirectResponse
    {
        foreach ($request->entries($now) as $i => $entry) {
            $this->write($request, $batch, $entry, "-$i");
        }
        foreach ($more as $i => $entry) {
            $this->write($request, $batch, $entry, "-more$i");
        }

        return $this->onward($request, $batch, $now);
    }

    /** @param  array{step: string, kind: string, subject?: string, value?: float|null, reason?: string}  $entry */
    private function write(StepRequest $request, Batch $batch, array $entry, string $part): void
    {
        $this->makes->record($batch, $entry, $request->clientKey().$part, $request->toldAt());
    }

    /** A dose is written down, and the clock runs until it has shown what it does. */
    private function little(StepRequest $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $isDose = $request->pressed() === 'dose';
        $entry = ['step' => $now->key, 'kind' => 'little', 'subject' => (string) $now->line];
        $this->write($request, $batch, [...$entry, 'value' => $isDose ? $request->decimal('weight') : 0.0], '-little');
        if ($isDose) {
            $this->write(
                $request,
                $batch,
                ['step' => $now->key, 'kind' => 'timer', 'value' => LittleByLittle::waits($state, $now)],
                '-timer',
            );
        }

        return redirect()->route('make.step', [$batch, $now->key]);
    }

    /** Scales what a small sample took up to the bowl; what was typed stays. */
    private function work(StepRequest $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $back = static fn (): RedirectResponse => redirect()->route('make.step', [$batch, $now->key])->withInput();
        try {
            return $back()->with(
                'dose',
                $this->sampleDose->of(
                    $state,
                    $request->decimal('sample'),
                    Typed::text($request, 'tried', 60),
                    $this->wording,
                ),
            );
        } catch (Refused $refused) {
            return $back()->withErrors([$refused->field => $refused->said()]);
        }
    }

    /** Steps nobody told are never filled in: they are listed, and stand in the record as not done. */
    private function fill(StepRequest $request, Batch $batch, MakeState $state, Step $now): RedirectResponse
    {
        $back = static fn (): RedirectResponse => redirect()->route('make.step', [$batch, $now->key])->withInput();
        $filled = $request->filledNet() ?? 0.0;
        if ((new BatchYield($state->gramsIn(), $filled))->isMoreThanWentIn() && ! $request->boolean('sure')) {
            return $back()->withErrors(['filled' => say('make.more_than_in')])->with('ask_sure', true);
        }
        $rows = $request->split();
        $isHalf = array_filter(
            $rows,
            static fn (array $row): bool => $row['count'] === null || $row['count'] < 1 || $row['grams'] <= 0.0,
        ) !== [];
        $apart = array_sum(array_map(static fn (array $row): float => (float) $row['count'] * $row['grams'], $rows));
        if ($isHalf || $apart > $filled + Container::CRUMBS_G) {
            return $back()->withErrors(['split' => say($isHalf ? 'make.split.half' : 'make.split.more')]);
        }
        $undone = array_values(array_filter(
            $state->undone(),
            static fn (Step $step): bool => $step->kind !== StepKind::Fill,
        ));
        if ($undone !== [] && ! $request->boolean('without')) {
            return $back()->with('ask_undone', true);
        }
        $started = $batch->started_at;
        if (
            (Carbon::now()->lessThan($started) || $started->diffInDays(Carbon::now()) > self::LONGEST_MAKE_D)
            && ! $request->boolean('when_sure')
        ) {
            return $back()
                ->withErrors(['when' => say(
                    'make.odd_finish',
                    ['begun' => $this->wording->date($started), 'now' => $this->wording->date(Carbon::now())],
                )])
                ->with('ask_when', true);
        }
        $isMine = $this->makes->fill(
            $batch,
            $request->entries($now),
            $undone,
            $filled,
            $rows === [] ? $request->integer('containers', 1) : (int) array_sum(array_column($rows, 'count')),
            $request->clientKey(),
        );
        if ($rows !== [] && $isMine) {
            event(new BatchFilled($batch, $rows, $request->clientKey()));
        }

        return redirect()->route('batch', $batch)->with('refused', $isMine ? null : say('make.finished_elsewhere'));
    }

    /** To the next step that is not done, unless a reading was only noted or the way is still shut. */
    private function onward(StepRequest $request, Batch $batch, Step $now): RedirectResponse
    {
        $state = $this->makeStates->of($batch->load('entries'));
        $isOpen = match ($now->kind) {
            StepKind::Heat => $request->wantsOn()
                && ($state->isHotAndEven($now) || $state->entry('override', $now->key) !== null),
            StepKind::Gate => $state->isGateOpen($now),
            default => $request->wantsOn(),
        };
        if (! $isOpen) {
            return redirect()->route('make.step', [$batch, $now->key]);
        }
        $this->write($request, $batch, ['step' => $now->key, 'kind' => 'done'], '-done');
        $state = $this->makeStates->of($batch->load('entries'));
        // what was weighed before an over-pour made the batch grow comes first
        $next = ($now->kind === StepKind::Weigh ? $state->firstWantingMore() : null) ?? $state->after($now);
        $this->makes->moveTo($batch, $next->key);

        return redirect()->route('make.step', [$batch, $next->key]);
    }
}
