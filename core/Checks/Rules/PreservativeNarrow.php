<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Regime;

/** The system holds bacteria but not yeast and mould, or the other way round. */
final class PreservativeNarrow implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $coverage = $assessment->preservation->nominalCoverage();
        if ($assessment->preservation->regime === Regime::Dry || ! $assessment->preservation->hasSystem() || $coverage->isComplete()) {
            return;
        }
        $lines = $keys = [];
        foreach ($assessment->preservation->doses as $dose) {
            $lines[] = $dose->line->position;
            $keys[] = $dose->ingredient->key;
        }
        $percent = $assessment->fullPreservative()->use->typical ?? 1.0;
        yield new Finding('preservation.narrow', Severity::Mind, $lines, [
            'ingredients' => Term::ingredients($keys),
            'open' => Term::word(match (true) {
                ! $coverage->holdsBacteria() => 'microbes_bacteria',
                ! $coverage->holdsFungi() && $coverage->yeast === 0 && $coverage->mould === 0 => 'microbes_fungi',
                default => $coverage->yeast === 0 ? 'microbes_yeast' : 'microbes_mould',
            }),
        ], [
            (new Remedy($assessment))->add($assessment->fullPreservative()->key, $percent, Phase::Cooldown, 'add_preservative', ['ingredient' => Term::ingredient($assessment->fullPreservative()->key), 'percent' => Term::percent($percent)]),
        ]);
    }
}
