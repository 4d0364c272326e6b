<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Microbiology\PreservativeDose;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** The product's pH is outside the range a preservative works in. */
final class PreservativePhUnsuited implements Rule
{
    /** Inside the range, but not on its edge: the pH drifts. Common practice. */
    private const CLEAR_OF_EDGE = 0.3;

    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->preservation->doses as $dose) {
            if ($dose->suitsPh()) {
                continue;
            }
            if ($dose->ph === null) {
                yield $this->estimated($dose);

                continue;
            }
            [$low, $high] = $dose->ingredient->worksAtPh();
            $wanted = $dose->ph > $high
                ? max($low, $high - self::CLEAR_OF_EDGE)
                : min($high, $low + self::CLEAR_OF_EDGE);
            $wanted = round($wanted, 1);
            yield new Finding('preservation.ph_unsuited', Severity::Stop, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
                'ph' => Term::number($dose->ph),
                'low' => Term::number($low),
                'high' => Term::number($high),
                'source' => Term::note($dose->ingredient->sourceOf('ph')),
            ], (new Remedy($assessment))->aimAt(
                $wanted,
                min($wanted, max($low, AcidityRange::BEST)),
            ), keys: $dose->line->insideKeys());
        }
    }

    /** Nobody has said a pH, and whatever it is, what is dissolved keeps it out of the range. */
    private function estimated(PreservativeDose $dose): Finding
    {
        return new Finding('preservation.ph_unsuited', Severity::Stop, [$dose->line->position], [
            'ingredient' => Term::ingredient($dose->ingredient->key),
            'ph' => Term::number(round($dose->acidity->likely ?? 7.0, 1)),
            'low' => Term::number($dose->ingredient->worksAtPh()[0]),
            'high' => Term::number($dose->ingredient->worksAtPh()[1]),
            'source' => Term::note($dose->ingredient->sourceOf('ph')),
        ], variant: 'estimated', keys: $dose->line->insideKeys());
    }
}
