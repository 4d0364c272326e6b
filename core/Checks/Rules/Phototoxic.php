<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Certainty;

/** Pressed citrus on a scalp in the sun; shares of several add up. */
final class Phototoxic implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->formula->use === Application::RinseOff) {
            return;
        }
        $lines = [];
        $low = $likely = $high = 0.0;
        foreach ($assessment->scent->lines as $line) {
            $limit = $line->ingredient?->phototoxicLimit();
            $percent = $line->percent();
            if ($limit !== null && $percent !== null) {
                $lines[] = $line;
                $low += $percent->low / $limit;
                $likely += $percent->likely / $limit;
                $high += $percent->high / $limit;
            }
        }
        if ($lines === [] || $high <= 1 + 1e-9) {
            return;
        }
        $certainty = $low > 1 + 1e-9 ? Certainty::Certain : Certainty::Possible;
        yield new Finding('scent.phototoxic', Severity::Stop, array_map(static fn (WeighedLine $line): int => $line->position, $lines), [
            'ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $lines)), 'times' => Term::number($likely),
        ], (new Remedy($assessment))->scale($lines, 0.98 / $high, 'scent_to_limit'), certainty: $certainty, variant: $certainty->value);
    }
}
