<?php

declare(strict_types=1);

namespace App\Backups;

use RuntimeException;

/** A file that can't be taken in: which, where in it, and a word key under safe.refused. */
final class RecordRefused extends RuntimeException
{
    /** @param  array<string, string>  $parameters */
    public function __construct(
        public readonly string $source,
        public readonly string $path,
        public readonly string $reason,
        public readonly array $parameters = [],
    ) {
        parent::__construct("$source$path: $reason");
    }

    public function said(): string
    {
        return trim("$this->source $this->path").': '.say("backups.refused.$this->reason", $this->parameters);
    }
}
