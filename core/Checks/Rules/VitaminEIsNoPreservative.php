<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;

/** Antioxidants slow rancidity; they stop no microbe. */
final class VitaminEIsNoPreservative implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->ofKind(Kind::Antioxidant);
        if ($lines === [] || $assessment->preservation->regime === Regime::Dry || $assessment->preservation->hasSystem() || $assessment->isFreshOnPurpose()) {
            return;
        }
        yield new Finding(
            'preservation.vitamin_e_is_not',
            Severity::Stop,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $lines))],
        );
    }
}
