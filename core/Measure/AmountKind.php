<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

enum AmountKind: string
{
    /** A number with a unit of mass, volume or drops. */
    case Measured = 'measured';
    /** Percent of the whole finished batch. */
    case Percent = 'percent';
    /** What is left to 100. */
    case Rest = 'rest';
    /** "some", "a good amount": no number, never guessed. */
    case Open = 'open';
}
