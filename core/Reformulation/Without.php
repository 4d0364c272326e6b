<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Term;

/** As close to the maker's own as possible without what comes from nuts, coconut, soy and the like. */
final readonly class Without
{
    public function __construct(private Substitutes $substitutes)
    {
    }

    /** @param  non-empty-list<Allergen>  $unwanted */
    public function wish(Assessment $it, array $unwanted): Proposal
    {
        $isUnwanted = static fn (?Material $ingredient): bool => $ingredient !== null
            && array_filter($unwanted, $ingredient->hasAllergen(...)) !== [];
        $patch = $removed = $gone = $come = $stuck = [];
        foreach ($it->composition->opened() as $line) {
            if (! $isUnwanted($line->ingredient)) {
                continue;
            }
            $instead = $line->isInside()
                ? []
                : $this->substitutes->nearestTo(
                    $line,
                    $it->composition,
                    static fn (Material $other): bool => ! $isUnwanted($other) && ! in_array($other->key, $come, true),
                );
            if ($instead === []) {
                $stuck[] = $line->ingredient->key ?? '';

                continue;
            }
            $gone[] = $line->ingredient->key ?? '';
            $come = [...$come, ...array_map(static fn (array $part): string => $part[0]->key, $instead)];
            $patch = [...$patch, ...self::instead($line, $instead)];
        }
        if ($stuck !== []) {
            return Proposal::none(
                'without_stuck',
                ['ingredients' => Term::ingredients(array_values(array_unique($stuck)))],
            );
        }

        return $patch === [] ? Proposal::none('without_already') : Proposal::change(
            new Fix('bend.without', $patch),
            'without',
            ['gone' => Term::ingredients($gone), 'come' => Term::ingredients($come)],
        );
    }

    /**
     * @param  list<array{Material, float}>  $instead
     * @return list<array{op: string, path: string, value?: mixed}>
     */
    private static function instead(WeighedLine $line, array $instead): array
    {
        $at = '/lines/'.($line->position - 1);
        [$first, $share] = $instead[0];
        $patch = [['op' => 'replace', 'path' => "$at/ingredient", 'value' => $first->key]];
        $second = $instead[1] ?? null;
        if ($second === null) {
            return $patch;
        }
        $isPercent = in_array($line->amount?->kind, [AmountKind::Percent, AmountKind::Rest], true);
        $whole = $isPercent ? 100 * $line->part() : $line->weighs();
        $unit = $isPercent ? '%' : 'g';
        $other = round($whole * $second[1], 2);
        if ($line->amount?->kind !== AmountKind::Rest) {
            $patch[] = [
                'op' => 'replace',
                'path' => "$at/amount",
                'value' => Amount::plain(round($whole - $other, 4))." $unit",
            ];
        }

        return [
            ...$patch,
            [
                'op' => 'add',
                'path' => '/lines/-',
                'value' => [
                    'ingredient' => $second[0]->key,
                    'amount' => Amount::plain($other)." $unit",
                    'phase' => $line->phase->value,
                ],
            ],
        ];
    }
}
