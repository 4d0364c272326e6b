<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;

/** Every batch is tried on a small patch of skin first. */
final class PatchTest implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->composition->known() !== []) {
            yield new Finding('safety.patch_test', Severity::Note);
        }
    }
}
