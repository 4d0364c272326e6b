<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** So much humectant that it turns sticky, and in dry air draws water out of the hair. */
final class HumectantHigh implements Rule
{
    /** All of them together, percent of the batch. Common practice: 1 to 5, some go to 10. */
    public const TOGETHER_PERCENT = 10.0;

    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->ofKind(Kind::Humectant);
        $over = false;
        foreach ($lines as $line) {
            $percent = $line->percent();
            $most = $line->ingredient?->use?->max;
            $certainty = $most === null ? null : $percent?->above($most);
            if ($certainty === null) {
                continue;
            }
            $over = true;
            yield new Finding('humectant.high', Severity::Mind, [$line->position], [
                'ingredients' => Term::ingredients([$line->ingredient->key]),
                'percent' => Term::percent($percent),
                'limit' => Term::percent($most),
            ], (new Remedy($assessment))->dose(
                $line,
                $most,
                'dose_to',
                ['percent' => Term::percent($most)],
            ), certainty: $certainty, keys: $line->insideKeys());
        }
        $total = Composition::shareOfLines($lines)->times(100.0);
        $certainty = $total->above(self::TOGETHER_PERCENT);
        if ($over || $certainty === null) {
            return;
        }
        $fixes = (new Remedy($assessment))->scale(
            $lines,
            self::TOGETHER_PERCENT / $total->high,
            'humectants_down_to',
            ['percent' => Term::percent(self::TOGETHER_PERCENT)],
        );
        yield new Finding('humectant.high', Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            [
                'ingredients' => Term::ingredients(array_map(
                    static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                    $lines,
                )),
                'percent' => Term::percent($total),
                'limit' => Term::percent(self::TOGETHER_PERCENT),
            ],
            $fixes, certainty: $certainty, variant: 'together');
    }
}
