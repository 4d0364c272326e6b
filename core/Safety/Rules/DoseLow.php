<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Too little of something to do what it is there for. */
final class DoseLow implements Rule
{
    private const KINDS = [
        Kind::Emulsifier,
        Kind::Antioxidant,
        Kind::ThickenerGum,
        Kind::Protein,
        Kind::Active,
        Kind::AcidOrBase,
    ];

    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->ofKind(...self::KINDS) as $line) {
            $range = $line->ingredient?->use;
            $certainty = $range === null || $range->min <= 0 ? null : $line->percent()?->below($range->min);
            if (
                $certainty === null
                || ($line->ingredient->kind === Kind::Emulsifier && self::isToldByTheLoad($assessment))
            ) {
                continue;
            }
            yield new Finding('dose.low', Severity::Mind, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'percent' => Term::percent($line->percent()),
                'min' => Term::percent($range->min),
                'source' => Term::note($line->ingredient->sourceOf('use')),
            ], (new Remedy($assessment))->dose(
                $line,
                $range->typical,
                'dose_to',
                ['percent' => Term::percent($range->typical)],
            ), certainty: $certainty, keys: $line->insideKeys());
        }
    }

    /** Several share the load, or the load is short already: one note is enough. */
    private static function isToldByTheLoad(Assessment $assessment): bool
    {
        return count($assessment->emulsion->emulsifiers) > 1 || $assessment->emulsion->adequacy?->below(1.0) !== null;
    }
}
