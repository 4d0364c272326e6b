<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

enum Application: string
{
    case LeaveOn = 'leave_on';
    case RinseOff = 'rinse_off';
}
