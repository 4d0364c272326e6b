<?php

declare(strict_types=1);

namespace App\Papers;

use App\Ground\Wording;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** Builds what HowTo shows. */
final readonly class HowToFactory
{
    public function __construct(
        private Wording $wording,
    ) {
    }

    public function of(Formula $formula, Composition $composition): HowTo
    {
        $wording = $this->wording;

        return new HowTo(
            $formula->name,
            $composition->total === null ? '' : $wording->grams($composition->total->likely),
            array_map(static fn (WeighedLine $line): array => [
                'name' => self::name($line, $wording),
                'amount' => $line->grams === null
                    ? $line->line->amount
                    : $wording->weighed($line->grams->likely, $line->grams->likely < 10 ? 0.01 : 0.1),
            ], $composition->lines),
            [
                ...self::madeFirst($composition, $wording),
                ...self::steps(Plan::of($formula, $composition), $composition, $wording),
            ],
            $formula->directions,
        );
    }

    private static function name(WeighedLine $line, Wording $wording): string
    {
        return $line->ingredient === null ? $line->line->spokenOf() : $wording->ingredient($line->ingredient->key);
    }

    /** @return list<array{name: string, text: string}> what is made first, each a step of its own */
    private static function madeFirst(Composition $composition, Wording $wording): array
    {
        $steps = [];
        foreach ($composition->parts as $part) {
            if ($part->isOfOldLines()) {
                continue; // they are among the lines
            }
            $steps[] = [
                'name' => say('parts.made_first').': '.$part->part->name,
                'text' => implode(', ', array_map(
                    static fn (WeighedLine $line): string => self::name($line, $wording).' '.($line->grams === null
                        ? $line->line->amount
                        : $wording->grams($line->grams->likely)),
                    $part->lines,
                )).': '.say("parts.means.{$part->part->makes->value}").'.'.($part->gives === null ? '' : ' '.say(
                    'parts.gives_in_all',
                    ['grams' => $wording->grams(round($part->gives->likely))],
                )),
            ];
        }

        return $steps;
    }

    /**
     * Weighings of one phase are one step.
     *
     * @return list<array{name: string, text: string}>
     */
    private static function steps(Plan $plan, Composition $composition, Wording $wording): array
    {
        $steps = [];
        $last = null;
        foreach ($plan->steps as $step) {
            if ($step->kind === StepKind::Weigh) {
                $line = $composition->lines[(int) $step->line - 1];
                $what = self::name($line, $wording).($step->grams === null ? '' : ' '.$wording->weighed(
                    $step->grams,
                    $step->grams < 10 ? 0.01 : 0.1,
                ));
                $before = $last === $line->phase ? array_pop($steps)['text'].', ' : '';
                $steps[] = [
                    'name' => say('make.verb.weigh').': '.say('words.phase.'.$line->phase->value),
                    'text' => $before.$what,
                ];
                $last = $line->phase;

                continue;
            }
            $last = null;
            $steps[] = [
                'name' => trim(say("make.verb.{$step->kind->value}").' '.self::number($step, $wording)),
                'text' => ucfirst(say("make.what.{$step->kind->value}")).'. '.say("make.why.{$step->kind->value}"),
            ];
        }

        return $steps;
    }

    private static function number(Step $step, Wording $wording): string
    {
        return match (true) {
            $step->celsius !== null => '('.$wording->celsius($step->celsius).')',
            $step->ph !== null => '('.$wording->number($step->ph, 1, 1).')',
            default => '',
        };
    }
}
