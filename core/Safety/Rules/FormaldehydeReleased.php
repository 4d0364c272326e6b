<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A preservative that gives off formaldehyde: allowed, and to be told on the label. */
final class FormaldehydeReleased implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->linesWith(
            static fn (Material $material): bool => $material->is(MaterialTrait::ReleasesFormaldehyde),
        );
        if ($lines === []) {
            return;
        }
        yield new Finding(
            'preservation.formaldehyde',
            Severity::Note,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            ))],
        );
    }
}
