<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

use DomainException;

/** No mix of the two has the wanted strength. */
final class ImpossibleMixture extends DomainException
{
    public function __construct(
        public readonly float $weak,
        public readonly float $strong,
        public readonly float $wanted,
    ) {
        parent::__construct("$wanted does not lie between $weak and $strong");
    }
}
