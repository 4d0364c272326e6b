<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\MaterialTrait;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Formula\WeighedLine;

/** Latex not soaked out of aloe; pulp not strained. */
final class PlantPulp implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->known() as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $key = $ingredient->key;
            $prepared = $line->line->prepared;
            if ($ingredient->is(MaterialTrait::Latex) && $prepared !== Prepared::Soaked && $prepared !== Prepared::Strained) {
                yield new Finding('plant.latex', Severity::Mind, [$line->position], ['ingredient' => Term::ingredient($key)], [self::prepared($line, Prepared::Soaked)]);
            }
            if ($ingredient->is(MaterialTrait::Pulpy) && $prepared !== Prepared::Strained && $prepared !== Prepared::Soaked) {
                yield new Finding('plant.unstrained', Severity::Mind, [$line->position], ['ingredient' => Term::ingredient($key)], [self::prepared($line, Prepared::Strained)]);
            }
        }
    }

    private static function prepared(WeighedLine $line, Prepared $prepared): Fix
    {
        return new Fix("prepare_$prepared->value", [['op' => 'add', 'path' => '/lines/'.($line->position - 1).'/prepared', 'value' => $prepared->value]]);
    }
}
