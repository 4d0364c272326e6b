<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A wet plant in oil: mould, and in the worst case botulism. Dry it, wilt it or cook the water out first. */
final class FreshPlantInOil implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $family = $assessment->formula->family;
        foreach ($assessment->composition->lines as $line) {
            $inOil = $line->phase === Phase::Oil || ($line->phase === Phase::Infusion && $family->isFatOnly());
            if (
                $line->ingredient?->kind !== Kind::FreshBotanical
                || ! $inOil
                || ($line->line->prepared?->drivesWaterOut() ?? false)
            ) {
                continue;
            }
            $way = static fn (string $prepared): Fix => new Fix(
                "prepare_$prepared",
                [['op' => 'add', 'path' => '/lines/'.($line->position - 1).'/prepared', 'value' => $prepared]],
            );
            yield new Finding('plant.fresh_in_oil', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
            ], [$way('dried'), $way('wilted'), $way('cooked_out')]);
        }
    }
}
