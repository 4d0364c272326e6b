<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Term;

/** Brings percentages to 100: waters and fats grow or shrink in proportion within their usual dose, doses stay. */
final class ReachHundred
{
    private const STEP = 0.01;

    /** As much as rounding may leave, percent. */
    private const ROUNDING = 0.005;

    public static function wish(Assessment $it): Proposal
    {
        $composition = $it->composition;
        $off = 100 * ($composition->accounted->likely - 1);
        $base = array_values(array_filter($composition->lines, self::isBase(...)));
        if ($composition->hasRest || abs($off) <= self::ROUNDING) {
            return Proposal::none('hundred_already');
        }
        $now = array_map(static fn (WeighedLine $line): float => $line->amount->number->likely ?? 0.0, $base);
        $most = array_map(
            static fn (WeighedLine $line): float => max(
                $line->amount->number->likely ?? 0.0,
                $line->ingredient->use->max ?? 100.0,
            ),
            $base,
        );
        $room = array_sum($now) - $off;
        if ($base === [] || array_sum($now) <= 0 || $room <= 0 || $room > array_sum($most) + self::ROUNDING) {
            return Proposal::none('hundred_no_room', ['percent' => Term::percent(abs($off))]);
        }
        $patch = [];
        foreach (Scaling::onScale(self::shared($now, $most, $room), self::STEP) as $i => $percent) {
            if (abs($percent - $now[$i]) > 1e-9) {
                $patch[] = [
                    'op' => 'replace',
                    'path' => '/lines/'.($base[$i]->position - 1).'/amount',
                    'value' => Amount::plain($percent).' %',
                ];
            }
        }

        return $patch === []
            ? Proposal::none('hundred_already')
            : Proposal::change(new Fix('bend.hundred', $patch), 'hundred', ['percent' => Term::percent(abs($off))]);
    }

    /**
     * In proportion; what would pass its ceiling stays there and the others take the rest.
     *
     * @param  list<float>  $now
     * @param  list<float>  $most
     * @return list<float>
     */
    private static function shared(array $now, array $most, float $room): array
    {
        $shared = $full = [];
        do {
            $open = array_diff_key($now, $full);
            $left = $room - array_sum($full);
            $shared = $full;
            $isOver = false;
            foreach ($open as $i => $was) {
                $shared[$i] = array_sum($open) > 0 ? $left * $was / array_sum($open) : $left / count($open);
                if ($shared[$i] > $most[$i] + 1e-9) {
                    $full[$i] = $most[$i];
                    $isOver = true;
                }
            }
        } while ($isOver);
        ksort($shared);

        return array_values($shared);
    }

    /** A water or a fat in percent: what can take up a difference. */
    private static function isBase(WeighedLine $line): bool
    {
        return $line->isInBatch()
            && $line->amount?->kind === AmountKind::Percent
            && $line->ingredient !== null
            && ($line->ingredient->kind->isWatery() || $line->ingredient->kind->isLipid());
    }
}
