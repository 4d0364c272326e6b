<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

use InvalidArgumentException;

final class ImpossibleBand extends InvalidArgumentException
{
    public function __construct(float $low, float $likely, float $high)
    {
        parent::__construct(sprintf(
            'A band needs finite low <= likely <= high, not %g, %g, %g.',
            $low,
            $likely,
            $high,
        ));
    }
}
