<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More scent oil in all than is sensible on a scalp. */
final class ScentTotalHigh implements Rule
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
        $fixes = $scent->plenty > 0
            ? (new Remedy($assessment))->scale(
                $scent->lines,
                $scent->plenty / $scent->percent->high,
                'scent_down_to',
                ['percent' => Term::percent($scent->plenty)],
            )
            : [];
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
