<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Simulation\Course;
use Ilvane\Core\Simulation\Doing;
use Ilvane\Core\Simulation\Move;

/** The steps at the hob, in the order of the work: the course of the making, with every weighing a step of its own. */
final readonly class Plan
{
    /** Hair leave-ins: 4.5 to 5.5, up to 6 accepted. Common practice. */
    public const USUAL_PH = 5.0;

    /** One go of the blender where nobody has said. Common practice: 60 to 90 s. */
    private const BURST_S = 75.0;

    /** @param  non-empty-list<Step>  $steps */
    private function __construct(public array $steps)
    {
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $step = $formula->scaleResolutionG ?? Tools::DEFAULT_SCALE_G;
        $targets = self::underCeilings(self::targets($composition, $step), $composition, $formula->use, $step);
        $steps = $seen = [];
        foreach (self::moves(Course::of($formula, $composition)->moves, $composition) as $move) {
            foreach (self::steps($move, $formula, $composition, $targets) as $step) {
                $seen[$step->key] = ($seen[$step->key] ?? 0) + 1;
                $steps[] = $seen[$step->key] === 1 ? $step : $step->named("$step->key.{$seen[$step->key]}");
            }
        }
        $steps[] = new Step('fill', StepKind::Fill, grams: $composition->total?->likely);

        return new self($steps);
    }

    /**
     * What is done by hand at the hob, up to the filling that ends it; whatever the course forgot to weigh is weighed first.
     *
     * @param  list<Move>  $moves
     * @return list<Move>
     */
    private static function moves(array $moves, Composition $composition): array
    {
        $filled = array_search(Doing::Fill, array_column($moves, 'do'), true);
        $moves = array_values(array_filter(array_slice($moves, 0, $filled === false ? null : $filled), static fn (Move $move): bool => $move->do !== Doing::Label));
        $weighed = array_map(static fn (Move $move): ?Phase => $move->do === Doing::Weigh ? $move->phase : null, $moves);
        $forgotten = array_filter(Phase::cases(), static fn (Phase $phase): bool => $composition->inPhase($phase) !== [] && ! in_array($phase, $weighed, true));
        $first = ($moves[0] ?? null)?->do === Doing::Sanitise ? 1 : 0;
        array_splice($moves, $first, 0, array_map(static fn (Phase $phase): Move => new Move(Doing::Weigh, phase: $phase), array_values($forgotten)));

        return $first === 1 ? $moves : [new Move(Doing::Sanitise), ...$moves];
    }

    /**
     * @param  array<int, float>  $targets
     * @return list<Step>
     */
    private static function steps(Move $move, Formula $formula, Composition $composition, array $targets): array
    {
        $phases = array_values(array_filter([$composition->inPhase(Phase::Water) === [] || $move->what === 'oil' ? null : Phase::Water, $composition->inPhase(Phase::Oil) === [] || $move->what === 'water' ? null : Phase::Oil]));
        $seconds = $move->seconds();

        return match ($move->do) {
            Doing::Weigh => self::weigh($composition->inPhase($move->phase ?? Phase::Oil), $targets),
            Doing::Heat => $phases === [] ? [] : [new Step('heat', StepKind::Heat, $phases, celsius: $move->heatsTo($formula, $composition))],
            Doing::Combine => [new Step('combine', StepKind::Combine, $phases)],
            Doing::Blend => [new Step('blend', StepKind::Blend, seconds: self::blending($move)->seconds(), blending: self::blending($move))],
            Doing::Gate, Doing::Cool => [new Step('gate', StepKind::Gate, [Phase::Cooldown], celsius: $move->coolsTo($formula))],
            Doing::Add => $composition->inPhase($move->phase ?? Phase::Cooldown) === [] ? [] : [new Step('add', StepKind::Add, [$move->phase ?? Phase::Cooldown])],
            Doing::TestPh => [new Step('ph', StepKind::TestPh, ph: $formula->ph ?? self::USUAL_PH)],
            Doing::Chill => [new Step('chill', StepKind::Chill, celsius: $move->toC, seconds: $move->minutes === null ? null : $seconds)],
            Doing::Hold, Doing::Rest, Doing::Whip => [new Step($move->do->value, StepKind::from($move->do->value), seconds: $seconds)],
            Doing::Sanitise, Doing::Prepare, Doing::Strain, Doing::Adjust => [new Step($move->do->value, StepKind::from($move->do->value))],
            Doing::Fill, Doing::Label => [],
        };
    }

    private static function blending(Move $move): Blending
    {
        return new Blending($move->burst ?: self::BURST_S, $move->rest, $move->times);
    }

    /** The same plan for so many times as much of everything. */
    public function scaled(float $factor): self
    {
        return new self(array_map(static fn (Step $step): Step => $step->scaled($factor), $this->steps));
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
     * Where rounding up would carry a line over its limit it is rounded down, and the largest line takes the step.
     *
     * @param  array<int, float>  $targets
     * @return array<int, float> by line position
     */
    private static function underCeilings(array $targets, Composition $composition, Application $use, float $step): array
    {
        $total = $composition->total->likely ?? 0.0;
        $largest = $targets === [] ? 0 : (int) array_search(max($targets), $targets, true);
        foreach ($composition->lines as $line) {
            $target = $targets[$line->position] ?? null;
            $exact = $line->grams->likely ?? 0.0;
            $most = $line->ingredient?->ceiling($use === Application::RinseOff);
            $limit = $most === null ? INF : max($exact, $total * $most / 100);
            if ($target === null || $target <= $limit + self::ROUNDING_G || ! $line->isInBatch() || $line->position === $largest) {
                continue;
            }
            $down = round(floor($limit / $step + self::ROUNDING_G) * $step, 10);
            $targets[$line->position] = $down > 0 ? $down : $exact;
            $targets[$largest] = round($targets[$largest] + $target - $targets[$line->position], 10);
        }

        return $targets;
    }

    /** Floating point, no more. */
    private const ROUNDING_G = 1e-9;

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
