<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** The lines don't make up the batch: too little, or more than there is room for. */
final class SumNot100 implements Rule
{
    /** As much as rounding of percentages may leave. */
    private const ROUNDING = 0.001;

    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        $sum = $composition->accounted;
        if ($composition->known() === [] || ($composition->basis === Basis::Lines && $composition->total !== null)) {
            return;
        }
        $over = $sum->above(1.0 + self::ROUNDING);
        $under = $composition->hasRest || $this->hasOpenLines($assessment) ? null : $sum->below(1.0 - self::ROUNDING);
        $certainty = $over ?? $under;
        if ($certainty === null || $composition->basis === Basis::Unknown) {
            return;
        }
        $base = (new Remedy($assessment))->baseLine();
        $fixes = [];
        if (
            $base !== null
            && ! $composition->hasRest
            && ($under !== null || $sum->likely - ($base->share->likely ?? 0.0) < 1.0)
        ) {
            $fixes[] = Fix::amount(
                $base->position,
                'to 100',
                'rest_on',
                ['ingredient' => Term::ingredient($base->ingredient->key ?? '')],
            );
        }
        if ($fixes === [] && $over !== null) {
            $fixes = $this->scaled($assessment, $sum->likely);
        }
        yield new Finding('measure.sum_not_100', Severity::Stop,
            $over === null
                ? []
                : array_map(static fn (WeighedLine $line): int => $line->position, $this->largest($assessment)),
            ['sum' => Term::percent($sum->times(100.0)), 'rest' => Term::percent(100 * abs(1 - $sum->likely))],
            $fixes, certainty: $certainty, variant: $over !== null ? 'over' : 'under');
    }

    private function hasOpenLines(Assessment $assessment): bool
    {
        foreach ($assessment->composition->lines as $line) {
            if ($line->isInBatch() && $line->grams === null) {
                return true;
            }
        }

        return false;
    }

    /**
     * The lines that take the most room, down to where they alone pass 100.
     *
     * @return list<WeighedLine>
     */
    private function largest(Assessment $assessment): array
    {
        $lines = array_filter(
            $assessment->composition->known(),
            static fn (WeighedLine $line): bool => $line->part() > 0,
        );
        usort(
            $lines,
            static fn (
                WeighedLine $a,
                WeighedLine $b,
            ): int => $b->part() <=> $a->part(),
        );
        $sum = 0.0;
        $taken = [];
        foreach ($lines as $line) {
            $taken[] = $line;
            $sum += $line->part();
            if ($sum > 1.0) {
                break;
            }
        }

        return $taken;
    }

    /** @return list<Fix> every percentage brought down alike */
    private function scaled(Assessment $assessment, float $sum): array
    {
        $patch = [];
        foreach ($assessment->composition->known() as $line) {
            $percent = $line->percent();
            if ($percent !== null && $percent->likely > 0) {
                $patch[] = [
                    'op' => 'replace',
                    'path' => '/lines/'.($line->position - 1).'/amount',
                    'value' => Amount::plain(round($percent->likely / $sum, 3)).' %',
                ];
            }
        }

        return $patch === [] ? [] : [new Fix('scale_to_100', $patch)];
    }
}
