<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Phase;

/**
 * How hot the phases have to get, °C. Common practice: 70 (70 to 75), or 2 °C above the highest melting point if that
 * is more.
 */
final readonly class PhaseHeat
{
    public const USUAL_C = 70.0;

    public const ABOVE_MELTING_C = 2.0;

    /** Both phases within this of each other when they meet, else the fats seize. Common practice. */
    public const EQUAL_WITHIN_C = 5.0;

    /** Below this a fat melts in a warm hand's heat and needs no bath. */
    private const NEEDS_MELTING_C = 30.0;

    private function __construct(
        public float $target,
        public float $highestMelting,
    ) {
    }

    /** null when nothing in the formula is heated. */
    public static function of(Formula $formula, Composition $composition): ?self
    {
        $highest = self::highestMelting($composition);
        if ($formula->process->heatTo !== null) {
            return new self($formula->process->heatTo, $highest);
        }
        if (
            $highest < self::NEEDS_MELTING_C
            && ! ($formula->family->isEmulsion() && $composition->inPhase(Phase::Oil) !== [])
        ) {
            return null;
        }
        $isEmulsion = $formula->family->isEmulsion();

        return new self(max($isEmulsion ? self::USUAL_C : 0.0, $highest + self::ABOVE_MELTING_C), $highest);
    }

    /** °C a heating goes to: as planned, else as the formula needs, else as usual. */
    public static function targetOf(?float $planned, Formula $formula, Composition $composition): float
    {
        return $planned ?? self::of($formula, $composition)->target ?? self::USUAL_C;
    }

    /** Highest end of melting in the heated phases, °C; 0 when all is liquid. */
    private static function highestMelting(Composition $composition): float
    {
        $highest = 0.0;
        foreach ($composition->opened() as $line) {
            if (self::heats($line->phase)) {
                $highest = max($highest, $line->ingredient->meltHigh ?? 0.0);
            }
        }

        return $highest;
    }

    public static function heats(Phase $phase): bool
    {
        return $phase === Phase::Oil || $phase === Phase::Water;
    }
}
