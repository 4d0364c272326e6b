<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Microbiology\PreservativeDose;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A component that the law keeps out of sprays. */
final class PreservativeFormUnsuited implements Rule
{
    private const NOT_SPRAYED = ['Dehydroacetic Acid', 'Sodium Dehydroacetate', 'Salicylic Acid'];

    public function examine(Assessment $assessment): iterable
    {
        if (! $assessment->isSprayed()) {
            return;
        }
        foreach ($assessment->preservation->doses as $dose) {
            foreach ($dose->components as $component) {
                if (! in_array($component->component->inci, self::NOT_SPRAYED, true)) {
                    continue;
                }
                yield new Finding('preservation.form_unsuited', Severity::Mind, [$dose->line->position], [
                    'ingredient' => Term::ingredient($dose->ingredient->key),
                    'component' => Term::text($component->component->inci),
                ], $this->instead($assessment, $dose), keys: $dose->line->insideKeys());
                break;
            }
        }
    }

    /** @return list<Fix> */
    private function instead(Assessment $assessment, PreservativeDose $dose): array
    {
        $percent = $assessment->fullPreservative()->usualUse();
        if ($dose->line->line->ingredient === null) {
            return [];
        }

        return array_map(static fn (Fix $fix): Fix => new Fix('swap_for', [
            [
                'op' => 'replace',
                'path' => '/lines/'.($dose->line->position - 1).'/ingredient',
                'value' => $assessment->fullPreservative()->key,
            ],
            ...$fix->patch,
        ], ['ingredient' => Term::ingredient($assessment->fullPreservative()->key)]), (new Remedy($assessment))->dose(
            $dose->line,
            $percent,
            'swap_for',
        ));
    }
}
