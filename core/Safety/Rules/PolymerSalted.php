<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Salt in what charges hold apart: an acid polymer loses its thickness, a cationic cream thins. */
final class PolymerSalted implements Rule
{
    /** Percent of salts beside an acid polymer: it thins above this. Textbook, recalled. */
    public const POLYMER = 0.3;

    /** Percent of salts beside a cationic emulsifier. Common practice, recalled. */
    public const CATIONIC = 2.0;

    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        $salts = $composition->linesWith(
            static fn (Material $material): bool => $material->is(MaterialTrait::Electrolyte)
                && ! $material->is(MaterialTrait::Alkali),
        );
        $percent = Composition::shareOfLines($salts)->times(100.0);
        $polymers = $composition->linesWith(AcidityRange::wantsNeutralising(...));
        $cationics = $composition->linesWith(
            static fn (Material $material): bool => $material->kind === Kind::Emulsifier
                && $material->charge === Charge::Cationic,
        );
        foreach ([['polymer', $polymers, self::POLYMER], ['cationic', $cationics, self::CATIONIC]] as $kind) {
            [$what, $lines, $most] = $kind;
            $certainty = $percent->above($most);
            if ($lines === [] || $certainty === null) {
                continue;
            }
            yield new Finding(
                'polymer.salted',
                $what === 'polymer' ? Severity::Mind : Severity::Note,
                array_values(array_unique(array_map(
                    static fn (WeighedLine $line): int => $line->position,
                    [...$salts, ...$lines],
                ))),
                [
                    'ingredient' => Term::ingredient($lines[0]->ingredient->key ?? ''),
                    'salts' => Term::ingredients(array_map(
                        static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                        $salts,
                    )),
                    'percent' => Term::percent($percent),
                    'limit' => Term::percent($most),
                ],
                certainty: $certainty,
                variant: $what,
            );
        }
    }
}
