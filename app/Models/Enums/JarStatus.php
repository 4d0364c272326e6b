<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** Where an infusion stands. Each case has a row in `jar_statuses`. */
enum JarStatus: string
{
    case Planned = 'planned';
    case Standing = 'standing';
    case Strained = 'strained';
    case Discarded = 'discarded';
}
