<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\WaterActivity;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Water that sugar or glycerin binds, but not enough for every yeast and mould. */
final class WaterBarelyBound implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        if (
            $assessment->preservation->isWatery
            || $assessment->preservation->hasSystem()
            || $composition->waterShare() < Preservation::NEGLIGIBLE_WATER
            || WaterActivity::word($composition) !== 'barely'
        ) {
            return;
        }
        yield new Finding('preservation.bound', Severity::Mind, array_map(
            static fn (WeighedLine $line): int => $line->position,
            $composition->linesWith(static fn ($material): bool => $material->water() > 0.0),
        ), [
            'activity' => Term::number(round(WaterActivity::of($composition) ?? 0.0, 2)),
            'keeps' => Term::number(WaterActivity::NOTHING_GROWS),
        ]);
    }
}
