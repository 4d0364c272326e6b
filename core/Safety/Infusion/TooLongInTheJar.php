<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** After two to three months plant and oil only age. */
final class TooLongInTheJar implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        $plan = $infusion->plan;
        if ($plan->days > Infusion::LONGEST_DAYS && ! $plan->inMinutes) {
            yield new Finding('plant.strained_late', Severity::Mind, terms: [
                'days' => Term::days($plan->days),
                'most' => Term::days(Infusion::LONGEST_DAYS),
            ], fixes: [
                new Fix(
                    'strain_on_day',
                    [['op' => 'replace', 'path' => '/days', 'value' => 42]],
                    ['days' => Term::days(42)],
                ),
            ], variant: 'jar');
        }
    }
}
