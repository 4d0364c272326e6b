<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlan;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Called cooked out, and too cool for the water to leave. */
final class JarNotCookedOut implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        $plan = $infusion->plan;
        if (! $plan->method->drivesWaterOut() || $plan->drivesWaterOut() || $infusion->waterToDriveOut() <= 0.0) {
            return;
        }
        $usual = Method::CookOut->usualCelsius();
        yield new Finding('infusion.not_cooked_out', Severity::Stop, terms: [
            'celsius' => Term::celsius($plan->celsius),
            'least' => Term::celsius(InfusionPlan::WATER_LEAVES_C),
            'water' => Term::grams($infusion->waterToDriveOut()),
        ], fixes: [new Fix(
            'infuse_at',
            [['op' => 'add', 'path' => '/temperature_c', 'value' => $usual]],
            ['celsius' => Term::celsius($usual)],
        )]);
    }
}
