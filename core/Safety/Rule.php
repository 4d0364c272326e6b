<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** One rule: looks at an assessment and says what it finds. */
interface Rule
{
    /** @return iterable<Finding> */
    public function examine(Assessment $assessment): iterable;
}
