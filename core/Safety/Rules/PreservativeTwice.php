<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Microbiology\PreservativeDose;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Two preservatives of which each would do. */
final class PreservativeTwice implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $full = array_values(array_filter(
            $assessment->preservation->doses,
            static fn (PreservativeDose $dose): bool => ($dose->ingredient->coverage?->isComplete() ?? false)
                && count($dose->components) > 1 // one alone is a helper, and may well need another
                && $dose->works(false),
        ));
        if (count($full) < 2) {
            return;
        }
        $last = $full[count($full) - 1];
        yield new Finding('preservation.twice', Severity::Mind, array_map(
            static fn (PreservativeDose $dose): int => $dose->line->position,
            $full,
        ), ['ingredients' => Term::ingredients(array_map(
            static fn (PreservativeDose $dose): string => $dose->ingredient->key,
            $full,
        ))], $last->line->isInside() ? [] : [(new Remedy($assessment))->remove($last->line->position)]);
    }
}
