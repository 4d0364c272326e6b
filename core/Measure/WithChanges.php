<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

use ReflectionClass;

/** For immutable values whose constructor takes every property under its own name: a copy of which some differ. */
trait WithChanges
{
    /** @param  mixed  ...$changes  by name of the property */
    private function with(mixed ...$changes): static
    {
        return (new ReflectionClass($this))->newInstanceArgs([...get_object_vars($this), ...$changes]);
    }
}
