<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Antioxidants slow rancidity; they stop no microbe. */
final class VitaminEIsNoPreservative implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->ofKind(Kind::Antioxidant);
        if (
            $lines === []
            || $assessment->preservation->regime === Regime::Dry
            || $assessment->preservation->hasSystem()
            || $assessment->isFreshOnPurpose()
        ) {
            return;
        }
        yield new Finding(
            'preservation.vitamin_e_is_not',
            Severity::Stop,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            ))],
        );
    }
}
