<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** A stretch of the note with its role, and what it became. */
final readonly class ReadSpan
{
    /**
     * @param  ReadLine|null  $line  the line read from it
     * @param  Section|null  $part  the part it begins or belongs to
     */
    public function __construct(
        public Span $span,
        public Role $role,
        public ?ReadLine $line = null,
        public ?Section $part = null,
    ) {
    }
}
