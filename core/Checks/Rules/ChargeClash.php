<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Charge;
use Ilvane\Core\Catalogue\ChoiceRole;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\MaterialTrait;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\WeighedLine;

/** A cationic meets what it falls out with. */
final class ChargeClash implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        $cationics = $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->charge === Charge::Cationic);
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
                yield new Finding('emulsion.charge_clash', Severity::from($pair['grade']), [$cationics[0]->position, $line->position], [
                    'cationic' => Term::ingredient($cationics[0]->ingredient->key ?? ''), 'other' => Term::ingredient($line->ingredient->key ?? ''),
                ], $line->line->ingredient === null ? [] : [$isGum
                    ? new Fix('swap_for', [['op' => 'replace', 'path' => '/lines/'.($line->position - 1).'/ingredient', 'value' => $gentle]], ['ingredient' => Term::ingredient($gentle)])
                    : Fix::removeLine($line->position, 'remove_line')], variant: $isGum ? 'thins' : 'usual');
            }
        }
    }

    /** @return list<WeighedLine> */
    private function partners(Assessment $assessment, string $with): array
    {
        [$by, $what] = [...explode(':', $with, 2), ''];
        $has = static fn (string $key): array => $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->key === $key);

        return match ($by) {
            'kind' => array_values(array_filter($assessment->composition->ofKind(Kind::from($what)), static fn (WeighedLine $line): bool => $line->ingredient?->charge === Charge::Anionic)),
            'soap' => $has($what) === [] ? [] : $assessment->composition->linesWith(static fn (Ingredient $ingredient): bool => $ingredient->is(MaterialTrait::Alkali)),
            default => $has($what),
        };
    }
}
