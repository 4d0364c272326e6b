<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use DateTimeImmutable;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Term;

/** What can be proposed for a formula without being asked anything. */
final class Offers
{
    /** Closer to the middle than this part of the range is the middle. */
    private const NEAR = 0.05;

    /**
     * @param  DateTimeImmutable  $soon  what turns by then is to be used up
     * @return array<string, Proposal> by a name that stays the same for the same formula: "hundred", "preserve:5",
     *   "balance", "use:LOT"
     */
    public static function of(Assessment $it, Substitutes $substitutes, Stock $cupboard, DateTimeImmutable $soon): array
    {
        $offers = ['hundred' => ReachHundred::wish($it)];
        foreach ($it->preservation->doses as $dose) {
            $offers['preserve:'.$dose->line->position] = self::middle($it, $dose->line);
        }
        $offers['balance'] = self::balance($it->hlb);
        foreach ($cupboard->turningBy($soon) as $stocked) {
            $offers["use:$stocked->lot"] = self::useUp($it, $stocked, $substitutes);
        }

        return array_filter($offers, static fn (Proposal $offer): bool => $offer->fix !== null);
    }

    private static function middle(Assessment $it, WeighedLine $line): Proposal
    {
        $range = $line->ingredient?->use;
        $percent = $line->percent()?->likely;
        if ($line->ingredient === null || $range === null || $percent === null) {
            return Proposal::none('no_range');
        }
        $middle = ($range->min + $range->max) / 2;
        $fix = abs($percent - $middle) <= self::NEAR * ($range->max - $range->min)
            ? []
            : (new Remedy($it))->dose($line, $middle, 'bend.middle');

        return $fix === []
            ? Proposal::none('middle_already')
            : Proposal::change(
                $fix[0],
                'middle',
                ['ingredient' => Term::ingredient($line->ingredient->key), 'percent' => Term::percent($middle)],
            );
    }

    private static function balance(Hlb $hlb): Proposal
    {
        $off = $hlb->off();
        $fixes = $off === null || abs($off) < 0.1 || $hlb->isBalanced ? [] : Remedy::split($hlb);

        return $fixes === []
            ? Proposal::none('balance_already')
            : Proposal::change(
                $fixes[0],
                'balance',
                ['required' => Term::number($hlb->required ?? 0.0), 'blend' => Term::number($hlb->blend ?? 0.0)],
            );
    }

    /** The lot goes into the line of the same ingredient, or in place of the line most like it. */
    private static function useUp(Assessment $it, Stocked $stocked, Substitutes $substitutes): Proposal
    {
        $catalogue = $it->catalogue;
        if (! $catalogue->has($stocked->ingredient)) {
            return Proposal::none('unknown');
        }
        $ingredient = $catalogue->get($stocked->ingredient);
        $best = null;
        foreach ($it->composition->lines as $line) {
            $isSame = $line->ingredient?->key === $stocked->ingredient;
            if (
                $line->grams === null
                || $line->line->lot === $stocked->lot
                || ! ($isSame || Substitutes::fits($ingredient, $line, $it->composition))
            ) {
                continue;
            }
            $distance = $isSame ? -1.0 : $substitutes->distance($line->ingredient ?? $ingredient, $ingredient);
            $best = $best === null || $distance < $best[0] ? [$distance, $line] : $best;
        }
        if ($best === null) {
            return Proposal::none('fits_nowhere');
        }
        [$distance, $line] = $best;
        $at = '/lines/'.($line->position - 1);
        $patch = [
            ...($distance < 0 ? [] : $substitutes->swap($line, $ingredient)->patch),
            ['op' => 'add', 'path' => "$at/lot", 'value' => $stocked->lot],
            ...($stocked->turns === null ? [] : [[
                'op' => 'add',
                'path' => "$at/best_before",
                'value' => $stocked->turns->format('Y-m-d'),
            ]]),
            ...($stocked->openedOn === null ? [] : [[
                'op' => 'add',
                'path' => "$at/opened_on",
                'value' => $stocked->openedOn->format('Y-m-d'),
            ]]),
        ];

        return Proposal::change(new Fix('bend.use', $patch), $distance < 0 ? 'use_same' : 'use_instead', [
            'ingredient' => Term::ingredient($stocked->ingredient),
            'grams' => Term::grams(min($stocked->grams, $line->weighs())),
            'left' => Term::grams($stocked->grams),
            'instead' => Term::ingredient($line->ingredient->key ?? ''),
        ]);
    }
}
