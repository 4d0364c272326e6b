<?php

declare(strict_types=1);

namespace App\Workroom;

use RuntimeException;

/** Another window saved this record after this one last read it. */
final class ChangedElsewhere extends RuntimeException
{
    public function __construct(public readonly int $revision)
    {
        parent::__construct('Changed elsewhere.');
    }
}
