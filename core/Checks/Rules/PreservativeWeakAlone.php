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

/** One weak preservative, alone. */
final class PreservativeWeakAlone implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $doses = $assessment->preservation->doses;
        $coverage = $assessment->preservation->nominalCoverage();
        if ($assessment->preservation->regime === Regime::Dry || count($doses) !== 1 || max($coverage->bacteria, $coverage->yeast, $coverage->mould) > 1 || count($doses[0]->components) > 1) {
            return;
        }
        $percent = $assessment->fullPreservative()->use->typical ?? 1.0;
        yield new Finding('preservation.weak_alone', Severity::Stop, [$doses[0]->line->position], ['ingredient' => Term::ingredient($doses[0]->ingredient->key)], [
            (new Remedy($assessment))->add($assessment->fullPreservative()->key, $percent, Phase::Cooldown, 'add_preservative', ['ingredient' => Term::ingredient($assessment->fullPreservative()->key), 'percent' => Term::percent($percent)]),
        ]);
    }
}
