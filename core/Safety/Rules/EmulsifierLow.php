<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Too little emulsifier for the fats it has to hold. */
final class EmulsifierLow implements Rule
{
    /** A little more than just enough. */
    private const OVER_THE_WIDEST = 1.02;

    public function examine(Assessment $assessment): iterable
    {
        $emulsion = $assessment->emulsion;
        $adequacy = $emulsion->adequacy;
        if ($adequacy === null || $emulsion->waterShare <= 0 || $adequacy->below(1.0) === null) {
            return;
        }
        $parts = $adequacy->below(Emulsion::PARTS_BELOW);
        $stops = $parts === Certainty::Certain || ($parts !== null && $adequacy->likely < Emulsion::PARTS_BELOW);
        $line = $emulsion->emulsifiers[0];
        // enough even where the fats are as much as their spoons may hold
        $needed = ($line->percent()->likely ?? 0.0) / max(1e-9, $adequacy->likely) * max(
            Emulsion::COMFORT,
            self::OVER_THE_WIDEST * $emulsion->fatShare->high / max(1e-9, $emulsion->fatShare->likely),
        );
        $needed = ceil($needed * 10 - 1e-6) / 10;
        $holds = $needed <= ($line->ingredient->use->max ?? 0.0);
        yield new Finding('emulsion.load_low', $stops ? Severity::Stop : Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $emulsion->emulsifiers),
            [
                'ingredient' => Term::ingredient($line->ingredient->key ?? ''),
                'percent' => Term::percent($emulsion->emulsifierShare->times(100.0)),
                'fat' => Term::percent(100 * $emulsion->fatShare->likely),
                'least' => Term::percent(100 * Emulsion::leastLoad($line->ingredient)),
                'needed' => Term::percent($needed),
            ],
            $holds
                ? (new Remedy($assessment))->dose(
                    $line,
                    $needed,
                    'dose_to',
                    ['percent' => Term::percent($needed)],
                    isLeast: true,
                )
                : [],
            certainty: ($stops ? $parts : null) ?? $adequacy->below(1.0),
        );
    }
}
