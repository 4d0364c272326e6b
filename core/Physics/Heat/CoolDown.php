<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Phase;

/** The temperature at or below which preservative, vitamin E, protein and scent go in, °C. Common practice. */
final readonly class CoolDown
{
    public const USUAL_C = 40.0;

    /** Scent and delicate preservatives bear this much more than their limit. */
    public const SLACK_C = 2.0;

    /** A balm is poured before it sets: so much above its setting point, and never hotter than this. */
    private const ABOVE_SETTING_C = 3.0;

    private const BALM_AT_MOST_C = 60.0;

    /** As its maker has said, else as its kind needs: at most 40 °C, or the lowest heat limit of what goes in. */
    public static function of(Formula $formula, Composition $composition): float
    {
        if ($formula->process->coolDown !== null) {
            return $formula->process->coolDown;
        }
        $setting = self::setsAt($formula, $composition);

        return $setting === null
            ? min(self::USUAL_C, self::lowestLimit($composition) ?? self::USUAL_C)
            : max(self::USUAL_C, min(self::BALM_AT_MOST_C, $setting + self::ABOVE_SETTING_C));
    }

    /** A balm goes into its tins before it sets, hotter than its scent would like. */
    public static function isPouredHot(Formula $formula, Composition $composition): bool
    {
        return self::setsAt($formula, $composition) !== null;
    }

    /** Lowest heat limit in the cool-down phase; null where none is known. */
    public static function lowestLimit(Composition $composition): ?float
    {
        $limits = array_filter(
            array_map(
                static fn (WeighedLine $line): ?float => $line->ingredient?->maxProcessTemperature,
                $composition->openedInPhase(Phase::Cooldown),
            ),
            static fn (?float $limit): bool => $limit !== null,
        );

        return $limits === [] ? null : min($limits);
    }

    /** Where the hardest of its fats begins to melt, °C: an estimate, and rather high. Null for what is no balm. */
    private static function setsAt(Formula $formula, Composition $composition): ?float
    {
        if ($formula->family !== Family::Pomade) {
            return null;
        }
        $melts = [];
        foreach ($composition->opened() as $line) {
            if (PhaseHeat::heats($line->phase) && $line->ingredient?->meltLow !== null) {
                $melts[] = $line->ingredient->meltLow;
            }
        }

        return $melts === [] ? null : max($melts);
    }
}
