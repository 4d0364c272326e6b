<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

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
    private const WITH_LATEX = ['aloe-leaf-fresh', 'aloe-whole-leaf-blend'];

    private const PULPY = ['banana-flesh', 'avocado-flesh', 'aloe-leaf-fresh'];

    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->known() as $line) {
            $key = $line->ingredient->key ?? '';
            $prepared = $line->line->prepared;
            if (in_array($key, self::WITH_LATEX, true) && $prepared !== Prepared::Soaked && $prepared !== Prepared::Strained) {
                yield new Finding('plant.latex', Severity::Mind, [$line->position], ['ingredient' => Term::ingredient($key)], [self::prepared($line, Prepared::Soaked)]);
            }
            if (in_array($key, self::PULPY, true) && $prepared !== Prepared::Strained && $prepared !== Prepared::Soaked) {
                yield new Finding('plant.unstrained', Severity::Mind, [$line->position], ['ingredient' => Term::ingredient($key)], [self::prepared($line, Prepared::Strained)]);
            }
        }
    }

    private static function prepared(WeighedLine $line, Prepared $prepared): Fix
    {
        return new Fix("prepare_$prepared->value", [['op' => 'add', 'path' => '/lines/'.($line->position - 1).'/prepared', 'value' => $prepared->value]]);
    }
}
