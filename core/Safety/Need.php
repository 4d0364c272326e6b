<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** Something that has to be told before anything can be said. */
final readonly class Need
{
    /**
     * @param  string  $lineKey  of the line it is asked of
     * @param  string  $what  material, amount, ph or part
     */
    public function __construct(
        public string $lineKey,
        public string $what,
        public Finding $finding,
    ) {
    }
}
