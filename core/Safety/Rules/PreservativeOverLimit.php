<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Region;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/**
 * A preservative component above what the regulation allows in the finished product, or a blend above its usual range.
 */
final class PreservativeOverLimit implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $reported = [];
        foreach ($assessment->preservation->components() as $component) {
            $certainty = $component->limit === null ? null : $component->percent->above($component->limit);
            if ($certainty === null) {
                continue;
            }
            $reported = [...$reported, ...$component->lines];
            $isLaw = $assessment->formula->region === Region::EuropeanUnion; // elsewhere its figures are guidance
            yield new Finding('preservation.over_limit', $isLaw ? Severity::Stop : Severity::Mind, $component->lines, [
                'component' => Term::text($component->component->inci),
                'percent' => Term::percent($component->percent),
                'limit' => Term::percent($component->limit),
                'as' => Term::word($component->component->limitIsAsAcid() ? 'limit_as_acid' : 'limit_as_such'),
                'source' => Term::note($component->component->source),
                'region' => Term::word(
                    $assessment->formula->region === Region::UnitedStates ? 'region_us_guidance' : 'region_eu',
                ),
            ], $this->fixes($assessment, $component->lines), certainty: $certainty, variant: $certainty->value);
        }
        yield from $this->aboveUsual($assessment, $reported);
    }

    /**
     * @param  list<int>  $reported
     * @return iterable<Finding>
     */
    private function aboveUsual(Assessment $assessment, array $reported): iterable
    {
        foreach ($assessment->preservation->doses as $dose) {
            $range = $dose->range();
            $isRinsedOff = $assessment->formula->use === Application::RinseOff;
            $rinseOffMax = $isRinsedOff ? $dose->ingredient->rinseOffMax : null;
            $most = $range === null ? null : max($range->max, $rinseOffMax ?? 0.0);
            $certainty = $most === null ? null : $dose->percent?->above($most);
            if ($certainty === null || in_array($dose->line->position, $reported, true)) {
                continue;
            }
            yield new Finding('preservation.high', Severity::Mind, [$dose->line->position], [
                'ingredient' => Term::ingredient($dose->ingredient->key),
                'percent' => Term::percent($dose->percent),
                'max' => Term::percent($most),
                'source' => Term::note($dose->ingredient->sourceOf('use')),
            ], $this->fixes(
                $assessment,
                [$dose->line->position],
            ), certainty: $certainty, keys: $dose->line->insideKeys());
        }
    }

    /**
     * @param  list<int>  $lines
     * @return list<Fix>
     */
    private function fixes(Assessment $assessment, array $lines): array
    {
        if (count($lines) > 1) {
            return [(new Remedy($assessment))->remove($lines[count($lines) - 1])];
        }
        $fixes = [];
        foreach ($assessment->preservation->doses as $dose) {
            if ($dose->line->position === $lines[0] && $dose->range() !== null) {
                $typical = $dose->range()->typical;
                array_push(
                    $fixes,
                    ...(new Remedy($assessment))->dose(
                        $dose->line,
                        $typical,
                        'dose_to',
                        ['percent' => Term::percent($typical)],
                    ),
                );
            }
        }

        return $fixes;
    }
}
