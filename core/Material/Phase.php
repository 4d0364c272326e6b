<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/**
 * Where a line goes in. Infusion lines are steeped and strained out again: an input, not part of the finished batch.
 */
enum Phase: string
{
    case Water = 'water';
    case Oil = 'oil';
    case Cooldown = 'cooldown';
    case Infusion = 'infusion';
}
