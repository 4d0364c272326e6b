<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** The figure a step is about, as it is told at the hob. */
final readonly class StepFigures
{
    /** @return array{number: string, unit: string} */
    public static function number(MakeState $state, Step $step, Wording $wording): array
    {
        return match (true) {
            $step->kind === StepKind::Fill => ['number' => '', 'unit' => ''],
            $state->isDropped($step) => self::drops($state, $step, $wording),
            $step->grams !== null => [
                'number' => $wording->weighed($step->grams, self::scaleFor($state, $step->grams)),
                'unit' => 'g',
            ],
            $step->kind === StepKind::Weigh => ['number' => '?', 'unit' => 'g'],
            $step->kind === StepKind::Combine => ['number' => '', 'unit' => ''],
            $step->kind === StepKind::CookOut => ['number' => ($cookOut = $state->cookOut($step)) === null
                ? ''
                : $wording->number(round($cookOut->weighsWhenDone(), 1), 1), 'unit' => 'g'],
            $step->celsius !== null && $step->kind !== StepKind::Chill => [
                'number' => $wording->number($step->celsius, 0),
                'unit' => '°C',
            ],
            $step->kind === StepKind::Add => self::together($state, $step, $wording),
            isset($state->timers()[$step->key]) => ['number' => '', 'unit' => ''],
            $step->seconds !== null => self::lasting($step->seconds, $wording),
            $step->ph !== null => ['number' => $wording->number($step->ph, 1, 1), 'unit' => 'pH'],
            default => ['number' => '', 'unit' => ''],
        };
    }

    /** @return array{number: string, unit: string} */
    public static function lasting(float $seconds, Wording $wording): array
    {
        return $seconds < 60
            ? ['number' => $wording->number($seconds, 0), 'unit' => 's']
            : ['number' => $wording->number($seconds / 60, 1), 'unit' => 'min'];
    }

    /** @return array{number: string, unit: string} all that goes in here, grams */
    public static function together(MakeState $state, Step $step, Wording $wording): array
    {
        $grams = array_sum(array_map(
            static fn (Step $weighing): float => $state->taken->likely((int) $weighing->line),
            self::goingIn($state, $step),
        ));

        return $grams <= 0
            ? ['number' => '', 'unit' => '']
            : ['number' => $wording->weighed($grams, self::scaleFor($state, $grams)), 'unit' => 'g'];
    }

    /** @return list<Step> the weighings of what a step puts in */
    public static function goingIn(MakeState $state, Step $step): array
    {
        $keys = array_map(
            static fn (WeighedLine $line): string => $line->key(),
            $state->composition->lines,
        );
        $late = $state->plan->late();

        return array_values(array_filter(
            $state->plan->steps,
            static fn (Step $one): bool => $one->kind === StepKind::Weigh && $one->line !== null && (
                $step->details->lines === []
                    ? $one->phases === $step->phases && ! in_array($keys[$one->line - 1], $late, true)
                    : in_array($keys[$one->line - 1], $step->details->lines, true)
            ),
        ));
    }

    /**
     * Drops stay drops, as many as were written, or as many more as the batch has grown by.
     *
     * @return array{number: string, unit: string}
     */
    public static function drops(MakeState $state, Step $step, Wording $wording): array
    {
        $written = $state->composition->lines[(int) $step->line - 1]->amount->number ?? Band::zero();
        $number = $written->times($state->factor);
        [$low, $high] = [
            $wording->number(floor($number->low + 1e-9), 0),
            $wording->number(floor($number->high + 1e-9), 0),
        ];

        return [
            'number' => $low === $high ? $low : say('ui.band', ['low' => $low, 'high' => $high]),
            'unit' => say('words.unit.drop_many'),
        ];
    }

    /** An amount finer than the scale is still told to the hundredth, so that it is not shown as nothing. */
    public static function scaleFor(MakeState $state, float $grams): float
    {
        return $grams < 10 * $state->scale ? min($state->scale, 0.01) : $state->scale;
    }

    public static function target(MakeState $state, Step $step, Wording $wording): string
    {
        if ($state->isDropped($step)) {
            return implode(' ', self::drops($state, $step, $wording));
        }

        return $step->grams === null ? '?' : $wording->weighed($step->grams, self::scaleFor($state, $step->grams));
    }

    /** How much of a line went in, as far as it was told: a figure only where one was read. */
    public static function takenWords(MakeState $state, int $line, Wording $wording): string
    {
        $reading = $state->taken->reading($line);
        $drops = $state->taken->drops($line);

        return match (true) {
            $reading !== null => $wording->weighed($reading, self::scaleFor($state, $reading)),
            $state->taken->state($line) === LineState::Counted
                && $drops !== null => say('make.drops_counted', ['count' => $wording->number($drops, 0)]),
            $state->taken->state($line) === LineState::Open => '',
            default => $state->taken->state($line)->word(),
        };
    }

    public static function weighedName(MakeState $state, Step $step, Wording $wording): string
    {
        $taken = self::takenWords($state, (int) $step->line, $wording);

        return MakePage::lineName(
            $state,
            $step,
            $wording,
        ).', '.($taken === '' ? self::target($state, $step, $wording) : $taken)
            .($state->isDropped($step) || ! is_numeric($taken === '' ? '0' : $taken) ? '' : ' g');
    }
}
