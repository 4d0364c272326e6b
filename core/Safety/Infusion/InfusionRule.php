<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;

/**
 * One rule about a jar: looks at the worked-out plan and says what it finds. Lines are its plants, then its oils, from
 * 1.
 */
interface InfusionRule
{
    /** @return iterable<Finding> */
    public function examine(Infusion $infusion): iterable;
}
