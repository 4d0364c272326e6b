<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Making\Course;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Process\Blending;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Safety\Assessment;

/** Goes through a making minute by minute before anything is melted. */
final class Simulator
{
    /** Minutes to weigh out one line. Common practice. */
    private const WEIGHING_MIN = 1.5;

    /** Solid percent at which a butter takes air: a finger leaves a dent. From memory, common practice. */
    public const WHIPS_AT = 30.0;

    private readonly Log $book;

    private readonly Pots $pots;

    private ?float $gateMinute = null;

    private ?float $firmMinute = null;

    private bool $isBlended = false;

    /** °C the oils have reached; infinite once a step warms them that isn't followed here. */
    private float $hottest = -INF;

    private function __construct(
        private readonly Formula $formula,
        private readonly Composition $composition,
        private readonly Kitchen $kitchen,
        private readonly Warnings $warnings,
        private readonly SolidFat $texture,
    ) {
        $this->book = new Log;
        $this->pots = new Pots($kitchen, $this->book);
    }

    /** @param  array<string, float>  $own  how much faster than usual this maker's vessels cool, by "vessel/how" */
    public static function formula(
        Assessment $it,
        Catalogue $catalogue,
        ?Course $course = null,
        ?Kitchen $kitchen = null,
        array $own = [],
    ): Simulation {
        $kitchen ??= Kitchen::of($it->formula, $it->composition, $catalogue, $own);
        $course ??= Course::of($it->formula, $it->composition);
        $rehearsing = new self($it->formula, $it->composition, $kitchen, new Warnings($it), $it->texture);

        return $rehearsing->run($course);
    }

    private function run(Course $course): Simulation
    {
        $late = [];
        foreach ($course->steps as $step) {
            array_push($late, ...($step->kind === StepKind::Add ? $this->goingIn($step) : []));
        }
        $setOut = fn (Phase $phase): array => array_values(array_filter(
            $this->composition->openedInPhase($phase),
            static fn (WeighedLine $line): bool => ! in_array($line, $late, true),
        ));
        $this->pots->setOut(
            [...$setOut(Phase::Water), ...($course->isOwn ? [] : $setOut(Phase::Cooldown))],
            $setOut(Phase::Oil),
        );
        foreach ($course->steps as $i => $step) {
            $this->book->step = $i + 1;
            $from = $this->book->now;
            $this->go($step);
            $this->pots->sample();
            $this->book->stepped($from, $step->kind->isHandsOn());
        }
        $this->book->find($this->warnings->holdsNotAll($this->pots->main()));
        if (! $this->pots->isCombined() && self::isWhole($course)) {
            // it is the heating that was too little, not the step it shows at
            $heated = array_keys(array_column($course->steps, 'kind'), StepKind::Heat, true);
            $this->book->step = $heated === [] ? $this->book->step : $heated[count($heated) - 1] + 1;
            $this->book->find(...$this->warnings->neverMelted($this->pots->oil, $this->hottest));
        }

        return new Simulation(
            $course,
            $this->kitchen,
            $this->book->samples,
            $this->book->events,
            $this->book->stretches,
            $this->book->findings,
            $this->book->minute(),
            $this->book->handsOn / 60,
            $this->pots->dried(),
            $this->gateMinute,
            $this->firmMinute,
            $this->pots->unaccounted(),
            $this->pots->grams(),
        );
    }

    /** It says how the fats become one, not only what is done with them afterwards. */
    private static function isWhole(Course $course): bool
    {
        return array_filter($course->steps, static fn (Step $step): bool => in_array(
            $step->kind,
            [StepKind::Heat, StepKind::Combine, StepKind::Blend],
            true,
        )) !== [];
    }

    private function go(Step $step): void
    {
        match ($step->kind) {
            StepKind::Weigh => $this->weigh($step),
            StepKind::Heat => $this->heat($step),
            StepKind::Hold => $this->pots->hold($step->takes()),
            StepKind::Combine => $this->combine($step),
            StepKind::Blend => $this->blend($step),
            StepKind::Cool, StepKind::Gate => $this->cool($step),
            StepKind::Add => $this->add($step),
            StepKind::Chill => $this->chill($step),
            StepKind::Whip => $this->whip($step),
            StepKind::Strain => $this->strain($step),
            StepKind::Fill => $this->fill($step),
            StepKind::Steep, StepKind::Simmer, StepKind::CookOut => $this->warm($step),
            default => $this->stay($step),
        };
    }

    private function warm(Step $step): void
    {
        $this->hottest = INF;
        $this->stay($step);
    }

    private function weigh(Step $step): void
    {
        $lines = count($this->composition->inPhase($step->phase() ?? Phase::Oil));
        $this->pots->wait(60 * self::WEIGHING_MIN * max(1, $lines));
    }

