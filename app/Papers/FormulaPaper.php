<?php

declare(strict_types=1);

namespace App\Papers;

use App\Ground\Verdict;
use App\Ground\Wording;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Safety\Finding;

/** A formula on a page for the binder. */
final class FormulaPaper
{
    public function __construct(
        private readonly Wording $wording,
        private readonly Evaluator $evaluator,
        private readonly Verdict $verdict,
    ) {
    }

    public function of(Formula $formula): string
    {
        $wording = $this->wording;
        $evaluation = $this->evaluator->evaluate($formula);

        return Sheet::of('papers.formula-sheet', [
            'name' => $formula->name,
            'verdict' => $this->verdict->of($evaluation),
            'directions' => $formula->directions,
            'rows' => array_map(static fn (WeighedLine $line): array => [
                'phase' => say('words.phase.'.$line->phase->value), 'name' => $line->ingredient === null
                    ? $line->line->spokenOf()
                    : $wording->ingredient($line->ingredient->key), 'entered' => $line->line->amount,
                'grams' => $line->grams === null ? '–' : $wording->grams($line->grams->likely),
                'percent' => $line->percent() === null ? '–' : $wording->number($line->percent()->likely, 2, 2),
            ], $evaluation->assessment->composition->lines),
            'notes' => array_map(
                static fn (Finding $finding): array => [
                    'severity' => $finding->severity->value,
                    'message' => $wording->message($finding),
                ],
                $evaluation->findings,
            ),
        ], $formula->name);
    }
}
