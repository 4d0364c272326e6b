<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** An amount too small for the maker's scale. */
final class Unweighable implements Rule
{
    /** Half a scale step may be this part of the amount at most. */
    public const MOST_ERROR = 0.05;

    /** Strength of the pre-dilution offered. */
    private const STOCK = 0.10;

    public function examine(Assessment $assessment): iterable
    {
        $total = $assessment->composition->total;
        if ($assessment->composition->basis === Basis::Hundred) {
            return;
        }
        foreach ($assessment->composition->lines as $line) {
            $grams = $line->grams?->likely;
            if ($grams === null || $grams <= 0 || ! $line->isToBeWeighed() || $line->ingredient === null) {
                continue;
            }
            $error = $assessment->scaleResolutionG / 2 / $grams;
            if ($error <= self::MOST_ERROR + 1e-9) {
                continue;
            }
            yield new Finding('measure.unweighable', Severity::Mind, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'grams' => Term::grams($grams),
                'scale' => Term::grams($assessment->scaleResolutionG),
                'error' => Term::percent(100 * $error),
                'batch' => Term::grams(($total->likely ?? 0.0) * $error / self::MOST_ERROR),
                'stock' => Term::grams($grams / self::STOCK),
            ]);
        }
    }
}
