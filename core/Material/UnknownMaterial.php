<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

use OutOfBoundsException;

final class UnknownMaterial extends OutOfBoundsException
{
    public function __construct(public readonly string $key)
    {
        parent::__construct("No ingredient has the key '$key'.");
    }
}