    private function heat(Step $step): void
    {
        $target = PhaseHeat::targetOf($step->celsius, $this->formula, $this->composition);
        $pots = array_filter(
            [
                'water' => ! $step->concerns(Phase::Water) ? null : $this->pots->water,
                'oil' => ! $step->concerns(Phase::Oil) ? null : $this->pots->oil,
            ],
            static fn (?Pot $pot): bool => $pot !== null && ! $pot->isEmpty(),
        );
        if ($target > $this->kitchen->bath - 0.5) {
            $this->book->find($this->warnings->unreachable($target, $this->kitchen));
        }
        $this->pots->heat($pots, $target);
        $this->hottest = max($this->hottest, $this->pots->oil->celsius);
        foreach ($pots as $pot) {
            $this->book->find(...$this->warnings->tooHot($pot));
        }
    }

    private function combine(Step $step): void
    {
        [$water, $oil] = [$this->pots->water, $this->pots->oil];
        if (! $water->isEmpty() && ! $oil->isEmpty()) {
            $this->book->find(
                $this->warnings->unequal($water->celsius, $oil->celsius, $this->composition),
                ...$this->warnings->unmelted($oil, $oil->celsius),
            );
            $this->pots->combine();
        }
        $this->stay($step);
    }

    private function blend(Step $step): void
    {
        $blending = $step->blending ?? Blending::usual();
        for ($n = 0; $n < $blending->times; $n++) {
            $this->pots->wait($blending->burst);
            if (! $this->isBlended && $this->pots->isCombined()) {
                $this->isBlended = true;
                $this->book->event('emulsified', null, $this->celsius());
            }
            $this->pots->wait($n + 1 < $blending->times ? $blending->rest : 0.0);
        }
    }

    private function cool(Step $step): void
    {
        $to = $step->celsius ?? CoolDown::of($this->formula, $this->composition);
        $this->pots->coolTo($to, $step->how ?? $this->kitchen->cool);
        if ($step->kind === StepKind::Gate) {
            $isOpen = $this->celsius() <= $to + Pots::THERE_C;
            $this->gateMinute ??= $isOpen ? $this->book->minute() : null;
            $this->book->event($isOpen ? 'gate_open' : 'gate_shut', null, $this->celsius());
        }
    }

    private function add(Step $step): void
    {
        $lines = $this->goingIn($step);
        foreach ($lines as $line) {
            $this->book->find($this->warnings->addedTooHot($line, $this->celsius()));
        }
        $this->pots->add($lines);
        $this->book->event('added', null, $this->celsius());
        $this->stay($step);
    }

    /** @return list<WeighedLine> what a step puts in: the lines it names, else its phase */
    private function goingIn(Step $step): array
    {
        $named = [];
        foreach ($this->composition->lines as $line) {
            if (in_array($line->key(), $step->details->lines, true)) {
                $named[] = $line->position;
            }
        }

        return $named === [] ? $this->composition->openedInPhase($step->phase() ?? Phase::Cooldown) : array_values(
            array_filter(
                $this->composition->opened(),
                static fn (WeighedLine $line): bool => in_array($line->position, $named, true),
            ),
        );
    }

    private function chill(Step $step): void
    {
        $how = $step->how ?? Cooling::Fridge;
        $whips = fn (float $celsius): bool => ($this->texture->at($celsius) ?? 0.0) >= self::WHIPS_AT;
        if ($step->seconds !== null) {
            $this->pots->coolFor($step->seconds, $how);
        } elseif ($step->celsius !== null) {
            $this->pots->coolTo($step->celsius, $how);
        } elseif ($this->texture->curve !== null) {
            $this->pots->coolUntil($whips, $how);
        }
        if ($this->texture->curve !== null && $this->formula->family->isSolid() && $whips($this->celsius())) {
            $this->firmMinute ??= $this->book->minute();
            $this->book->event('firm', null, $this->celsius());
        }
    }

    private function whip(Step $step): void
    {
        $solid = $this->texture->at($this->celsius());
        $this->book->find($solid === null ? null : $this->warnings->setToWhip(
            $solid,
            self::WHIPS_AT,
            $this->celsius(),
        ));
        $this->stay($step);
    }

    private function strain(Step $step): void
    {
        $this->book->find($this->warnings->strainedLate($this->pots->oil));
        $this->stay($step);
    }

    private function fill(Step $step): void
    {
        $this->book->find(...$this->warnings->filling($this->celsius(), $this->pots->main()->grams()));
        $this->book->event('filled', null, $this->celsius());
        $this->stay($step);
    }

    /** As long as it takes, or is planned to. */
    private function stay(Step $step): void
    {
        $this->pots->wait($step->takes());
    }

    /** How hot it is where most of it is. */
    private function celsius(): float
    {
        return $this->pots->main()->celsius;
    }
}
