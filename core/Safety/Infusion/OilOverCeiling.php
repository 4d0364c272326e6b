<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Hotter than the oil or the plant is best kept. A cook-out is no method for an oil that turns at the least heat. */
final class OilOverCeiling implements InfusionRule
{
    /** A bath is not held nearer than this. */
    private const SLACK_C = 5.0;

    /** Oils best kept below this (linseed, rosehip, hemp) turn while they cook; others only age. Common practice. */
    private const TURNS_BELOW_C = 60.0;

    public function examine(Infusion $infusion): iterable
    {
        $plan = $infusion->plan;
        foreach ([...$infusion->contents->plants, ...$infusion->contents->oils] as $i => $part) {
            $ceiling = $part->ingredient->maxProcessTemperature;
            $isOil = $part->form === null;
            if (
                $ceiling === null
                || $plan->celsius <= $ceiling + ($plan->method->drivesWaterOut() ? 0.0 : self::SLACK_C)
            ) {
                continue;
            }
            $isCooked = $isOil && $plan->method->drivesWaterOut();
            $refused = $isCooked && $ceiling < self::TURNS_BELOW_C;
            yield new Finding(
                'heat.over_ceiling', $refused ? Severity::Stop : Severity::Mind, [$i + 1],
                [
                    'ingredient' => Term::ingredient($part->ingredient->key),
                    'celsius' => Term::celsius($plan->celsius),
                    'ceiling' => Term::celsius($ceiling),
                ],
                $isCooked
                    ? []
                    : [new Fix(
                        'infuse_at',
                        [['op' => 'add', 'path' => '/temperature_c', 'value' => $ceiling]],
                        ['celsius' => Term::celsius($ceiling)],
                    )],
                variant: match (true) {
                    $refused => 'cook_out',
                    $isCooked => 'cooked',
                    default => 'infusion',
                },
            );
        }
    }
}
