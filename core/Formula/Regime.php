<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** How a product keeps: no water inside; water with a working preservative; water without. */
enum Regime: string
{
    case Dry = 'dry';
    case Preserved = 'preserved';
    case Fresh = 'fresh';
}
