<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** Whose rules are shown. The US has no list of preservative limits: the EU's are then guidance, and said to be so. */
enum Region: string
{
    case EuropeanUnion = 'EU';
    case UnitedStates = 'US';
}
