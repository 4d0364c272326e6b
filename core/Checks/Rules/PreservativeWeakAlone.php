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

/** One weak preservative, alone. */
final class PreservativeWeakAlone implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $weak = $assessment->preservation->tooWeakAlone();
        if ($weak === null) {
            return;
        }
        $percent = $assessment->fullPreservative()->use->typical ?? 1.0;
        yield new Finding('preservation.weak_alone', Severity::Stop, [$weak->line->position], ['ingredient' => Term::ingredient($weak->ingredient->key)], [
            (new Remedy($assessment))->add($assessment->fullPreservative()->key, $percent, Phase::Cooldown, 'add_preservative', ['ingredient' => Term::ingredient($assessment->fullPreservative()->key), 'percent' => Term::percent($percent)]),
        ]);
    }
}
