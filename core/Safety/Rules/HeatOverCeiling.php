<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Something in a heated phase that gets hotter than it keeps its worth at. */
final class HeatOverCeiling implements Rule
{
    /**
     * A bath swings by so much around the usual 70 to 75 °C; a ceiling inside the swing is not worth a word. Common
     * practice.
     */
    private const BATH_SWING_C = 5.0;

    public function examine(Assessment $assessment): iterable
    {
        $heat = $assessment->heat;
        if ($heat === null) {
            return;
        }
        foreach ($assessment->composition->opened() as $line) {
            $ceiling = $line->ingredient?->maxProcessTemperature;
            if ($ceiling === null || $line->ingredient->kind === Kind::Preservative
                || ! PhaseHeat::heats($line->phase) || $heat->target <= $ceiling + self::BATH_SWING_C) {
                continue;
            }
            $isHerbWater = $line->ingredient->kind->isWatery();
            yield new Finding('heat.over_ceiling', $isHerbWater ? Severity::Note : Severity::Mind, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'ceiling' => Term::celsius($ceiling),
                'heat' => Term::celsius($heat->target),
                'source' => Term::note($line->ingredient->sourceOf('heat')),
            ], self::canWait($line->ingredient->kind)
                ? [Fix::phase($line->position, 'cooldown', 'move_to_cooldown')]
                : [], variant: $isHerbWater ? 'herb_water' : 'usual', keys: $line->insideKeys());
        }
    }

    /** Carrier oils and teas belong into their phase: cold oil sets the cream, and cold tea was never made safe. */
    private static function canWait(Kind $kind): bool
    {
        return ! $kind->isLipid() && ! $kind->isWatery();
    }
}
