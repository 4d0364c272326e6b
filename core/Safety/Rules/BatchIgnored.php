<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Every line is weighed, so the lines make the batch and the stated size is not used. */
final class BatchIgnored implements Rule
{
    /** A difference of less than this part is not worth a word. */
    private const WORTH_SAYING = 0.005;

    public function examine(Assessment $assessment): iterable
    {
        $given = $assessment->formula->batchGrams;
        $total = $assessment->composition->total;
        if (
            $assessment->composition->basis !== Basis::Lines
            || $given === null
            || $total === null
            || abs($total->likely - $given) <= self::WORTH_SAYING * $given
        ) {
            return;
        }
        yield new Finding(
            'measure.batch_ignored',
            Severity::Note,
            [],
            ['given' => Term::grams($given), 'total' => Term::grams($total->likely)],
        );
    }
}
