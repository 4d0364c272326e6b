<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Dissolution;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Alcohol preserves by itself where there is enough of it, and burns. */
final class AlcoholHolds implements Rule
{
    /** From this share of the batch on it may catch fire. Common practice. */
    public const BURNS = 0.20;

    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->linesWith(
            static fn (Material $material): bool => isset($material->contents['Alcohol']),
        );
        if ($lines === []) {
            return;
        }
        $positions = array_map(static fn (WeighedLine $line): int => $line->position, $lines);
        $preservation = $assessment->preservation;
        $ethanol = Dissolution::alcohol($assessment->composition);
        $alcohol = Term::percent(round(100 * $preservation->alcohol, 1));
        if (
            $preservation->isWatery
            && $preservation->doses === []
            && $preservation->isHeldByAlcohol()
            && $preservation->alcohol < Preservation::ALCOHOL_HOLDS - 1e-9
        ) {
            yield new Finding('preservation.alcohol', Severity::Mind, $positions, [
                'percent' => $alcohol,
                'limit' => Term::percent(100 * Preservation::ALCOHOL_HOLDS),
            ]);
        }
        if ($ethanol >= self::BURNS - 1e-9) {
            yield new Finding('safety.flame', Severity::Note, $positions, [
                'percent' => Term::percent(round(100 * $ethanol, 1)),
            ]);
        }
    }
}
