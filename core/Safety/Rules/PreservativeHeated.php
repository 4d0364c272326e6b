<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A preservative in a phase that gets hotter than it can bear. */
final class PreservativeHeated implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->preservation->doses as $dose) {
            if (! $dose->heatedPastCeiling) {
                continue;
            }
            yield new Finding('preservation.heated', Severity::Stop, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
                'ceiling' => Term::celsius($dose->ingredient->maxProcessTemperature ?? 0.0),
                'heat' => Term::celsius($assessment->heat->target ?? 0.0),
                'source' => Term::note($dose->ingredient->sourceOf('heat')),
            ], [Fix::phase($dose->line->position, 'cooldown', 'move_to_cooldown')], keys: $dose->line->insideKeys());
        }
    }
}
