<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Wording;
use App\Models\Formula;
use App\Models\Lot;
use Ilvane\Core\Material\Material;

/** What is known of one ingredient, with where it is from; what there is of it, and which formulas take it. */
final readonly class IngredientPage
{
    private const MOST = 12;

    /**
     * @param  list<array{label: string, figure: string}>  $figures
     * @param  list<array{name: string, detail: string, href: string}>  $lots
     * @param  list<array{name: string, href: string}>  $formulas
     */
    private function __construct(
        public Material $ingredient,
        public string $name,
        public array $figures,
        public array $lots,
        public array $formulas,
    ) {
    }

    public static function of(Material $ingredient, Wording $wording): self
    {
        $range = static fn (?float $low, ?float $high, string $unit): string => match (true) {
            $low === null && $high === null => '',
            $low !== null
                && $high !== null
                && $low !== $high => say(
                    'ui.band',
                    ['low' => $wording->number($low), 'high' => $wording->number($high)],
                ).$unit,
            default => $wording->number((float) ($high ?? $low)).$unit,
        };
        $figures = [];
        foreach ([
            'density' => $range($ingredient->bulk->density, $ingredient->bulk->density, ''),
            'melts' => $range($ingredient->meltLow, $ingredient->meltHigh, ' °C'),
            'max_temp' => $range(null, $ingredient->maxProcessTemperature, ' °C'),
            'use' => $ingredient->use === null ? '' : $range($ingredient->use->min, $ingredient->use->max, ' %'),
            'legal_max' => $range(null, $ingredient->legalMax, ' %'),
            'ph' => $range($ingredient->phMin, $ingredient->phMax, ''),
            'hlb' => $range($ingredient->hlb, $ingredient->hlb, ''),
            'water' => $ingredient->waterFraction === null ? '' : $wording->percent(100 * $ingredient->waterFraction),
            'iodine' => $range($ingredient->iodineValue, $ingredient->iodineValue, ''),
            'unopened' => $ingredient->unopenedMonths === null
                ? ''
                : trans_choice('search.months', (int) $ingredient->unopenedMonths),
            'opened' => $ingredient->openedMonths === null
                ? ''
                : trans_choice('search.months', (int) $ingredient->openedMonths),
            'comes_from' => implode(
                ', ',
                array_map(
                    static fn ($allergen): string => say("words.allergen.$allergen->value"),
                    $ingredient->allergens,
                ),
            ),
        ] as $name => $figure) {
            if ($figure !== '') {
                $figures[] = ['label' => say("search.figures.$name"), 'figure' => $figure];
            }
        }

        return new self(
            $ingredient, $wording->ingredient($ingredient->key), $figures,
            array_values(Lot::ofIngredient($ingredient->key)->take(self::MOST)->map(static fn (Lot $lot): array => [
                'name' => $lot->code,
                'detail' => $wording->grams($lot->grams_left).' '.say('pantry.left').', '.LotPage::date($lot, $wording),
                'href' => route('lot', $lot),
            ])->all()),
            array_values(Formula::query()->where(
                'draft',
                'like',
                '%"'.addcslashes($ingredient->key, '%_\\').'"%',
            )
                ->orderByDesc('updated_at')
                ->limit(self::MOST)
                ->get(['id', 'name'])
                ->map(static fn (Formula $formula): array => [
                    'name' => $formula->name,
                    'href' => route('bench', $formula),
                ])
                ->all()),
        );
    }
}
