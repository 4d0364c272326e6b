<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use RuntimeException;

/** A document that is not a formula. The path is a JSON pointer to the offending place; the reason is a word key. */
final class FormulaRefused extends RuntimeException
{
    /** @param  array<string, scalar>  $parameters */
    public function __construct(
        public readonly string $path,
        public readonly string $reason,
        public readonly array $parameters = [],
    ) {
        parent::__construct(($path === '' ? '/' : $path).": $reason");
    }
}
