<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** One weak preservative, alone. */
final class PreservativeWeakAlone implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $weak = $assessment->preservation->tooWeakAlone();
        if ($weak === null) {
            return;
        }
        $percent = $assessment->fullPreservative()->usualUse();
        yield new Finding('preservation.weak_alone', Severity::Stop, [$weak->line->position], [
            'ingredient' => Term::ingredient($weak->ingredient->key),
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
        ], keys: $weak->line->insideKeys());
    }
}
