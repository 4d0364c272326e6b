<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/**
 * What has to be made before a formula that takes of it, at the same hob: its own steps as written, else those usual
 * for its kind (common practice). What takes days, and what stands in the pantry already, is not made here.
 */
final class PartSteps
{
    private const USUAL = [
        'tea' => [StepKind::Steep, StepKind::Strain],
        'decoction' => [StepKind::Simmer, StepKind::Strain],
        'cold_soak' => [StepKind::Soak, StepKind::Strain],
        'gel' => [StepKind::Simmer, StepKind::Strain],
        'juice' => [StepKind::BlendFresh, StepKind::Strain],
        'puree' => [StepKind::BlendFresh],
        'milk' => [StepKind::Soak, StepKind::BlendFresh, StepKind::Strain],
        'cooked_out_oil' => [StepKind::CookOut, StepKind::Strain],
        'melted_base' => [StepKind::Hold],
        'mix' => [],
    ];

    /** @return list<Step> in the order in which one is needed for the next */
    public static function all(Composition $composition): array
    {
        $steps = [];
        foreach (self::inOrder($composition) as $part) {
            array_push($steps, ...self::of($part));
        }

        return $steps;
    }

    /** @return list<Step> */
    private static function of(WeighedPart $weighed): array
    {
        $part = $weighed->part;
        $own = array_values(array_filter(
            $part->process->steps,
            static fn (Step $step): bool => ! in_array($step->kind, [StepKind::Sanitise, StepKind::Weigh], true),
        ));
        $steps = $own !== [] ? $own : array_map(
            static fn (StepKind $kind): Step => new Step($kind, seconds: 60 * $kind->usualMinutes()),
            array_filter(
                self::USUAL[$part->makes->value] ?? [],
                static fn (StepKind $kind): bool => $kind !== StepKind::Strain || $weighed->isStrained,
            ),
        );

        return array_map(
            static fn (Step $step): Step => $step->ofPart($part->key),
            [new Step(StepKind::Prepare), ...$steps],
        );
    }

    /** @return list<WeighedPart> that are taken of, hold nothing from a lot alone, and are made within the day */
    private static function inOrder(Composition $composition): array
    {
        $needed = [];
        foreach ($composition->parts as $weighed) {
            $takers = array_filter(
                $composition->takersOf($weighed->part->key),
                static fn (WeighedLine $line): bool => $line->line->lot === null,
            );
            $isMade = $weighed->part->isWeighed || $weighed->isOfOldLines();
            if ($takers !== [] && ! $isMade && $weighed->part->makes !== PartKind::InfusedOil) {
                $needed[] = $weighed;
            }
        }
        usort($needed, static fn (WeighedPart $one, WeighedPart $two): int => match (true) {
            in_array($one->part->key, $two->part->uses(), true) => -1,
            in_array($two->part->key, $one->part->uses(), true) => 1,
            default => 0,
        });

        return $needed;
    }
}
