<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\WaterOut;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Process\Blending;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepDetails;
use Ilvane\Core\Process\StepKind;

/** The steps at the hob, in the order of the work: the course of the making, with every weighing a step of its own. */
final readonly class Plan
{
    /** Hair leave-ins: 4.5 to 5.5, up to 6 accepted. Common practice. */
    public const USUAL_PH = 5.0;

    /** Glass in boiling water. Common practice. */
    private const BOIL_S = 600.0;

    /** In the cold it is looked at so often, where nobody has said how long. Common practice. */
    private const LOOK_AGAIN_S = 900.0;

    /** @param  non-empty-list<Step>  $steps */
    private function __construct(public array $steps, public Way $way, public PourOrder $pour)
    {
    }

    /** Something in it is warmed, so that something has to cool. */
    public function isHeated(): bool
    {
        return in_array(StepKind::Heat, array_column($this->steps, 'kind'), true);
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $step = $formula->scaleResolutionG ?? Tools::DEFAULT_SCALE_G;
        $targets = self::underCeilings(self::targets($composition, $step), $composition, $formula->use, $step);
        $steps = $seen = $heated = [];
        $course = self::planned(Course::of($formula, $composition)->steps, $composition);
        $late = self::goingInLate($course);
        foreach (self::cookedOut($course, WaterOut::all($formula, $composition)) as $planned) {
            foreach (self::steps($planned, $formula, $composition, $targets, $late) as $step) {
                // what is held is what was heated
                $heated = $step->kind === StepKind::Heat ? $step->phases : $heated;
                $step = $step->kind === StepKind::Hold ? $step->inPhases($heated) : $step;
                $seen[$step->key] = ($seen[$step->key] ?? 0) + 1;
                $steps[] = $seen[$step->key] === 1 ? $step : $step->named("$step->key.{$seen[$step->key]}");
            }
        }
        $steps[] = new Step(StepKind::Fill, 'fill', grams: $composition->total?->likely);

        return new self($steps, Way::of($formula, $composition), $formula->process->conditions->pour());
    }

    /**
     * What is done by hand at the hob, up to the filling that ends it; whatever the process forgot to weigh is weighed
     * first.
     *
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private static function planned(array $steps, Composition $composition): array
    {
        $filled = array_search(StepKind::Fill, array_column($steps, 'kind'), true);
        $steps = array_slice($steps, 0, $filled === false ? null : $filled);
        $steps = array_values(array_filter($steps, static fn (Step $step): bool => $step->kind !== StepKind::Label));
        $weighed = array_map(
            static fn (Step $step): ?Phase => $step->kind === StepKind::Weigh ? $step->phase() : null,
            $steps,
        );
        $late = self::goingInLate($steps);
        $forgotten = [];
        foreach (Phase::cases() as $phase) {
            if (
                self::without($composition->inPhase($phase), $late) !== []
                && ! in_array($phase, $weighed, true)
            ) {
                $forgotten[] = new Step(StepKind::Weigh, phases: [$phase]);
            }
        }
        $isSanitised = ($steps[0] ?? null)?->kind === StepKind::Sanitise;
        array_splice($steps, $isSanitised ? 1 : 0, 0, $forgotten);

        return $isSanitised ? $steps : [new Step(StepKind::Sanitise), ...$steps];
    }

    /**
     * Where wet plants are cooked out, the pot is weighed: in the parts first, in the formula's own lines before they
     * are strained.
     *
     * @param  list<Step>  $steps
     * @param  list<WaterOut>  $all
     * @return list<Step>
     */
    private static function cookedOut(array $steps, array $all): array
    {
        foreach ($all as $one) {
            $isOwn = $one->part === '';
            $kinds = array_column($steps, 'kind');
            $isThere = array_filter(
                $steps,
                static fn (Step $step): bool => $step->kind === StepKind::CookOut
                    && ($isOwn || $step->details->part === $one->part),
            ) !== [];
            if ($isThere) {
                continue;
            }
            $strained = array_search(StepKind::Strain, $kinds, true);
            array_splice($steps, match (true) {
                ! $isOwn => 1,
                $strained !== false => $strained,
                default => count($steps),
            }, 0, [new Step(StepKind::CookOut, details: new StepDetails(part: $isOwn ? null : $one->part))]);
        }

        return $steps;
    }

    /**
     * Keys of lines that a step of their own puts in: they are weighed there, not with their phase.
     *
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function goingInLate(array $steps): array
    {
        $late = [];
        foreach ($steps as $step) {
            if ($step->kind === StepKind::Add) {
                array_push($late, ...$step->details->lines);
            }
            if ($step->kind === StepKind::AddLittle && $step->details->line !== null) {
                $late[] = $step->details->line;
            }
        }

        return $late;
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @param  list<string>  $keys
     * @return list<WeighedLine>
     */
    private static function without(array $lines, array $keys): array
    {
        return array_values(array_filter(
            $lines,
            static fn (WeighedLine $line): bool => ! in_array($line->key(), $keys, true),
        ));
    }

    /**
     * What goes in at a step of its own: weighed there, then put in.
     *
     * @param  array<int, float>  $targets
     * @param  list<string>  $late
     * @return list<Step>
     */
    private static function added(Step $planned, Composition $composition, array $targets, array $late): array
    {
        $phase = $planned->phase() ?? Phase::Cooldown;
        $named = $planned->details->lines;
        $lines = $named === []
            ? self::without($composition->inPhase($phase), $late)
            : array_values(array_filter(
                $composition->lines,
                static fn (WeighedLine $line): bool => in_array($line->key(), $named, true),
            ));

        return $lines === [] ? [] : [
            ...($named === [] ? [] : self::weigh($lines, $targets)),
            new Step(StepKind::Add, 'add', [$phase], note: $planned->note, details: $planned->details),
        ];
    }

    /**
     * Weighed at its own place, dose by dose.
     *
     * @param  array<int, float>  $targets
     * @return list<Step>
     */
    private static function littleByLittle(Step $planned, Composition $composition, array $targets): array
    {
        foreach ($composition->lines as $line) {
            if ($line->key() === $planned->details->line) {
                return array_map(
                    static fn (Step $step): Step => $step->saying($planned->note, $planned->details),
                    self::weigh([$line], $targets),
                );
            }
        }

        return [new Step(StepKind::AddLittle, 'add_little', note: $planned->note, details: $planned->details)];
    }

    /**
     * @param  array<int, float>  $targets
     * @param  list<string>  $late
     * @return list<Step>
     */
    private static function steps(
        Step $planned,
        Formula $formula,
        Composition $composition,
        array $targets,
        array $late,
    ): array {
        $phases = array_values(array_filter(
            [Phase::Water, Phase::Oil],
            static fn (Phase $phase): bool => $composition->inPhase($phase) !== [] && $planned->concerns($phase),
        ));
        $kind = $planned->kind;
        $note = $planned->note;

        return match ($kind) {
            StepKind::Weigh => self::weigh(
                self::without($composition->inPhase($planned->phase() ?? Phase::Oil), $late),
                $targets,
            ),
            StepKind::Heat => $phases === []
                ? []
                : [new Step(
                    $kind,
                    'heat',
                    $phases,
                    celsius: PhaseHeat::targetOf($planned->celsius, $formula, $composition),
                    note: $note,
                )],
            StepKind::Combine => [new Step($kind, 'combine', $phases, note: $note, details: $planned->details)],
            StepKind::Blend => [new Step(
                $kind,
                'blend',
                seconds: $planned->takes(),
                blending: $planned->blending ?? Blending::usual(),
                note: $note,
            )],
            StepKind::Gate,
            StepKind::Cool => [new Step(
                StepKind::Gate,
                'gate',
                [Phase::Cooldown],
                celsius: $planned->celsius ?? CoolDown::of($formula, $composition),
                note: $note,
            )],
            StepKind::Add => self::added($planned, $composition, $targets, $late),
            StepKind::AddLittle => self::littleByLittle($planned, $composition, $targets),
            StepKind::TestPh => [new Step($kind, 'ph', ph: $formula->ph ?? self::USUAL_PH, note: $note)],
            StepKind::Chill => [new Step(
                $kind,
                'chill',
                celsius: $planned->celsius,
                seconds: $planned->seconds ?? self::LOOK_AGAIN_S,
                how: $planned->how,
                note: $note,
                details: $planned->details,
            )],
            StepKind::Fill, StepKind::Label => [],
            StepKind::Hold,
            StepKind::Rest,
            StepKind::Whip,
            StepKind::Soak,
            StepKind::Steep,
            StepKind::Simmer,
            StepKind::CookOut,
            StepKind::Freeze,
            StepKind::Shake => [new Step(
                $kind,
                $kind->value,
                seconds: $planned->takes(),
                note: $note,
                details: $planned->details,
            )],
            StepKind::Sanitise => [new Step($kind, $kind->value, seconds: self::BOIL_S, note: $note)],
            StepKind::Prepare,
            StepKind::Wash,
            StepKind::Chop,
            StepKind::Crack,
            StepKind::BlendFresh,
            StepKind::Strain,
            StepKind::Press,
            StepKind::WetGum,
            StepKind::Mould,
            StepKind::Unmould,
            StepKind::Adjust => [new Step($kind, $kind->value, note: $note, details: $planned->details)],
        };
    }

    /** @return list<string> keys of lines that a step of their own puts in */
    public function late(): array
    {
        return self::goingInLate($this->steps);
    }

    /** The same plan for so many times as much of everything. */
    public function scaled(float $factor): self
    {
        return new self(
            array_map(static fn (Step $step): Step => $step->scaled($factor), $this->steps),
            $this->way,
            $this->pour,
        );
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
        return array_values(array_filter(
            $this->steps,
            static fn (Step $step): bool => $step->kind === StepKind::Weigh && $step->phases === [$phase],
        ));
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
    private static function underCeilings(
        array $targets,
        Composition $composition,
        Application $use,
        float $step,
    ): array {
        $total = $composition->total->likely ?? 0.0;
        $largest = $targets === [] ? 0 : (int) array_search(max($targets), $targets, true);
        foreach ($composition->lines as $line) {
            $target = $targets[$line->position] ?? null;
            $exact = $line->weighs();
            $most = $line->ingredient?->ceiling($use === Application::RinseOff);
            $limit = $most === null ? INF : max($exact, $total * $most / 100);
            if (
                $target === null
                || $target <= $limit + self::ROUNDING_G
                || ! $line->isInBatch()
                || $line->position === $largest
            ) {
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
            StepKind::Weigh,
            "weigh.$line->position",
            [$line->phase],
            $line->position,
            $targets[$line->position] ?? null,
        ), $lines);
    }
}
