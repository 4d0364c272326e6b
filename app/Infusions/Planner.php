<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\LearnedUptake;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlan;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

/** Works a plan out with this workroom's catalogue, measures and records. */
final class Planner
{
    /** @throws DocumentRefused */
    public static function infusion(InfusionPlan $plan): Infusion
    {
        return Infusion::of($plan, app(Catalogue::class), app(Tools::class), LearnedUptake::records());
    }
}
