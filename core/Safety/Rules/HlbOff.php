<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A non-ionic blend whose balance is not what the oils ask for. */
final class HlbOff implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $hlb = $assessment->hlb;
        $off = $hlb->off();
        if (
            $off === null
            || abs($off) <= Hlb::GOOD
            || $assessment->emulsion->emulsifiers === []
            || $assessment->formula->family->isFatOnly()
        ) {
            return;
        }
        $isPartly = $hlb->unknown > Hlb::UNKNOWN_WORTH_SAYING;
        $isMinor = $hlb->isBalanced || $isPartly || abs($off) <= Hlb::MIND;
        yield new Finding('emulsion.hlb_off', $isMinor ? Severity::Note : Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $hlb->pair),
            [
                'blend' => Term::number($hlb->blend ?? 0.0),
                'required' => Term::number($hlb->required ?? 0.0),
                'unknown' => Term::percent(round(100 * $hlb->unknown)),
            ],
            $isMinor ? [] : Remedy::split($hlb),
            variant: match (true) {
                $hlb->isBalanced => 'balanced',
                $isPartly => 'partly',
                default => 'usual',
            },
        );
    }
}
