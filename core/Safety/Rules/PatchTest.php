<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;

/** Every batch is tried on a small patch of skin first. */
final class PatchTest implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->composition->known() !== []) {
            yield new Finding('safety.patch_test', Severity::Note);
        }
    }
}
