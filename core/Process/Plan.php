<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Heat\CoolDownGate;
use Ilvane\Core\Heat\PhaseHeat;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Preservation\Preservation;

/** The steps that make a formula, in the order of the work. Common practice. */
final readonly class Plan
{
    /** Hair leave-ins: 4.5 to 5.5, up to 6 accepted. Common practice. */
    public const USUAL_PH = 5.0;

    /** @param  non-empty-list<Step>  $steps */
    private function __construct(public array $steps)
    {
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $heat = PhaseHeat::of($formula, $composition);
        $isWatery = Preservation::of($formula, $composition, $heat)->regime !== Regime::Dry;
        $water = $composition->inPhase(Phase::Water);
        $oil = $composition->inPhase(Phase::Oil);
        $cooldown = $composition->inPhase(Phase::Cooldown);
        $infusion = $composition->inPhase(Phase::Infusion);
        $heated = array_values(array_filter([$water === [] ? null : Phase::Water, $oil === [] ? null : Phase::Oil]));

        $steps = [new Step('sanitise', StepKind::Sanitise)];
        $targets = self::targets($composition, $formula->scaleResolutionG ?? Tools::DEFAULT_SCALE_G);
        array_push($steps, ...self::weigh($infusion, $targets), ...($infusion === [] ? [] : [new Step('steep', StepKind::Steep, [Phase::Infusion])]));
        array_push($steps, ...self::weigh($water, $targets), ...self::weigh($oil, $targets));
        if ($heat !== null && $heated !== []) {
            $steps[] = new Step('heat', StepKind::Heat, $heated, celsius: $heat->target);
        }
        if ($water !== [] && $oil !== []) {
            $steps[] = new Step('combine', StepKind::Combine, $heated, celsius: $heat?->target);
            $steps[] = new Step('blend', StepKind::Blend);
        }
        if ($heat !== null && $cooldown !== []) {
            $steps[] = new Step('gate', StepKind::Gate, [Phase::Cooldown], celsius: CoolDownGate::of($formula));
        }
        array_push($steps, ...self::weigh($cooldown, $targets));
        if ($cooldown !== []) {
            $steps[] = new Step('add', StepKind::Add, [Phase::Cooldown]);
        }
        if ($formula->family === Family::WhippedButter) {
            $steps[] = new Step('whip', StepKind::Whip);
        }
        if ($isWatery) {
            $steps[] = new Step('ph', StepKind::TestPh, ph: $formula->ph ?? self::USUAL_PH);
        }
        $steps[] = new Step('fill', StepKind::Fill, grams: $composition->total?->likely);

        return new self($steps);
    }

    public function step(string $key): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    public function indexOf(string $key): int
    {
        foreach ($this->steps as $i => $step) {
            if ($step->key === $key) {
                return $i;
            }
        }

        return 0;
    }

    /** @return list<Step> */
    public function weighingsOf(Phase $phase): array
    {
        return array_values(array_filter($this->steps, static fn (Step $step): bool => $step->kind === StepKind::Weigh && $step->phases === [$phase]));
    }

    /**
     * Grams to weigh out by line, as the scale can show them, the sum of the batch kept. What is less than a step stays
     * as it is: no scale will show it, and a check says so.
     *
     * @return array<int, float> by line position
     */
    private static function targets(Composition $composition, float $scale): array
    {
        $grams = [];
        foreach ($composition->lines as $line) {
            if ($line->grams !== null) {
                $grams[$line->position] = $line->grams->likely;
            }
        }
        $targets = [];
        foreach (Scaling::onScale(array_values($grams), $scale) as $i => $round) {
            $position = array_keys($grams)[$i];
            $targets[$position] = $round > 0 ? $round : $grams[$position];
        }

        return $targets;
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @param  array<int, float>  $targets
     * @return list<Step>
     */
    private static function weigh(array $lines, array $targets): array
    {
        return array_map(static fn (WeighedLine $line): Step => new Step(
            "weigh.$line->position", StepKind::Weigh, [$line->phase], $line->position, $targets[$line->position] ?? null,
        ), $lines);
    }
}
