<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Formula\WeighedLine;

/** Where a line of a formula goes. */
final readonly class Dissolved
{
    /**
     * @param  string|null  $in  water, oil or alcohol; null where nobody can tell
     * @param  string  $state  dissolved, dispersed, suspended, floats, sinks, crystallises or unknown
     */
    public function __construct(public WeighedLine $line, public ?string $in, public string $state)
    {
    }
}
