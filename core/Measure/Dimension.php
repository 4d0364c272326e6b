<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

enum Dimension: string
{
    case Mass = 'mass';
    case Volume = 'volume';
    case Drops = 'drops';
}
