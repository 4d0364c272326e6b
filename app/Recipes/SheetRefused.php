<?php

declare(strict_types=1);

namespace App\Recipes;

use RuntimeException;

/** A spreadsheet that is not read. The reason is a word key. */
final class SheetRefused extends RuntimeException
{
    public function __construct(public readonly string $reason)
    {
        parent::__construct("Sheet refused ($reason)");
    }
}
