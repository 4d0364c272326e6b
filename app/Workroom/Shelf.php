<?php

declare(strict_types=1);

namespace App\Workroom;

use App\Drawing\Section;
use App\Models\Batch;
use App\Models\Formula;
use App\Workroom\Bench\Draft;
use App\Workroom\Make\MakeState;
use Illuminate\Support\Carbon;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Checks\Evaluator;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Measure\Tools;

/**
 * What stands in the workroom, as drawn things with a state.
 *
 * @phpstan-type Thing array{name: string, state: string, detail: string, code: string, href: string, vessel: Section, kind: string, urgent: bool}
 */
final readonly class Shelf
{
    private const SHOWN = 12;

    public function __construct(
        private Wording $wording,
        private VesselOf $vessels,
        private Catalogue $catalogue,
        private Tools $tools,
        private Evaluator $evaluator,
    ) {
    }

    /** @return list<Thing> makes in hand, the latest first */
    public function making(): array
    {
        return array_values(Batch::query()->where('status', 'making')->with('version', 'entries')->orderByDesc('started_at')->limit(self::SHOWN)->get()
            ->map(fn (Batch $batch): array => $this->half($batch))->all());
    }

    /** @return list<Thing> finished batches, the latest first */
    public function made(): array
    {
        return array_values(Batch::query()->where('status', 'finished')->with('version')->orderByDesc('finished_at')->limit(self::SHOWN)->get()
            ->map(fn (Batch $batch): array => $this->finished($batch))->all());
    }

    /** @return list<Thing> formulas, the one worked on last first */
    public function onTheBench(): array
    {
        return array_values(Formula::query()->orderByDesc('updated_at')->limit(self::SHOWN)->get()
            ->map(fn (Formula $formula): array => $this->formula($formula))->all());
    }

    /** @return Thing */
    private function half(Batch $batch): array
    {
        $state = MakeState::of($batch);
        $step = $state->plan->step($batch->at_step) ?? $state->plan->steps[0];

        return [
            'name' => $state->formula->name,
            'state' => say('ui.shelf.at_step', ['verb' => say("make.verb.{$step->kind->value}"), 'n' => $state->plan->indexOf($step->key) + 1, 'of' => count($state->plan->steps)]),
            'detail' => say('ui.shelf.begun', ['when' => $this->wording->ago($batch->started_at)]),
            'code' => $batch->code,
            'href' => route('make', $batch),
            'vessel' => $this->vessels->small($state->composition, $state->formula->family, false),
            'kind' => 'making',
            'urgent' => true,
        ];
    }

    /** @return Thing */
    private function finished(Batch $batch): array
    {
        $formula = FormulaDocument::read($batch->document);
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);
        $left = $batch->best_before === null ? null : (int) Carbon::now()->startOfDay()->diffInDays($batch->best_before);

        return [
            'name' => $formula->name,
            'state' => match (true) {
                $left === null => say('ui.shelf.no_date'),
                $left < 0 => say('ui.shelf.overdue'),
                default => say('ui.shelf.keeps', ['days' => $this->wording->days($left)]),
            },
            'detail' => say('ui.shelf.made', ['when' => $this->wording->ago($batch->finished_at ?? $batch->started_at)]),
            'code' => $batch->code,
            'href' => route('batch', $batch),
            'vessel' => $this->vessels->small($composition, $formula->family, true),
            'kind' => 'made',
            'urgent' => $left !== null && $left < 0,
        ];
    }

    /** @return Thing */
    public function formula(Formula $formula): array
    {
        [$read] = Draft::fromStored($formula->draft)->formula();
        $evaluation = $this->evaluator->evaluate($read);
        $stops = $evaluation->count(Severity::Stop);
        $minds = $evaluation->count(Severity::Mind);

        return [
            'name' => $formula->name,
            'state' => match (true) {
                $evaluation->assessment->composition->known() === [] => say('ui.shelf.empty_formula'),
                $stops > 0 => trans_choice('ui.shelf.stops', $stops),
                $minds > 0 => trans_choice('ui.shelf.minds', $minds),
                default => say('words.regime.'.$evaluation->assessment->preservation->regime->value).', '.mb_strtolower(say('findings.verdict.sound')),
            },
            'detail' => say('words.family.'.$read->family->value),
            'code' => '',
            'href' => route('bench', $formula),
            'vessel' => $this->vessels->small($evaluation->assessment->composition, $read->family, false),
            'kind' => 'formula',
            'urgent' => false,
        ];
    }
}
