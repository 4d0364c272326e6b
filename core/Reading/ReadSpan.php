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

    /** By what it says: the same words keep their name when something before them changes. */
    public function key(string $text, int $times): string
    {
        return substr(md5(trim($this->span->of($text))), 0, 12).($times > 1 ? "-$times" : '');
    }
}
