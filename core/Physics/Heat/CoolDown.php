<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Heat;

use Ilvane\Core\Formula\Formula;

/** The temperature at or below which preservative, vitamin E, protein and scent go in. */
final readonly class CoolDown
{
    /** Hand-warm. Common practice. */
    public const USUAL_C = 40.0;

    public static function of(Formula $formula): float
    {
        return $formula->gate() ?? self::USUAL_C;
    }
}
