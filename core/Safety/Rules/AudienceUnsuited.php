<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/**
 * What is left out for someone pregnant or for small children by usual caution. Scents and irritants are a stop of
 * their own (scent.audience); preservatives are a matter of law (preservation.audience).
 */
final class AudienceUnsuited implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $avoid = ScentAudience::avoided($assessment->formula->audience);
        $lines = $assessment->composition->linesOrExtractsWith(
            static fn (Material $ingredient): bool => ! $ingredient->kind->isScent()
                && ! IrritantStrong::isOne($ingredient)
                && ! in_array($ingredient->kind, [Kind::Preservative, Kind::AcidOrBase], true)
                && array_filter($avoid, $ingredient->hasCaution(...)) !== [],
        );
        if ($lines !== []) {
            yield new Finding('safety.audience', Severity::Mind, array_values(array_unique(array_map(
                static fn (WeighedLine $line): int => $line->position,
                $lines,
            ))), [
                'ingredients' => Term::ingredients(array_map(
                    static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                    $lines,
                )),
                'people' => Term::word('audience_'.$assessment->formula->audience->value),
            ]);
        }
    }
}
