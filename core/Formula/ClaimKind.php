<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** What a note says of the product that can be set against what is computed. */
enum ClaimKind: string
{
    case KeepsDays = 'keeps_days';
    case YieldGrams = 'yield_g';
    case YieldMillilitres = 'yield_ml';
    case Containers = 'containers';
    case PercentOf = 'percent_of';
    case Ph = 'ph';
    case Dose = 'dose';
}
