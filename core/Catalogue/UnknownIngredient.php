<?php

declare(strict_types=1);

namespace Ilvane\Core\Catalogue;

use OutOfBoundsException;

final class UnknownIngredient extends OutOfBoundsException
{
    public function __construct(public readonly string $key)
    {
        parent::__construct("No ingredient has the key '$key'.");
    }
}
