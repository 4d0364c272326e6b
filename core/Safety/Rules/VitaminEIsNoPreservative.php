<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Antioxidants slow rancidity, and some things are only trusted to hold microbes back: they stop none. */
final class VitaminEIsNoPreservative implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $lines = $assessment->composition->linesWith(static fn (Material $it): bool => $it->kind === Kind::Antioxidant
            || $it->is(MaterialTrait::MistakenForPreservative));
        if (
            $lines === []
            || $assessment->preservation->regime === Regime::Dry
            || $assessment->preservation->hasSystem()
            || $assessment->isFreshOnPurpose()
        ) {
            return;
        }
        yield new Finding(
            'preservation.vitamin_e_is_not',
            Severity::Stop,
            array_map(static fn (WeighedLine $line): int => $line->position, $lines),
            ['ingredients' => Term::ingredients(array_map(
                static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                $lines,
            ))],
            variant: $assessment->composition->linesWith(
                static fn (Material $it): bool => $it->is(MaterialTrait::MistakenForPreservative),
            ) === [] ? 'usual' : 'mistaken',
        );
    }
}
