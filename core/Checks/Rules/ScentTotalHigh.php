<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\WeighedLine;

/** More scent oil in all than is sensible on a scalp. */
final class ScentTotalHigh implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $scent = $assessment->scent;
        $stops = $scent->percent->above($scent->most);
        $minds = $scent->percent->above($scent->plenty);
        if ($scent->lines === [] || $minds === null) {
            return;
        }
        $stop = $stops !== null && ($scent->percent->likely > $scent->most || $scent->plenty === $scent->most);
        $limit = $stop ? $scent->most : $scent->plenty;
        $fixes = $scent->plenty > 0 ? (new Remedy($assessment))->scale($scent->lines, $scent->plenty / $scent->percent->high, 'scent_down_to', ['percent' => Term::percent($scent->plenty)]) : [];
        yield new Finding('scent.total_high', $stop ? Severity::Stop : Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $scent->lines),
            [
                'percent' => Term::percent($scent->percent),
                'limit' => Term::percent($limit),
                'people' => Term::word('audience_'.$assessment->formula->audience->value),
            ],
            $fixes,
            certainty: ($stop ? $stops : null) ?? $minds,
        );
    }
}
