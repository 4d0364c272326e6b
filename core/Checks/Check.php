<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks;

/** One rule: looks at an assessment and says what it finds. */
interface Check
{
    /** @return iterable<Finding> */
    public function examine(Assessment $assessment): iterable;
}
