<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Models\Lot;
use App\Workroom\Pantry\LotPage;
use App\Workroom\Wording;
use Ilvane\Core\Process\Step;

/** Which lots of the pantry a weighing may come from; the one that is no longer good soonest first. */
final class FromLot
{
    /**
     * @return array<string, string> words by lot code, "" for none of them; empty where the pantry holds nothing of it
     */
    public static function choices(MakeState $state, Step $step, Wording $wording): array
    {
        $ingredient = $step->line === null ? null : $state->composition->lines[$step->line - 1]->ingredient;
        $lots = $ingredient === null ? [] : Lot::ofIngredient($ingredient->key)->all();
        if ($lots === []) {
            return [];
        }
        $words = [];
        foreach ($lots as $lot) {
            $date = LotPage::date($lot, $wording);
            $words[$lot->code] = say('make.from_lot', ['code' => $lot->code, 'left' => $wording->grams($lot->grams_left)]).($date === '' ? '' : ", $date");
        }

        return [...$words, '' => say('make.from_elsewhere')];
    }

    /** @param  array<string, string>  $choices */
    public static function chosen(MakeState $state, Step $step, array $choices): string
    {
        $told = $state->lotOf((int) $step->line);

        return match (true) {
            $told !== null && isset($choices[$told]) => $told,
            $state->hasToldLot((int) $step->line) => '',
            default => (string) array_key_first($choices),
        };
    }
}
