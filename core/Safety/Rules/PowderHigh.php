<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Plant powders by the spoon, left on. */
final class PowderHigh implements Rule
{
    /** Gritty and drying above this, percent of the batch. Common practice. */
    public const MOST = 3.0;

    public function examine(Assessment $assessment): iterable
    {
        $powders = array_values(array_filter(
            $assessment->composition->ofKind(Kind::PowderBotanical),
            static fn (WeighedLine $line): bool => ! $line->line->isPrepared(Prepared::Strained),
        ));
        $percent = Composition::shareOfLines($powders)->times(100.0);
        $certainty = $percent->above(self::MOST);
        if ($certainty === null || $assessment->formula->use === Application::RinseOff) {
            return;
        }
        yield new Finding('powder.high', Severity::Mind, array_map(
            static fn (WeighedLine $line): int => $line->position,
            $powders,
        ), [
            'ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $powders,
            )),
            'percent' => Term::percent($percent),
            'limit' => Term::percent(self::MOST),
        ], (new Remedy($assessment))->scale(
            $powders,
            0.95 * self::MOST / $percent->high,
            'powders_down_to',
            ['percent' => Term::percent(self::MOST)],
        ), certainty: $certainty);
    }
}
