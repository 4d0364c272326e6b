<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Water poured cold into an emulsion made hot: the fats set before the droplets are small. */
final class ColdWaterPhase implements Rule
{
    /** More cold water than this chills it. Fraction of the batch; common practice. */
    public const MOST = 0.10;

    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        if (
            $assessment->heat === null
            || ! $assessment->formula->family->isEmulsion()
            || $assessment->emulsion->emulsifiers === []
            || $assessment->emulsion->fats === []
        ) {
            return;
        }
        $cold = array_values(array_filter(
            $composition->lines,
            static fn (WeighedLine $line): bool => $line->phase === Phase::Cooldown
                && ($line->ingredient?->kind->isWatery() ?? false)
                && $line->ingredient->bringsFreeWater(),
        ));
        $share = Composition::shareOfLines($cold);
        if ($share->likely <= self::MOST + 1e-9) {
            return;
        }
        usort($cold, static fn (WeighedLine $a, WeighedLine $b): int => $b->part()
            <=> $a->part());
        yield new Finding('emulsion.water_not_heated', Severity::Stop, array_map(
            static fn (WeighedLine $line): int => $line->position,
            $cold,
        ), [
            'percent' => Term::percent($share->times(100.0)),
            'limit' => Term::percent(100 * self::MOST),
        ], [Fix::phase($cold[0]->position, Phase::Water->value, 'move_to_water')]);
    }
}
