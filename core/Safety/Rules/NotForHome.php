<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Forbidden things, medicines, and what is too dangerous to dose at home: whatever the amount, in or strained out. */
final class NotForHome implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->opened() as $line) {
            if ($line->ingredient?->is(MaterialTrait::NotForHome) !== true) {
                continue;
            }
            yield new Finding('material.not_for_home', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'caution' => Term::note($line->ingredient->cautionNote),
                'source' => Term::note($line->ingredient->source),
            ], $line->isInside() ? [] : [
                (new Remedy($assessment))->remove($line->position),
            ], keys: $line->insideKeys());
        }
    }
}
