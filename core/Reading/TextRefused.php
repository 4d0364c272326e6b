<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use RuntimeException;

/** A text that is not read at all: too large, not text, or a line without end. The reason is a word key. */
final class TextRefused extends RuntimeException
{
    public function __construct(public readonly string $reason, public readonly int $atLine = 0)
    {
        parent::__construct("Text refused ($reason)");
    }
}
