<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Pressed citrus on a scalp in the sun; shares of several add up. */
final class Phototoxic implements Rule
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
        if ($lines === []) {
            return;
        }
        $positions = array_map(static fn (WeighedLine $line): int => $line->position, $lines);
        $ingredients = Term::ingredients(array_map(
            static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
            $lines,
        ));
        if ($high <= 1 + 1e-9) {
            yield new Finding('safety.sun', Severity::Note, $positions, ['ingredients' => $ingredients]);

            return;
        }
        $certainty = $low > 1 + 1e-9 ? Certainty::Certain : Certainty::Possible;
        yield new Finding('scent.phototoxic', Severity::Stop, $positions, [
            'ingredients' => $ingredients,
            'times' => Term::number($likely),
        ], (new Remedy($assessment))->scale(
            $lines,
            0.98 / $high,
            'scent_to_limit',
        ), certainty: $certainty, variant: $certainty->value);
    }
}
