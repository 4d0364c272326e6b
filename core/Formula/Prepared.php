<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** What was done to the thing before it went in. */
enum Prepared: string
{
    case Soaked = 'soaked';
    case Strained = 'strained';
    case Wetted = 'wetted';
    case Dried = 'dried';
    case Wilted = 'wilted';
    case CookedOut = 'cooked_out';

    /** A plant so treated no longer carries free water into oil; a wilted one is still more than half water. */
    public function drivesWaterOut(): bool
    {
        return $this === self::Dried || $this === self::CookedOut;
    }
}
