<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Infusion;

use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Infusion\Infusion;

/** After two to three months plant and oil only age. */
final class TooLongInTheJar implements InfusionCheck
{
    public function examine(Infusion $infusion): iterable
    {
        $plan = $infusion->plan;
        if ($plan->days > Infusion::LONGEST_DAYS && ! $plan->inMinutes) {
            yield new Finding('plant.strained_late', Severity::Mind, terms: ['days' => Term::days($plan->days), 'most' => Term::days(Infusion::LONGEST_DAYS)], fixes: [
                new Fix('strain_on_day', [['op' => 'replace', 'path' => '/days', 'value' => 42]], ['days' => Term::days(42)]),
            ], variant: 'jar');
        }
    }
}
