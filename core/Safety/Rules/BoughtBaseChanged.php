<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Microbiology\BoughtBase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Something was stirred into a bought base: its own preservative, the oil it takes, and the order of its label. */
final class BoughtBaseChanged implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $base = $assessment->preservation->base;
        if ($base === null || $base->share >= 1 - 1e-9) {
            return;
        }
        $lines = array_map(static fn (WeighedLine $line): int => $line->position, $base->lines);
        $terms = [
            'bases' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $base->lines,
            )),
            'added' => Term::percent(100 * (1 - $base->share)),
        ];
        if ($base->isPreserved && $assessment->preservation->doses === []) {
            yield $base->holds()
                ? new Finding('preservation.base_own', Severity::Note, $lines, $terms)
                : $this->diluted($assessment, $lines, $terms);
        }
        if ($assessment->emulsion->emulsifiers === [] && $assessment->emulsion->fatShare->likely > BoughtBase::OIL) {
            yield new Finding('emulsion.base_oil', Severity::Mind, $lines, [
                ...$terms,
                'fat' => Term::percent(100 * $assessment->emulsion->fatShare->likely),
                'takes' => Term::percent(100 * BoughtBase::OIL),
            ]);
        }
        yield new Finding('label.base_order', Severity::Note, $lines, $terms);
    }

    /**
     * @param  list<int>  $lines
     * @param  array<string, Term>  $terms
     */
    private function diluted(Assessment $assessment, array $lines, array $terms): Finding
    {
        $preservative = $assessment->fullPreservative();
        $percent = $preservative->usualUse();

        return new Finding(
            'preservation.base_diluted',
            $assessment->isFreshOnPurpose() ? Severity::Note : Severity::Mind,
            $lines,
            [...$terms, 'days' => Term::days($assessment->keepingIfFresh()->days ?? 1.0)],
            [(new Remedy($assessment))->add($preservative->key, $percent, Phase::Cooldown, 'add_preservative', [
                'ingredient' => Term::ingredient($preservative->key),
                'percent' => Term::percent($percent),
            ])],
        );
    }
}
