<?php

declare(strict_types=1);

namespace Ilvane\Core\Exchange;

use RuntimeException;

/**
 * A document that is not what it has to be. The path is a JSON pointer to the offending place; the reason is a word
 * key.
 */
final class DocumentRefused extends RuntimeException
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
