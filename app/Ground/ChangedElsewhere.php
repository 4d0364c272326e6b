<?php

declare(strict_types=1);

namespace App\Ground;

use RuntimeException;

/** Another window saved this record after this one last read it. */
final class ChangedElsewhere extends RuntimeException
{
    /** @param  list<string>  $contested  fields both windows changed differently; none where that can't be told */
    public function __construct(public readonly int $revision, public readonly array $contested = [])
    {
        parent::__construct('Changed elsewhere.');
    }
}
