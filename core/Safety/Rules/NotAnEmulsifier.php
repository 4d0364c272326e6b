<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A gum, a gel or honey is trusted to hold oil and water together. */
final class NotAnEmulsifier implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $emulsion = $assessment->emulsion;
        if (
            $emulsion->emulsifiers !== []
            || ! $assessment->formula->family->isEmulsion()
            || $emulsion->waterShare < 0.01
            || $emulsion->fatShare->likely < 0.01
        ) {
            return;
        }
        $trusted = $assessment->composition->linesWith(
            static fn (Material $ingredient): bool => $ingredient->kind === Kind::ThickenerGum
                || $ingredient->is(MaterialTrait::MistakenForEmulsifier),
        );
        if ($trusted !== []) {
            yield new Finding('emulsion.not_an_emulsifier', Severity::Stop,
                array_map(static fn (WeighedLine $line): int => $line->position, $trusted),
                ['ingredients' => Term::ingredients(array_map(
                    static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                    $trusted,
                ))]);
        }
    }
}
