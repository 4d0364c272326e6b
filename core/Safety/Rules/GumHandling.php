<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Gums, and some powders, lump when they meet water dry; more than a little gum is slime. */
final class GumHandling implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->linesWith(
            static fn (Material $it): bool => $it->kind === Kind::ThickenerGum || $it->is(MaterialTrait::LumpsWhenDry),
        ) as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null || $line->isInside()) {
                continue;
            }
            if (
                $line->phase === Phase::Water
                && $line->line->prepared === []
                && $ingredient->is(MaterialTrait::LumpsWhenDry)
            ) {
                yield new Finding('gum.wet_first', Severity::Note, [$line->position], [
                    'ingredient' => Term::ingredient($ingredient->key),
                ], [
                    new Fix(
                        'prepare_wetted',
                        [[
                            'op' => 'add',
                            'path' => $line->path().'/prepared',
                            'value' => Prepared::Wetted->value,
                        ]],
                    ),
                ], keys: $line->insideKeys());
            }
            $most = $ingredient->kind === Kind::ThickenerGum ? $ingredient->use?->max : null;
            $certainty = $most === null ? null : $line->percent()?->above($most);
            if ($certainty !== null) {
                yield new Finding('gum.high', Severity::Mind, [$line->position], [
                    'ingredient' => Term::ingredient($ingredient->key),
                    'percent' => Term::percent($line->percent()),
                    'limit' => Term::percent($most),
                    'source' => Term::note($ingredient->sourceOf('use')),
                ], (new Remedy($assessment))->dose(
                    $line,
                    $most,
                    'dose_to',
                    ['percent' => Term::percent($most)],
                ), certainty: $certainty, keys: $line->insideKeys());
            }
        }
    }
}
