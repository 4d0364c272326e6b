<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Emulsion\Hlb;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\AmountKind;

/** A non-ionic blend whose balance is not what the oils ask for. */
final class HlbOff implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $hlb = $assessment->hlb;
        $off = $hlb->off();
        if ($off === null || abs($off) <= Hlb::GOOD || $assessment->emulsion->emulsifiers === [] || $assessment->formula->family->isFatOnly()) {
            return;
        }
        $isMinor = $hlb->isBalanced || abs($off) <= Hlb::MIND;
        yield new Finding('emulsion.hlb_off', $isMinor ? Severity::Note : Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $hlb->pair),
            ['blend' => Term::number($hlb->blend ?? 0.0), 'required' => Term::number($hlb->required ?? 0.0)],
            $isMinor ? [] : self::split($hlb),
            variant: $hlb->isBalanced ? 'balanced' : 'usual',
        );
    }

    /** @return list<Fix> */
    private static function split(Hlb $hlb): array
    {
        $split = $hlb->split();
        if ($split === null) {
            return [];
        }
        $patch = [];
        foreach ($hlb->pair as $i => $line) {
            $range = $line->ingredient?->use;
            $was = 100 * ($line->share->likely ?? 0.0);
            if ($range === null || $split[$i] > $range->max || $split[$i] < 0.01 || $was <= 0) {
                return [];
            }
            $amount = $line->amount?->kind === AmountKind::Percent ? round($split[$i], 2).' %' : round(($line->grams->likely ?? 0.0) * $split[$i] / $was, 2).' g';
            $patch[] = ['op' => 'replace', 'path' => '/lines/'.($line->position - 1).'/amount', 'value' => $amount];
        }

        return $patch === [] ? [] : [new Fix('split_emulsifiers', $patch)];
    }
}
