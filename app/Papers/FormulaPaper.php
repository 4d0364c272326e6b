<?php

declare(strict_types=1);

namespace App\Papers;

use App\Ground\Verdict;
use App\Ground\Wording;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Composition;
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
            'rows' => $this->rows($evaluation->assessment->composition),
            'notes' => array_map(
                static fn (Finding $finding): array => [
                    'severity' => $finding->severity->value,
                    'message' => $wording->message($finding),
                ],
                $evaluation->findings,
            ),
        ], $formula->name);
    }

    /** @return list<array{phase: string, name: string, entered: string, grams: string, percent: string}> */
    private function rows(Composition $composition): array
    {
        $rows = [];
        // what is made first stands before what takes of it
        foreach ($composition->parts as $part) {
            foreach ($part->isOfOldLines() ? [] : $part->lines as $line) {
                $rows[] = [...$this->row($line, $part->part->name), 'percent' => ''];
            }
        }
        foreach ($composition->lines as $line) {
            $rows[] = $this->row($line, say('words.phase.'.$line->phase->value));
        }

        return $rows;
    }

    /** @return array{phase: string, name: string, entered: string, grams: string, percent: string} */
    private function row(WeighedLine $line, string $phase): array
    {
        $wording = $this->wording;

        return [
            'phase' => $phase,
            'name' => $line->ingredient === null
                ? $line->line->spokenOf()
                : $wording->ingredient($line->ingredient->key),
            'entered' => $line->line->amount,
            'grams' => $line->grams === null ? '–' : $wording->grams($line->grams->likely),
            'percent' => $line->percent() === null ? '–' : $wording->number($line->percent()->likely, 2, 2),
        ];
    }
}
