<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** Where a lot came from. Each case has a row in `lot_kinds`. */
enum LotKind: string
{
    case InfusedOil = 'infused_oil';
    case Preparation = 'preparation';
    case Bought = 'bought';
}
