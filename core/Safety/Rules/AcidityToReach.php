<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Acidity\Adjustment;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** How the pH that is meant is reached, and whether it stays. */
final class AcidityToReach implements Rule
{
    /** A drop of thin solution, grams. Common practice. */
    private const DROP_G = 0.05;

    /** Citric acid is dropped in as so strong a solution, lye as so strong. Common practice. */
    private const ACID_SOLUTION = 0.20;

    private const LYE_SOLUTION = 0.10;

    public function examine(Assessment $assessment): iterable
    {
        $ph = $assessment->formula->ph;
        if (! $assessment->preservation->isWatery || $assessment->isOnBatch) {
            return;
        }
        $adjustment = $ph === null ? null : Adjustment::to($ph, $assessment->preservation->dissolved);
        $polymers = $assessment->composition->linesWith(AcidityRange::wantsNeutralising(...));
        if ($ph !== null && $adjustment !== null && ($polymers === [] || $adjustment->isAcid)) {
            yield self::toReach($assessment, $ph, $adjustment);
        }
        $drifting = $assessment->composition->linesWith(
            static fn (Material $material): bool => $material->is(MaterialTrait::DriftsAcid),
        );
        if ($drifting !== []) {
            yield new Finding('acidity.drifts', Severity::Note, self::positions($drifting), [
                'ingredient' => Term::ingredient($drifting[0]->ingredient->key ?? ''),
            ]);
        }
        if ($polymers !== []) {
            yield from self::polymer($assessment, $polymers, $ph);
        }
    }

    private static function toReach(Assessment $assessment, float $ph, Adjustment $adjustment): Finding
    {
        $total = $assessment->composition->total->likely ?? 100.0;
        $grams = $adjustment->percent->times($total / 100);
        $solution = $adjustment->isAcid ? self::ACID_SOLUTION : self::LYE_SOLUTION;

        return new Finding('acidity.to_reach', Severity::Note, terms: [
            'ph' => Term::number($ph),
            'from' => Term::number(round($adjustment->from, 1)),
            'ingredient' => Term::ingredient($assessment->catalogue->choice(ChoiceRole::Acid)->key),
            'low' => Term::grams($grams->low),
            'high' => Term::grams($grams->high),
            'drops' => Term::number(max(1.0, round($grams->likely / $solution / self::DROP_G))),
        ], variant: $adjustment->isAcid ? 'acid' : 'alkali');
    }

    /**
     * @param  list<WeighedLine>  $polymers
     * @return iterable<Finding>
     */
    private static function polymer(Assessment $assessment, array $polymers, ?float $ph): iterable
    {
        [$low, $high] = AcidityRange::CARBOMER;
        $guess = $assessment->preservation->dissolved->guess;
        if ($guess === null || $guess >= $low || ($ph !== null && $ph < $low)) {
            return; // it is neutralised, or a pH is meant at which it never is: that is said elsewhere
        }
        $aim = max($low, min($high, $ph ?? self::NEUTRALISED));
        $lye = $assessment->preservation->dissolved->lyeFor($aim);
        $total = $assessment->composition->total->likely ?? 100.0;
        $grams = Band::around(($lye ?? 0.0) * $total / 100, self::LYE_OFF);
        yield new Finding('polymer.not_neutralised', Severity::Mind, self::positions($polymers), [
            'ingredient' => Term::ingredient($polymers[0]->ingredient->key ?? ''),
            'from' => Term::number(round($guess, 1)),
            'ph' => Term::number($aim),
            'low' => Term::grams($grams->low / self::LYE_SOLUTION),
            'high' => Term::grams($grams->high / self::LYE_SOLUTION),
        ]);
    }

    /** Where it is thickest. Textbook, recalled. */
    private const NEUTRALISED = 6.5;

    private const LYE_OFF = 0.3;

    /**
     * @param  list<WeighedLine>  $lines
     * @return list<int>
     */
    private static function positions(array $lines): array
    {
        return array_map(static fn (WeighedLine $line): int => $line->position, $lines);
    }
}
