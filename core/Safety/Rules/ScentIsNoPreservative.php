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

/** Essential oils smell clean; none of them keeps a watery product. */
final class ScentIsNoPreservative implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->ofKind(Kind::EssentialOil);
        if (
            $lines === []
            || $assessment->preservation->regime === Regime::Dry
            || $assessment->preservation->hasSystem()
            || $assessment->isFreshOnPurpose()
        ) {
            return;
        }
        yield new Finding(
            'preservation.scent_is_not',
            Severity::Stop,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            ))],
        );
    }
}
