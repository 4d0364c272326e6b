<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/**
 * The usual steps of a product, done as its note says: in the note's order, with its temperatures and times, and with
 * the steps it has besides. What it doesn't mention is done as usual, so that a note with gaps loses nothing.
 */
final class AsNoted
{
    /** What a note may add of itself; the rest of what it mentions belongs to its parts, or names no line. */
    private const ADDED = [
        StepKind::Rest, StepKind::Shake, StepKind::Chill, StepKind::Freeze, StepKind::Whip, StepKind::Blend,
        StepKind::Hold, StepKind::Mould, StepKind::Unmould,
    ];

    /** Where one word means another step, by the kind of product. */
    private const STANDS_FOR = [
        'blend' => StepKind::BlendFresh, 'freeze' => StepKind::Chill, 'chill' => StepKind::Freeze,
    ];

    /**
     * @param  list<Step>  $usual
     * @param  list<Step>  $noted
     * @return list<Step>
     */
    public static function merged(array $usual, array $noted): array
    {
        $steps = $usual;
        $at = -1;
        $isMatched = array_fill(0, count($steps), false);
        foreach ($noted as $one) {
            $found = self::find($steps, $isMatched, $one->kind, $at);
            if ($found === null) {
                if (in_array($one->kind, self::ADDED, true) && $at >= 0) {
                    array_splice($steps, ++$at, 0, [$one]);
                    array_splice($isMatched, $at, 0, [true]);
                }

                continue;
            }
            if ($found < $at) {
                [$steps, $isMatched, $at] = self::moved($steps, $isMatched, $found, $at);
                $found = $at;
            }
            array_splice($steps, $found, 1, [$steps[$found]->asNoted($one)]);
            $isMatched[$found] = true;
            $at = $found;
        }

        return $steps;
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<int, bool>  $isMatched
     */
    private static function find(array $steps, array $isMatched, StepKind $kind, int $at): ?int
    {
        foreach ([$kind, self::STANDS_FOR[$kind->value] ?? $kind] as $wanted) {
            $all = array_keys(array_filter(
                $steps,
                static fn (Step $step, int $i): bool => $step->kind === $wanted
                    && ! $isMatched[$i]
                    && $step->details->part === null,
                ARRAY_FILTER_USE_BOTH,
            ));
            $after = array_values(array_filter($all, static fn (int $i): bool => $i > $at));
            if ($all !== []) {
                return $after[0] ?? $all[0];
            }
        }

        return null;
    }

    /**
     * Behind the step before it in the note; a filling stays the end.
     *
     * @param  list<Step>  $steps
     * @param  array<int, bool>  $isMatched
     * @return array{list<Step>, array<int, bool>, int}
     */
    private static function moved(array $steps, array $isMatched, int $from, int $behind): array
    {
        [$step] = array_splice($steps, $from, 1);
        array_splice($isMatched, $from, 1);
        array_splice($steps, $behind, 0, [$step]);
        array_splice($isMatched, $behind, 0, [true]);

        return [$steps, $isMatched, $behind];
    }
}
