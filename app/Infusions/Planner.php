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
final readonly class Planner
{
    public function __construct(private Catalogue $catalogue, private Tools $tools)
    {
    }

    /** @throws DocumentRefused */
    public function infusion(InfusionPlan $plan): Infusion
    {
        return Infusion::of($plan, $this->catalogue, $this->tools, LearnedUptake::records());
    }
}
