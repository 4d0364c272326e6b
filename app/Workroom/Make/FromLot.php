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

    /**
     * The lot told, the lot the formula names, or the one that is to be used up first; never one past its date.
     *
     * @param  array<string, string>  $choices
     */
    public static function chosen(MakeState $state, Step $step, array $choices): string
    {
        $told = $state->lotOf((int) $step->line);
        if ($told !== null && isset($choices[$told])) {
            return $told;
        }
        if ($state->hasToldLot((int) $step->line)) {
            return '';
        }
        $ingredient = $state->composition->lines[(int) $step->line - 1]->ingredient;
        $good = $ingredient === null ? [] : Lot::ofIngredient($ingredient->key)->reject(LotPage::isOver(...))->pluck('code')->all();

        return (string) ($good[0] ?? '');
    }

    /** Why taking so much from a lot has to be asked about, in words; null where nothing speaks against it. */
    public static function doubt(string $code, float $grams, float $scale, Wording $wording): ?string
    {
        $lot = $code === '' ? null : Lot::query()->where('code', $code)->first();
        if ($lot === null) {
            return null;
        }

        return match (true) {
            LotPage::isOver($lot) => say('make.lot_over', ['code' => $code, 'date' => $wording->date($lot->good_until ?? $lot->made_at)]),
            $grams > $lot->grams_left + $scale => say('make.lot_short', ['code' => $code, 'left' => $wording->grams($lot->grams_left), 'grams' => $wording->grams($grams)]),
            default => null,
        };
    }
}
