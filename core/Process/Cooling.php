<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

enum Cooling: string
{
    case Counter = 'counter';
    case ColdBath = 'cold_bath';
    case IceBath = 'ice_bath';
    case Fridge = 'fridge';
    case Freezer = 'freezer';
}
