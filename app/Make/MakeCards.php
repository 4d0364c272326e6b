<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Card;
use App\Ground\Wording;
use App\Models\Batch;
use Illuminate\Support\Carbon;

/** Batches in progress, drawn with what is in them. */
final readonly class MakeCards
{
    /** A temperature measured longer ago than this says nothing of now. */
    private const STILL_TRUE_HOURS = 2;

    public function __construct(
        private Wording $wording,
        private MakeVessel $vessel,
        private MakeStateFactory $makeStates,
        private float $stands = Card::STANDS,
    ) {
    }

    /** The same cards drawn smaller or larger. */
    public function sized(float $stands): self
    {
        return new self($this->wording, $this->vessel, $this->makeStates, $stands);
    }

    /** @return list<Card> makes in hand, the latest first */
    public function making(): array
    {
        return array_values(Batch::query()
            ->where('status', 'making')
            ->with('version', 'entries')
            ->orderByDesc('started_at')
            ->limit(Card::SHOWN)
            ->get()
            ->map(fn (Batch $batch): Card => $this->half($batch))->all());
    }

    private function half(Batch $batch): Card
    {
        $state = $this->makeStates->of($batch);
        $step = $state->now();
        $reading = $batch->entries->where('kind', 'temperature')->last();

        return new Card(
            name: $state->formula->name,
            brief: say("make.verb.{$step->kind->value}"),
            state: say(
                'ui.shelf.at_step',
                [
                    'verb' => say("make.verb.{$step->kind->value}"),
                    'n' => $state->plan->indexOf($step->key) + 1,
                    'of' => count($state->plan->steps),
                ],
            ),
            detail: say('ui.shelf.begun', ['when' => $this->wording->ago($batch->started_at)]),
            code: $batch->code,
            href: route('make', $batch),
            vessel: $this->vessel->soFar($state, $this->stands, Card::TALLEST_MM),
            kind: 'making',
            isUrgent: true,
            celsius: $reading !== null
                && $reading->recorded_at->greaterThan(Carbon::now()->subHours(self::STILL_TRUE_HOURS))
                ? (float) $reading->value
                : null,
        );
    }
}
