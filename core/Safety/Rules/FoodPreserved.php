<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Microbiology\Load;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/**
 * A preservative that has food, raw juice or plant powder to hold: too much of it is fresh whatever is added, some of
 * it keeps for half the time; and plant waters ask for its usual dose.
 */
final class FoodPreserved implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $preservation = $assessment->preservation;
        $load = $preservation->load;
        if (! $preservation->hasSystem() || $load === null) {
            return;
        }
        $tooMuch = $load->tooMuch();
        foreach ($tooMuch as $what => $kind) {
            yield self::found("too_much_$what", $kind['lines'], $kind['limit']);
        }
        if ($preservation->regime !== Regime::Preserved) {
            return;
        }
        foreach (array_diff_key($load->some(), $tooMuch) as $what => $kind) {
            yield self::found("some_$what", $kind['lines'], $kind['limit']);
        }
        if ($load->plantWater() >= Load::PLANT_WATERS - 1e-9 && $preservation->effect?->word === 'yes') {
            yield from self::leastInPlantWater($assessment, $load);
        }
    }

    /** @return iterable<Finding> */
    private static function leastInPlantWater(Assessment $assessment, Load $load): iterable
    {
        foreach ($assessment->preservation->doses as $dose) {
            $usual = $dose->range()->typical ?? 0.0;
            if (
                $dose->percent === null
                || $dose->percent->likely >= $usual - 1e-9
                || ! ($dose->ingredient->coverage?->isComplete() ?? false)
            ) {
                continue;
            }
            yield new Finding('preservation.food', Severity::Mind, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
                'percent' => Term::percent($dose->percent),
                'usual' => Term::percent($usual),
                'share' => Term::percent(round(100 * $load->plantWater(), 1)),
            ], (new Remedy($assessment))->dose(
                $dose->line,
                $usual,
                'dose_to',
                ['percent' => Term::percent($usual)],
                isLeast: true,
            ), variant: 'plant_waters', keys: $dose->line->insideKeys());
        }
    }

    /** @param  list<WeighedLine>  $lines */
    private static function found(string $variant, array $lines, float $limit): Finding
    {
        return new Finding('preservation.food', Severity::Mind, array_values(array_unique(array_map(
            static fn (WeighedLine $line): int => $line->position,
            $lines,
        ))), [
            'ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            )),
            'limit' => Term::percent(100 * $limit),
        ], variant: $variant);
    }
}
