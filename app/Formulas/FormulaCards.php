<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Ground\Card;
use App\Ground\Vessels;
use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Safety\Severity;

/** Formulas, each with its verdict in a word. */
final readonly class FormulaCards
{
    public function __construct(
        private Vessels $vessels,
        private Evaluator $evaluator,
        private DraftReader $draftReader,
        private float $stands = Card::STANDS,
    ) {
    }

    /** The same cards drawn smaller or larger. */
    public function sized(float $stands): self
    {
        return new self($this->vessels, $this->evaluator, $this->draftReader, $stands);
    }

    /** @return list<Card> formulas, the one worked on last first */
    public function onTheBench(): array
    {
        return array_values(Formula::query()->orderByDesc('updated_at')->limit(Card::SHOWN)->get()
            ->map(fn (Formula $formula): Card => $this->formula($formula))->all());
    }

    public function formula(Formula $formula): Card
    {
        [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));
        $evaluation = $this->evaluator->evaluate($read, madeOn: Carbon::now()->toDateTimeImmutable());
        $stops = count($evaluation->stops());
        $unknowns = count($evaluation->unknowns());
        $minds = $evaluation->count(Severity::Mind);

        return new Card(
            name: $formula->name,
            state: match (true) {
                $evaluation->assessment->composition->known() === [] => say('ui.shelf.empty_formula'),
                $stops > 0 => trans_choice('ui.shelf.stops', $stops),
                $unknowns > 0 => say('ui.shelf.unknown'),
                $minds > 0 => trans_choice('ui.shelf.minds', $minds),
                default => say('words.regime.'.$evaluation->assessment->preservation->regime->value)
                    .', '
                    .mb_strtolower(say('findings.verdict.sound')),
            },
            brief: $stops + $unknowns + $minds === 0 ? '' : (string) ($stops + $unknowns + $minds),
            detail: say('words.family.'.$read->family->value),
            href: route('bench', $formula),
            vessel: $this->vessels->small(
                $evaluation->assessment->composition,
                $read->family,
                false,
                $this->stands,
                tallest: Card::TALLEST_MM,
            ),
            kind: 'formula',
        );
    }
}
