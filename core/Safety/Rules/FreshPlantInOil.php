<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A wet plant in oil: mould, and in the worst case botulism. Dry it or cook the water out first. */
final class FreshPlantInOil implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->plants() as [$line, $isInOil]) {
            if (
                ! $isInOil
                || $line->ingredient?->kind !== Kind::FreshBotanical
                || $line->line->hasWaterDrivenOut()
            ) {
                continue;
            }
            $way = static fn (string $prepared): Fix => new Fix(
                "prepare_$prepared",
                [[
                    'op' => 'add',
                    'path' => $line->path().'/prepared',
                    'value' => $line->line->preparedToo(Prepared::from($prepared)),
                ]],
            );
            yield new Finding('plant.fresh_in_oil', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
            ], [$way('dried'), $way('cooked_out')], keys: $line->insideKeys());
        }
    }
}
