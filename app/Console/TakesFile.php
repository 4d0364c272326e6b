<?php

declare(strict_types=1);

namespace App\Console;

/** Commands that are told a file or a directory. */
trait TakesFile
{
    private function told(string $argument): string
    {
        $told = $this->argument($argument);

        return is_string($told) ? $told : '';
    }
}
