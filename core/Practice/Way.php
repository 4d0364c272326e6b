<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

use Ilvane\Core\Safety\Fix;

/** One thing that could be done about a mistake. */
final readonly class Way
{
    /**
     * @param  string  $label  word key of the practice's own; "" where a fix brings its words
     * @param  list<array{op: string, path: string, value?: mixed}>  $patch
     * @param  string  $ingredient  catalogue key it speaks of
     */
    public function __construct(
        public string $label,
        public array $patch,
        public string $ingredient = '',
        public ?Fix $fix = null,
    ) {
    }

    public static function ofFix(Fix $fix): self
    {
        return new self('', $fix->patch, '', $fix);
    }
}
