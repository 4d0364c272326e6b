<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Cooling;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Texture\SolidFat;
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
    public static function formula(Assessment $it, Catalogue $catalogue, ?Course $course = null, ?Kitchen $kitchen = null, array $own = []): Simulation
    {
        $kitchen ??= Kitchen::of($it->formula, $it->composition, $catalogue, $own);
        $course ??= Course::of($it->formula, $it->composition);
        $rehearsing = new self($it->formula, $it->composition, $kitchen, new Warnings($it), $it->texture);

        return $rehearsing->run($course);
    }

    private function run(Course $course): Simulation
    {
        $this->pots->setOut($this->composition->inPhase(Phase::Water), $this->composition->inPhase(Phase::Oil));
        foreach ($course->moves as $i => $move) {
            $this->book->step = $i + 1;
            $from = $this->book->now;
            $this->go($move);
            $this->pots->sample();
            $this->book->stepped($from, $move->do->isHandsOn());
        }

        return new Simulation(
            $course, $this->kitchen, $this->book->samples, $this->book->events, $this->book->stretches, $this->book->findings, $this->book->minute(), $this->book->handsOn / 60,
            $this->pots->dried(), $this->gateMinute, $this->firmMinute, $this->pots->unaccounted(), $this->pots->grams(),
        );
    }

    private function go(Move $move): void
    {
        match ($move->do) {
            Doing::Weigh => $this->pots->wait(self::WEIGHING_MIN * max(1, count($this->composition->inPhase($move->phase ?? Phase::Oil))) * 60),
            Doing::Heat => $this->heat($move),
            Doing::Hold => $this->pots->hold($move->seconds()),
            Doing::Combine => $this->combine($move),
            Doing::Blend => $this->blend($move),
            Doing::Cool, Doing::Gate => $this->cool($move),
            Doing::Add => $this->add($move),
            Doing::Chill => $this->chill($move),
            Doing::Whip => $this->whip($move),
            Doing::Strain => $this->strain($move),
            Doing::Fill => $this->fill($move),
            default => $this->stay($move),
        };
    }

    private function heat(Move $move): void
    {
        $target = $move->heatsTo($this->formula, $this->composition);
        $pots = array_filter(['water' => $move->what === 'oil' ? null : $this->pots->water, 'oil' => $move->what === 'water' ? null : $this->pots->oil], static fn (?Pot $pot): bool => $pot !== null && ! $pot->isEmpty());
        if ($target > $this->kitchen->bath - 0.5) {
            $this->book->find($this->warnings->unreachable($target, $this->kitchen));
        }
        $this->pots->heat($pots, $target);
        foreach ($pots as $pot) {
            $this->book->find(...$this->warnings->tooHot($pot));
        }
    }

    private function combine(Move $move): void
    {
        [$water, $oil] = [$this->pots->water, $this->pots->oil];
        if (! $water->isEmpty() && ! $oil->isEmpty()) {
            $this->book->find($this->warnings->unequal($water->celsius, $oil->celsius, $this->composition), ...$this->warnings->unmelted($oil));
            $this->pots->combine();
        }
        $this->stay($move);
    }

    private function blend(Move $move): void
    {
        for ($n = 0; $n < $move->times; $n++) {
            $this->pots->wait($move->burst);
            if (! $this->isBlended && $this->pots->isCombined()) {
                $this->isBlended = true;
                $this->book->event('emulsified', null, $this->celsius());
            }
            $this->pots->wait($n + 1 < $move->times ? $move->rest : 0.0);
        }
    }

    private function cool(Move $move): void
    {
        $to = $move->coolsTo($this->formula);
        $this->pots->coolTo($to, $move->how ?? $this->kitchen->cool);
        if ($move->do === Doing::Gate) {
            $isOpen = $this->celsius() <= $to + Pots::THERE_C;
            $this->gateMinute ??= $isOpen ? $this->book->minute() : null;
            $this->book->event($isOpen ? 'gate_open' : 'gate_shut', null, $this->celsius());
        }
    }

    private function add(Move $move): void
    {
        $lines = $this->composition->inPhase($move->phase ?? Phase::Cooldown);
        foreach ($lines as $line) {
            $this->book->find($this->warnings->addedTooHot($line, $this->celsius()));
        }
        $this->pots->add($lines);
        $this->book->event('added', null, $this->celsius());
        $this->stay($move);
    }

    private function chill(Move $move): void
    {
        $how = $move->how ?? Cooling::Fridge;
        $whips = fn (float $celsius): bool => ($this->texture->at($celsius) ?? 0.0) >= self::WHIPS_AT;
        if ($move->minutes !== null) {
            $this->pots->coolFor(60 * $move->minutes, $how);
        } elseif ($move->toC !== null) {
            $this->pots->coolTo($move->toC, $how);
        } elseif ($this->texture->curve !== null) {
            $this->pots->coolUntil($whips, $how);
        }
        if ($this->texture->curve !== null && $this->formula->family->isSolid() && $whips($this->celsius())) {
            $this->firmMinute ??= $this->book->minute();
            $this->book->event('firm', null, $this->celsius());
        }
    }

    private function whip(Move $move): void
    {
        $solid = $this->texture->at($this->celsius());
        $this->book->find($solid === null ? null : $this->warnings->setToWhip($solid, self::WHIPS_AT, $this->celsius()));
        $this->stay($move);
    }

    private function strain(Move $move): void
    {
        $this->book->find($this->warnings->strainedLate($this->pots->oil));
        $this->stay($move);
    }

    private function fill(Move $move): void
    {
        $this->book->find(...$this->warnings->filling($this->celsius(), $this->pots->main()->grams()));
        $this->book->event('filled', null, $this->celsius());
        $this->stay($move);
    }

    /** As long as it takes, or is planned to. */
    private function stay(Move $move): void
    {
        $this->pots->wait($move->seconds());
    }

    /** How hot it is where most of it is. */
    private function celsius(): float
    {
        return $this->pots->main()->celsius;
    }
}
