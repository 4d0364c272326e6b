<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** What a name in a note means, and how sure that is. */
final readonly class Meant
{
    /**
     * @param  string|null  $key  catalogue key; null where nothing is surely near enough to stand for it
     * @param  list<string>  $candidates  keys it may mean instead, likeliest first
     * @param  float  $confidence  0 to 1
     * @param  int  $at  first token of all that belongs to the name
     * @param  int  $next  the one after the last
     */
    public function __construct(
        public ?string $key,
        public array $candidates,
        public float $confidence,
        public int $at,
        public int $next,
    ) {
    }
}
