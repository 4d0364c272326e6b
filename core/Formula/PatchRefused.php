<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use RuntimeException;

final class PatchRefused extends RuntimeException
{
    public function __construct(string $where)
    {
        parent::__construct("The patch does not fit the document at $where.");
    }
}
