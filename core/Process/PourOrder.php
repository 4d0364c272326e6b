<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

enum PourOrder: string
{
    case OilIntoWater = 'oil_into_water';
    case WaterIntoOil = 'water_into_oil';
}
