<?php

declare(strict_types=1);

namespace App\Workroom;

use RuntimeException;

/** Something that can't be done with this jar or lot: the field it concerns, and a word key under ui.refused. */
final class Refused extends RuntimeException
{
    /** @param  array<string, string>  $parameters */
    public function __construct(public readonly string $field, public readonly string $reason, public readonly array $parameters = [])
    {
        parent::__construct("$field: $reason");
    }

    public function said(): string
    {
        return say("ui.refused.$this->reason", $this->parameters);
    }
}
