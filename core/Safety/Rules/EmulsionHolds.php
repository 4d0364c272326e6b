<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Physics\Emulsion\Creaming;
use Ilvane\Core\Physics\Emulsion\GelNetwork;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Whether an emulsion stays as it was made: how soon it creams, and how thick its layers make it. */
final class EmulsionHolds implements Rule
{
    /** A line that shows sooner is to be said on the label. Days. */
    public const SOON = 30.0;

    public function examine(Assessment $assessment): iterable
    {
        $days = Creaming::days($assessment->composition, $assessment->emulsion);
        if ($days !== null && $days < self::SOON) {
            yield new Finding('emulsion.creams', Severity::Note, array_map(
                static fn (WeighedLine $line): int => $line->position,
                $assessment->emulsion->fats,
            ), ['days' => Term::days(max(1.0, round($days)))]);
        }
        $ratio = GelNetwork::ratio($assessment->composition);
        if (
            $ratio !== null
            && $assessment->formula->family->isEmulsion()
            && ($ratio < GelNetwork::THIN || $ratio > GelNetwork::GRAINY)
        ) {
            yield new Finding('emulsion.fatty_alcohol_ratio', Severity::Note, terms: [
                'ratio' => Term::number(round($ratio, 1)),
                'low' => Term::number(GelNetwork::THIN),
                'high' => Term::number(GelNetwork::GRAINY),
            ], variant: $ratio < GelNetwork::THIN ? 'thin' : 'grainy');
        }
    }
}
