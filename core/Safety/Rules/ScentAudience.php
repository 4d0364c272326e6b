<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Scent oils that small children or someone pregnant should not meet. */
final class ScentAudience implements Rule
{
    /** @return list<Caution> what these people should not meet */
    public static function avoided(Audience $audience): array
    {
        return match ($audience) {
            Audience::Pregnant => [Caution::AvoidPregnancy],
            Audience::ChildUnder3 => [Caution::AvoidUnder3, Caution::AvoidUnder6, Caution::RespiratoryChild],
            Audience::ChildUnder6 => [Caution::AvoidUnder6, Caution::RespiratoryChild],
            default => [],
        };
    }

    public function examine(Assessment $assessment): iterable
    {
        $avoid = self::avoided($assessment->formula->audience);
        $lines = $assessment->composition
            ->linesOrExtractsWith(static fn (Material $ingredient): bool => ($ingredient->kind
                ->isScent() || $ingredient
                ->hasCaution(Caution::Irritant))
                && $ingredient->kind !== Kind::Preservative
                && $ingredient->kind !== Kind::AcidOrBase
            && array_filter($avoid, $ingredient->hasCaution(...)) !== []);
        foreach ($lines as $line) {
            yield new Finding('scent.audience', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key ?? ''),
                'people' => Term::word('audience_'.$assessment->formula->audience->value),
            ], $line->isInside() ? [] : [
                (new Remedy($assessment))->remove($line->position),
            ], keys: $line->insideKeys());
        }
    }
}
