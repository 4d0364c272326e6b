<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** What stands above the oil moulds. */
final class PlantUncovered implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        $room = $infusion->emptiest;
        if ($room->isCovered()) {
            return;
        }
        $oil = $infusion->contents->oils[0];
        // a round number to pour, a little over
        $missing = ceil($room->missingMl() * ($oil->ingredient->bulk->density ?? 0.915) / 5 + 0.2) * 5;
        $atStart = ! $infusion->room->isCovered();
        yield new Finding(
            'plant.uncovered', Severity::Mind,
            range(1, count($infusion->contents->plants)),
            ['grams' => Term::grams($missing)],
            $atStart
                ? [new Fix(
                    'more_oil',
                    [[
                        'op' => 'replace',
                        'path' => '/oils/0/amount',
                        'value' => round($oil->grams->likely + $missing).' g',
                    ]],
                    ['grams' => Term::grams($missing)],
                )]
                : [],
            variant: $atStart ? 'usual' : 'later',
        );
    }
}
