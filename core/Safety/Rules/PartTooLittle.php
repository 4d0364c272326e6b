<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** The lines take more of a part than it gives, or nothing of it. */
final class PartTooLittle implements Rule
{
    /** A hundredth more is rounding, relative. */
    private const ROUNDING = 0.01;

    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        foreach ($composition->parts as $part) {
            $takers = $composition->takersOf($part->part->key);
            if ($takers === []) {
                if (! $part->isOfOldLines()) {
                    yield new Finding('part.unused', Severity::Note, terms: [
                        'part' => Term::text($part->part->name),
                    ], keys: [$part->part->key]);
                }

                continue;
            }
            $taken = Band::sum(array_map(static fn ($line): Band => $line->grams ?? Band::zero(), $takers));
            if ($part->gives === null || $taken->likely <= $part->gives->likely * (1 + self::ROUNDING)) {
                continue;
            }
            yield new Finding('part.too_little', Severity::Stop, $composition->positionsOf($takers), [
                'part' => Term::text($part->part->name),
                'taken' => Term::grams($taken->likely),
                'gives' => Term::grams($part->gives->likely),
                'times' => Term::number(self::times($taken, $part)),
            ], certainty: $taken->low > $part->gives->high ? Certainty::Certain : Certainty::Possible);
        }
    }

    /** So many times as much of everything that goes into it, rounded up to a tenth. */
    private static function times(Band $taken, WeighedPart $part): float
    {
        return ceil(10 * $taken->likely / max(1e-9, $part->gives->likely ?? 0.0)) / 10;
    }
}
