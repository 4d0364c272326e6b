<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\MaterialTrait;
use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Prepared;

/** Gums lump when they meet water dry; more than a little is slime. */
final class GumHandling implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->ofKind(Kind::ThickenerGum) as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null || $line->line->formula !== null) {
                continue;
            }
            if ($line->phase === Phase::Water && $line->line->prepared === null && $ingredient->is(MaterialTrait::LumpsWhenDry)) {
                yield new Finding('gum.wet_first', Severity::Mind, [$line->position], ['ingredient' => Term::ingredient($ingredient->key)], [
                    new Fix('prepare_wetted', [['op' => 'add', 'path' => '/lines/'.($line->position - 1).'/prepared', 'value' => Prepared::Wetted->value]]),
                ]);
            }
            $most = $ingredient->use?->max;
            $certainty = $most === null ? null : $line->percent()?->above($most);
            if ($certainty !== null) {
                yield new Finding('gum.high', Severity::Mind, [$line->position], [
                    'ingredient' => Term::ingredient($ingredient->key), 'percent' => Term::percent($line->percent()), 'limit' => Term::percent($most), 'source' => Term::note($ingredient->source),
                ], (new Remedy($assessment))->dose($line, $most, 'dose_to', ['percent' => Term::percent($most)]), certainty: $certainty);
            }
        }
    }
}
