<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Something that is dosed near a limit, measured by spoon or drop: the guess is wide. */
final class DoseWide implements Rule
{
    /** Half the band over the likely value. */
    public const WIDE = 0.10;

    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->known() as $line) {
            if ($line->ingredient === null || $line->grams === null || $line->isToBeWeighed()
                || ! in_array($line->ingredient->kind, [Kind::Preservative, Kind::Emulsifier, Kind::AcidOrBase], true)
                || $line->grams->relativeError() <= self::WIDE) {
                continue;
            }
            yield new Finding('measure.wide', Severity::Note, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'low' => Term::grams($line->grams->low),
                'high' => Term::grams($line->grams->high),
            ], keys: $line->insideKeys());
        }
    }
}
