<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More oil than droplets can be packed without being squeezed: equal spheres fill 74 %. */
final class InnerPhaseHigh implements Rule
{
    /** Close packing of equal spheres, pi/(3·sqrt 2). */
    public const CLOSE_PACKING = 0.7405;

    private const FAT_DENSITY = 0.92;

    public function examine(Assessment $assessment): iterable
    {
        $emulsion = $assessment->emulsion;
        if (
            $emulsion->emulsifiers === []
            || $emulsion->waterShare <= 0.01
            || $assessment->formula->family->isFatOnly()
        ) {
            return;
        }
        $fat = $emulsion->fatShare->likely / self::FAT_DENSITY;
        $volume = $fat / ($fat + 1 - $emulsion->fatShare->likely);
        if ($volume > self::CLOSE_PACKING) {
            yield new Finding(
                'emulsion.inner_phase_high',
                Severity::Mind,
                array_map(static fn (WeighedLine $line): int => $line->position, $emulsion->fats),
                ['volume' => Term::percent(100 * $volume), 'most' => Term::percent(100 * self::CLOSE_PACKING)],
            );
        }
    }
}
