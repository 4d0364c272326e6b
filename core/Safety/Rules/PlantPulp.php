<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Latex not soaked out of aloe; pulp not strained. */
final class PlantPulp implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->known() as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $key = $ingredient->key;
            if (
                $ingredient->is(MaterialTrait::Latex)
                && ! $line->line->isPrepared(Prepared::Soaked, Prepared::Strained)
            ) {
                yield new Finding(
                    'plant.latex',
                    Severity::Mind,
                    [$line->position],
                    ['ingredient' => Term::ingredient($key)],
                    [self::prepared($line, Prepared::Soaked)],
                    keys: $line->insideKeys(),
                );
            }
            if (
                $ingredient->is(MaterialTrait::Pulpy)
                && ! $line->line->isPrepared(Prepared::Soaked, Prepared::Strained)
            ) {
                yield new Finding(
                    'plant.unstrained',
                    Severity::Mind,
                    [$line->position],
                    ['ingredient' => Term::ingredient($key)],
                    [self::prepared($line, Prepared::Strained)],
                    keys: $line->insideKeys(),
                );
            }
        }
    }

    private static function prepared(WeighedLine $line, Prepared $prepared): Fix
    {
        return new Fix(
            "prepare_$prepared->value",
            [['op' => 'add', 'path' => $line->path().'/prepared', 'value' => $line->line->preparedToo($prepared)]],
        );
    }
}
