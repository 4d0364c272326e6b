<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** Whether a preparation was made. Each case has a row in `preparation_statuses`. */
enum PreparationStatus: string
{
    case Planned = 'planned';
    case Made = 'made';
}
