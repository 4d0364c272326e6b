<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Caution;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Audience;

/** Scent oils that small children or someone pregnant should not meet. */
final class ScentAudience implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $avoid = match ($assessment->formula->audience) {
            Audience::Pregnant => [Caution::AvoidPregnancy],
            Audience::ChildUnder3 => [Caution::AvoidUnder3, Caution::AvoidUnder6, Caution::RespiratoryChild],
            Audience::ChildUnder6 => [Caution::AvoidUnder6, Caution::RespiratoryChild],
            default => [],
        };
        $lines = $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => ($ingredient->kind->isScent() || $ingredient->hasCaution(Caution::Irritant)) && $ingredient->kind !== Kind::Preservative && $ingredient->kind !== Kind::AcidOrBase
            && array_filter($avoid, $ingredient->hasCaution(...)) !== []);
        foreach ($lines as $line) {
            yield new Finding('scent.audience', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key ?? ''), 'people' => Term::word('audience_'.$assessment->formula->audience->value),
            ], $line->line->formula === null ? [Fix::removeLine($line->position, 'remove_line')] : []);
        }
    }
}
