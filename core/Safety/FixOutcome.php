<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** What is said of a formula once a fix is made. */
final readonly class FixOutcome
{
    public function __construct(public VerdictKind $verdict, public int $stops, public int $checks)
    {
    }
}
