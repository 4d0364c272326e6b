<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Measure\Band;
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

    /** A weighing error matters where it carries the share over a limit that matters. */
    private function crosses(WeighedLine $line, Assessment $assessment): bool
    {
        $kind = $line->ingredient?->kind;
        $percent = $line->percent();
        $grams = $line->weighs();
        $isOfThose = $kind !== null && ($kind->isScent() || in_array(
            $kind,
            [Kind::Preservative, Kind::Emulsifier, Kind::AcidOrBase, Kind::Active],
            true,
        ));
        if (! $isOfThose || $percent === null || $grams <= 0) {
            return false;
        }
        $off = Band::around($percent->likely, min(1.0, $assessment->scaleResolutionG / 2 / $grams));
        $isRinsedOff = $assessment->formula->use === Application::RinseOff;

        return $line->ingredient->bears(Band::exact($percent->likely), $isRinsedOff)
            && ! $line->ingredient->bears($off, $isRinsedOff);
    }

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
            $severity = $this->crosses($line, $assessment) ? Severity::Mind : Severity::Note;
            yield new Finding('measure.unweighable', $severity, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'grams' => Term::grams($grams),
                'scale' => Term::grams($assessment->scaleResolutionG),
                'error' => Term::percent(100 * $error),
                'batch' => Term::grams(($total->likely ?? 0.0) * $error / self::MOST_ERROR),
                'stock' => Term::grams($grams / self::STOCK),
            ], keys: $line->insideKeys());
        }
    }
}
