<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;

/** Something that is dosed near a limit, measured by spoon or drop: the guess is wide. */
final class DoseWide implements Check
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
            ]);
        }
    }
}
