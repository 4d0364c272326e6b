<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/**
 * Water in oil above its boiling point spits. Slow and open at 100 to 110 °C; above 120 °C not at all. Common practice.
 */
final class WetPlantInHotOil implements InfusionRule
{
    private const BOILS_C = 100.0;

    public const NEVER_ABOVE_C = 120.0;

    public function examine(Infusion $infusion): iterable
    {
        $plan = $infusion->plan;
        $tooHot = $plan->celsius > self::NEVER_ABOVE_C;
        $water = $infusion->waterToDriveOut();
        if ($plan->celsius < self::BOILS_C || ($water <= 0 && ! $tooHot)) {
            return;
        }
        $usual = Method::CookOut->usualCelsius();
        yield new Finding(
            'safety.wet_in_hot_oil', $tooHot ? Severity::Stop : Severity::Note,
            terms: [
                'water' => Term::grams($water),
                'celsius' => Term::celsius($plan->celsius),
                'most' => Term::celsius(self::NEVER_ABOVE_C),
            ],
            fixes: $tooHot
                ? [new Fix(
                    'infuse_at',
                    [['op' => 'add', 'path' => '/temperature_c', 'value' => $usual]],
                    ['celsius' => Term::celsius($usual)],
                )]
                : [],
            variant: $tooHot ? 'too_hot' : 'usual',
        );
    }
}
