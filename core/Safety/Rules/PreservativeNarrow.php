<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** The system holds bacteria but not yeast and mould, or the other way round. */
final class PreservativeNarrow implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $coverage = $assessment->preservation->nominalCoverage();
        if (
            $assessment->preservation->regime === Regime::Dry
            || ! $assessment->preservation->hasSystem()
            || $coverage->isComplete()
        ) {
            return;
        }
        $lines = $keys = [];
        foreach ($assessment->preservation->doses as $dose) {
            $lines[] = $dose->line->position;
            $keys[] = $dose->ingredient->key;
        }
        $percent = $assessment->fullPreservative()->usualUse();
        yield new Finding('preservation.narrow', Severity::Mind, $lines, [
            'ingredients' => Term::ingredients($keys),
            'open' => Term::word(match (true) {
                ! $coverage->holdsBacteria() => 'microbes_bacteria',
                ! $coverage->holdsFungi() && $coverage->yeast === 0 && $coverage->mould === 0 => 'microbes_fungi',
                default => $coverage->yeast === 0 ? 'microbes_yeast' : 'microbes_mould',
            }),
        ], [
            (new Remedy($assessment))->add(
                $assessment->fullPreservative()->key,
                $percent,
                Phase::Cooldown,
                'add_preservative',
                [
                    'ingredient' => Term::ingredient($assessment->fullPreservative()->key),
                    'percent' => Term::percent($percent),
                ],
            ),
        ]);
    }
}
