<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

enum Cooling: string
{
    case Counter = 'counter';
    case ColdBath = 'cold_bath';
    case IceBath = 'ice_bath';
    case Fridge = 'fridge';
    case Freezer = 'freezer';
}
