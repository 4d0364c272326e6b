<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Trace;
use App\Ground\Wording;
use App\Instruments\Instruments;
use Illuminate\Support\Str;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** Builds what MakePage shows. */
final readonly class MakePageFactory
{
    public function __construct(
        private Wording $wording,
        private Instruments $instruments,
        private MakeVessel $makeVessel,
        private LiveReading $liveReading,
        private Clocks $clocks,
        private BigReadings $bigReadings,
        private Remarks $remarks,
        private FirstMake $firstMake,
        private StepDetail $stepDetail,
    ) {
    }

    public function of(MakeState $state, Step $step): MakePage
    {
        $wording = $this->wording;
        $at = $state->plan->indexOf($step->key);
        $hasInstruments = $this->instruments->arePresent();
        $live = $hasInstruments ? LiveReading::wanted($step) : [];

        return new MakePage(
            $state,
            $step,
            say("make.verb.{$step->kind->value}"),
            MakePage::what($state, $step, $wording),
            say(
                'make.why.'.MakePage::saidAs($state->plan, $step),
                ['phase' => $step->phases === [] ? '' : mb_strtolower(say('words.phase.'.$step->phases[0]->value))],
            ),
            ...StepFigures::number($state, $step, $wording),
            path: self::path($state, $step, $wording),
            back: $at > 0 ? $state->plan->steps[$at - 1]->key : null,
            clientKey: Str::uuid()->toString(),
            detail: $this->stepDetail->of($state, $step),
            vessel: $step->kind === StepKind::Weigh && $step->phases !== []
                ? $this->makeVessel->weighing($state, $step)
                : $this->makeVessel->soFar($state, 340),
            timers: $state->timers(),
            otherClocks: $this->clocks->of($state->batch->id),
            live: $live,
            trace: in_array($step->kind, [StepKind::Heat, StepKind::Gate], true)
                ? Trace::of($this->liveReading->rehearsed($state, $step), $step->celsius)
                : null,
            hasInstruments: $hasInstruments,
            readings: $this->bigReadings->of($state, $step),
            looks: Looks::of($state->batch, $step),
            first: $this->firstMake->isToBeAsked($step->kind) ? $this->firstMake->values() : null,
            remarks: $this->remarks->of($state, $step),
            most: Ahead::most($state, $step),
            waiting: $state->now()->key === $step->key ? null : $state->now(),
            despite: Despite::said($state->batch),
            undone: $step->kind === StepKind::Fill ? self::undone($state, $wording) : [], wording: $this->wording,
        );
    }

    /** @return list<array{key: string, label: string}> */
    private static function undone(MakeState $state, Wording $wording): array
    {
        $undone = array_filter($state->undone(), static fn (Step $step): bool => $step->kind !== StepKind::Fill);

        return array_values(array_map(static fn (Step $step): array => [
            'key' => $step->key,
            'label' => say("make.verb.{$step->kind->value}").' '.MakePage::what($state, $step, $wording),
        ], $undone));
    }

    /** @return list<array{key: string, label: string, state: string, isDone: bool}> */
    private static function path(MakeState $state, Step $now, Wording $wording): array
    {
        $path = [];
        foreach ($state->plan->steps as $step) {
            $line = $step->line === null ? null : $state->composition->lines[$step->line - 1];
            $path[] = [
                'key' => $step->key,
                'label' => say("make.verb.{$step->kind->value}")
                    .($line?->ingredient === null ? '' : ' '.$wording->ingredient($line->ingredient->key)),
                'state' => $step->key === $now->key ? 'now' : ($state->isDone($step) ? 'done' : 'ahead'),
                'isDone' => $state->isDone($step),
            ];
        }

        return $path;
    }
}
