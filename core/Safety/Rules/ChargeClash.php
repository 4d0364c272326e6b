<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A cationic meets what it falls out with. */
final class ChargeClash implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $cationics = $assessment->composition->linesWith(
            static fn (Material $ingredient): bool => $ingredient->charge === Charge::Cationic,
        );
        if ($cationics === []) {
            return;
        }
        $gentle = $assessment->catalogue->choice(ChoiceRole::GentleGum)->key;
        foreach ($assessment->catalogue->chargePairs() as $pair) {
            foreach ($this->partners($assessment, $pair['with']) as $line) {
                if ($line->percent()?->above($pair['above']) === null) {
                    continue;
                }
                $isGum = $line->ingredient?->kind === Kind::ThickenerGum && $pair['grade'] === 'mind';
                yield new Finding('emulsion.charge_clash', Severity::from($pair['grade']), [
                    $cationics[0]->position,
                    $line->position,
                ], [
                    'cationic' => Term::ingredient($cationics[0]->ingredient->key ?? ''),
                    'other' => Term::ingredient($line->ingredient->key ?? ''),
                ], $line->line->ingredient === null ? [] : [$isGum
                    ? new Fix(
                        'swap_for',
                        [[
                            'op' => 'replace',
                            'path' => '/lines/'.($line->position - 1).'/ingredient',
                            'value' => $gentle,
                        ]],
                        ['ingredient' => Term::ingredient($gentle)],
                    )
                    : (new Remedy($assessment))->remove($line->position)], variant: $isGum ? 'thins' : 'usual');
            }
        }
    }

    /** @return list<WeighedLine> */
    private function partners(Assessment $assessment, string $with): array
    {
        [$by, $what] = [...explode(':', $with, 2), ''];
        $has = static fn (string $key): array => $assessment->composition->linesWith(
            static fn (Material $ingredient): bool => $ingredient->key === $key,
        );

        return match ($by) {
            'kind' => array_values(array_filter(
                $assessment->composition->ofKind(Kind::from($what)),
                static fn (WeighedLine $line): bool => $line->ingredient?->charge === Charge::Anionic
                    && ! $line->ingredient->is(MaterialTrait::WantsNeutralising),
            )),
            'trait' => $assessment->composition->linesWith(
                static fn (Material $ingredient): bool => $ingredient->is(MaterialTrait::from($what)),
            ),
            'soap' => $has($what) === []
                ? []
                : $assessment->composition->linesWith(
                    static fn (Material $ingredient): bool => $ingredient->is(MaterialTrait::Alkali),
                ),
            default => $has($what),
        };
    }
}
