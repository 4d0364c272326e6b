<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use App\Models\Lot;
use App\Pantry\LotPage;
use Ilvane\Core\Process\Step;

/**
 * Which lots of the pantry a weighing may come from, the one that is no longer good soonest first, and how a weighing
 * is divided
 * among the lots that were told for it, in that order.
 */
final class FromLot
{
    /** Told instead of a code: all the rest came from the lot before it, which held more than was written down. */
    public const HELD_MORE = 'more';

    /** @return list<Lot> at hand of what is weighed; the one the formula names among them */
    private static function atHand(MakeState $state, Step $step): array
    {
        $line = $step->line === null ? null : $state->composition->lines[$step->line - 1];
        if ($line === null) {
            return [];
        }
        $lots = $line->ingredient === null ? [] : Lot::ofIngredient($line->ingredient->key)->all();
        $named = $line->line->lot === null || in_array($line->line->lot, array_column($lots, 'code'), true)
            ? null
            : Lot::atHand()->where('code', $line->line->lot)->first();

        return [...$lots, ...($named === null ? [] : [$named])];
    }

    /**
     * @return array<string, string> words by lot code, "" for none of them; empty where the pantry holds nothing of it
     */
    public static function choices(MakeState $state, Step $step, Wording $wording): array
    {
        $words = [];
        foreach (self::atHand($state, $step) as $lot) {
            $date = LotPage::date($lot, $wording);
            $words[$lot->code] = say(
                'make.from_lot',
                ['code' => $lot->code, 'left' => $wording->grams($lot->grams_left)],
            ).($date === '' ? '' : ", $date");
        }

        return $words === [] ? [] : [...$words, '' => say('make.from_elsewhere')];
    }

    /**
     * The lots told, the lot the formula names, or the one that is to be used up first; never one past its date.
     *
     * @return list<string> codes; "" for none
     */
    public static function chosen(MakeState $state, Step $step): array
    {
        $lots = self::atHand($state, $step);
        if ($state->hasToldLot((int) $step->line)) {
            $told = array_values(array_intersect(
                array_column($state->lotsOf((int) $step->line), 'lot'),
                array_column($lots, 'code'),
            ));

            return $told === [] ? [''] : $told;
        }
        $good = array_values(array_filter($lots, static fn (Lot $lot): bool => ! LotPage::isOver($lot)));
        $named = $step->line === null ? null : $state->composition->lines[$step->line - 1]->line->lot;
        $codes = array_column($good, 'code');

        return [in_array($named, $codes, true) ? (string) $named : (string) ($codes[0] ?? '')];
    }

    /**
     * Divides what was weighed among the lots told, each as far as it reaches.
     *
     * @param  list<string>  $codes  in the order they were taken; "" for no lot, HELD_MORE for the one before
     * @param  float  $scale  a lot is not asked about for less than a step of the scale
     * @param  array<string, float>  $taken  grams by code that other lines of this make took before
     * @return array{lots: array<string, float>, open: float, last: Lot|null} grams by code; grams nobody has said yet
     *   where they are from; the lot that ran out
     */
    public static function divide(array $codes, float $grams, float $scale, array $taken = []): array
    {
        $lots = [];
        $last = null;
        foreach ($codes as $code) {
            if ($grams <= $scale && $lots !== []) {
                break;
            }
            if ($code === self::HELD_MORE && $last !== null) {
                $lots[$last->code] = ($lots[$last->code] ?? 0.0) + $grams;

                return ['lots' => $lots, 'open' => 0.0, 'last' => $last];
            }
            $lot = $code === '' ? null : Lot::query()->where('code', $code)->first();
            if ($code === '') {
                return ['lots' => $lots, 'open' => 0.0, 'last' => $last];
            }
            if ($lot === null) {
                break;
            }
            $holds = max(0.0, $lot->grams_left - ($lots[$lot->code] ?? 0.0) - ($taken[$lot->code] ?? 0.0));
            $part = $grams <= $holds + $scale ? $grams : $holds;
            if ($part > 0.0) {
                $lots[$lot->code] = ($lots[$lot->code] ?? 0.0) + $part;
            }
            $grams -= $part;
            $last = $lot;
        }

        return [
            'lots' => $lots,
            'open' => $codes === [] || ($last !== null && $grams <= $scale) ? 0.0 : round($grams, 4),
            'last' => $last,
        ];
    }

    /**
     * Why taking from these lots has to be asked about, in words; null where nothing speaks against it.
     *
     * @param  list<string>  $codes
     */
    public static function doubt(array $codes, Wording $wording): ?string
    {
        foreach (Lot::query()->whereIn('code', $codes)->orderBy('id')->get() as $lot) {
            if (LotPage::isOver($lot)) {
                return say(
                    'make.lot_over',
                    ['code' => $lot->code, 'date' => $wording->date($lot->good_until ?? $lot->made_at)],
                );
            }
        }

        return null;
    }
}
