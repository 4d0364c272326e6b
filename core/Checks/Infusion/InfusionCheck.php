<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Infusion;

use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Infusion\Infusion;

/** One rule about a jar: looks at the worked-out plan and says what it finds. Lines are its plants, then its oils, from 1. */
interface InfusionCheck
{
    /** @return iterable<Finding> */
    public function examine(Infusion $infusion): iterable;
}
