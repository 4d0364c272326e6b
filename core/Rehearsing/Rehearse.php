<?php

declare(strict_types=1);

namespace Ilvane\Core\Rehearsing;

use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Cooling;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\PourOrder;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Heat\HeatContent;
use Ilvane\Core\Texture\SolidFat;

/** Goes through a making minute by minute before anything is melted. */
final class Rehearse
{
    private const TICK_S = 5.0;

    /** Close to the mark it is looked at every second. */
    private const CLOSE_C = 4.0;

    private const CLOSE_TICK_S = 1.0;

    /** Longer than anyone stands at a stove, or a butter in the fridge; what has not come about by then does not. */
    private const MOST_S = 10 * 3600.0;

    private const MOST_HEATING_S = 90 * 60.0;

    /** Closer than this to what is wished is there. */
    private const THERE_C = 0.05;

    /** Minutes to weigh out one line. Common practice. */
    private const WEIGHING_MIN = 1.5;

    /** Solid percent at which a butter takes air: a finger leaves a dent. From memory, common practice. */
    public const WHIPS_AT = 30.0;

    private readonly Chronicle $book;

    private ?float $gateMinute = null;

    private ?float $firmMinute = null;

    private bool $isCombined = false;

    private bool $isBlended = false;

    private Pot $water;

    private Pot $oil;

    /** @var array<string, array{Ingredient, Pot}> what has still to melt, and where it was put */
    private array $solid = [];

    /** @var array<string, Ingredient> emulsifiers that are melted and have not begun to set */
    private array $setting = [];

    private float $joulesPut = 0.0;

    private function __construct(
        private readonly Formula $formula,
        private readonly Composition $composition,
        private readonly Kitchen $kitchen,
        private readonly Warnings $warnings,
        private readonly SolidFat $texture,
    ) {
        $this->book = new Chronicle;
        $this->water = new Pot($kitchen->water, $kitchen->room);
        $this->oil = new Pot($kitchen->oil, $kitchen->room);
    }

    /** @param  array<string, float>  $own  how much faster than usual this maker's vessels cool, by "vessel/how" */
    public static function formula(Assessment $it, Catalogue $catalogue, ?Course $course = null, ?Kitchen $kitchen = null, array $own = []): Rehearsal
    {
        $kitchen ??= Kitchen::of($it->formula, $it->composition, $catalogue, $own);
        $course ??= Course::of($it->formula, $it->composition);
        $rehearsing = new self($it->formula, $it->composition, $kitchen, new Warnings($it), $it->texture);

        return $rehearsing->run($course);
    }

    private function run(Course $course): Rehearsal
    {
        $atStart = $this->water->joules() + $this->oil->joules();
        // whatever is weighed before the heat stands ready, at the room's warmth
        foreach ([[Phase::Water, $this->water], [Phase::Oil, $this->oil]] as [$phase, $pot]) {
            $this->put($pot, $this->composition->inPhase($phase));
        }
        $this->noteMelted();
        $this->sample();
        foreach ($course->moves as $i => $move) {
            $this->book->step = $i + 1;
            $from = $this->book->now;
            $this->go($move);
            $this->sample();
            $this->book->stepped($from, $move->do->isHandsOn());
        }

        return new Rehearsal(
            $course, $this->kitchen, $this->book->samples, $this->book->events, $this->book->stretches, $this->book->findings, $this->book->minute(), $this->book->handsOn / 60,
            $this->water->dried + $this->oil->dried, $this->gateMinute, $this->firmMinute,
            $this->water->joules() + $this->oil->joules() - $atStart - $this->joulesPut - $this->water->supplied - $this->oil->supplied + $this->water->steamed + $this->oil->steamed,
            $this->water->grams() + $this->oil->grams(),
        );
    }

    private function go(Move $move): void
    {
        match ($move->do) {
            Doing::Weigh => $this->wait(self::WEIGHING_MIN * max(1, count($this->composition->inPhase($move->phase ?? Phase::Oil))) * 60),
            Doing::Heat => $this->heat($move),
            Doing::Hold => $this->hold(60 * ($move->minutes ?? $move->do->usualMinutes())),
            Doing::Combine => $this->combine($move),
            Doing::Blend => $this->blend($move),
            Doing::Cool, Doing::Gate => $this->cool($move),
            Doing::Add => $this->add($move),
            Doing::Chill => $this->chill($move),
            Doing::Whip => $this->whip($move),
            Doing::Strain => $this->strain($move),
            Doing::Fill => $this->fill($move),
            default => $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes())),
        };
    }

    private function heat(Move $move): void
    {
        $target = $move->toC ?? 70.0;
        $pots = array_filter(['water' => $move->what === 'oil' ? null : $this->water, 'oil' => $move->what === 'water' ? null : $this->oil], static fn (?Pot $pot): bool => $pot !== null && ! $pot->isEmpty());
        if ($target > $this->kitchen->bath - 0.5) {
            $this->book->find($this->warnings->unreachable($target, $this->kitchen));
        }
        $reached = [];
        for ($end = $this->book->now + self::MOST_HEATING_S; $this->book->now < $end && count($reached) < count($pots);) {
            $isClose = array_filter(array_diff_key($pots, $reached), static fn (Pot $pot): bool => $pot->celsius > $target - self::CLOSE_C) !== [];
            $tick = $isClose ? self::CLOSE_TICK_S : self::TICK_S;
            foreach ($pots as $which => $pot) {
                if (isset($reached[$which])) {
                    $pot->keep($tick, $this->kitchen->room, $this->kitchen->isCovered);

                    continue;
                }
                $pot->stand($this->kitchen->bath, $pot->vessel->bath, $tick, $this->kitchen->room, $this->kitchen->isCovered);
                if ($pot->celsius >= $target - self::THERE_C) {
                    $reached[$which] = true;
                    $this->book->event('heated', null, $pot->celsius, $this->book->now + $tick, $which);
                }
            }
            foreach ([$this->water, $this->oil] as $other) {
                if (! in_array($other, $pots, true)) {
                    $this->standAside($other, $tick);
                }
            }
            $this->pass($tick);
        }
        foreach ($pots as $pot) {
            $this->book->find(...$this->warnings->tooHot($pot));
        }
    }

    private function hold(float $seconds): void
    {
        for ($end = $this->book->now + $seconds; $this->book->now < $end - 1e-6;) {
            foreach ([$this->water, $this->oil] as $pot) {
                $pot->isEmpty() ? $this->standAside($pot) : $pot->keep(self::TICK_S, $this->kitchen->room, $this->kitchen->isCovered);
            }
            $this->pass();
        }
    }

    private function combine(Move $move): void
    {
        if (! $this->water->isEmpty() && ! $this->oil->isEmpty()) {
            $this->book->find($this->warnings->unequal($this->water->celsius, $this->oil->celsius, $this->composition), ...$this->warnings->unmelted($this->oil));
            [$into, $from] = $this->kitchen->pour === PourOrder::OilIntoWater ? [$this->water, $this->oil] : [$this->oil, $this->water];
            $into->pour($from);
            $this->isCombined = true;
            $this->book->event('combined', null, $into->celsius);
            $this->sample(force: true);
        }
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    private function blend(Move $move): void
    {
        for ($n = 0; $n < $move->times; $n++) {
            $this->wait($move->burst);
            if (! $this->isBlended && $this->isCombined) {
                $this->isBlended = true;
                $this->book->event('emulsified', null, $this->main()->celsius);
            }
            $this->wait($n + 1 < $move->times ? $move->rest : 0.0);
        }
    }

    private function cool(Move $move): void
    {
        $to = $move->toC ?? 40.0;
        $how = $move->how ?? $this->kitchen->cool;
        $pot = $this->main();
        $this->coolUntil($pot, $how, static fn (): bool => $pot->celsius <= $to + self::THERE_C, fn (): bool => $this->kitchen->coolsIn($how) > $to - 0.3);
        if ($move->do === Doing::Gate) {
            $isOpen = $pot->celsius <= $to + self::THERE_C;
            $this->gateMinute ??= $isOpen ? $this->book->minute() : null;
            $this->book->event($isOpen ? 'gate_open' : 'gate_shut', null, $pot->celsius);
        }
    }

    private function add(Move $move): void
    {
        $pot = $this->main();
        foreach ($this->composition->inPhase($move->phase ?? Phase::Cooldown) as $line) {
            $this->book->find($this->warnings->addedTooHot($line, $pot->celsius));
        }
        $this->put($pot, $this->composition->inPhase($move->phase ?? Phase::Cooldown));
        $this->book->event('added', null, $pot->celsius);
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    private function chill(Move $move): void
    {
        $pot = $this->main();
        $how = $move->how ?? Cooling::Fridge;
        if ($move->minutes !== null) {
            $this->coolUntil($pot, $how, static fn (): bool => false, static fn (): bool => false, 60 * $move->minutes);
        } elseif ($move->toC !== null) {
            $to = $move->toC;
            $this->coolUntil($pot, $how, static fn (): bool => $pot->celsius <= $to + self::THERE_C, fn (): bool => $this->kitchen->coolsIn($how) > $to - 0.3);
        } elseif ($this->texture->curve !== null) {
            $this->coolUntil($pot, $how, fn (): bool => ($this->texture->at($pot->celsius) ?? 0.0) >= self::WHIPS_AT, fn (): bool => ($this->texture->at($this->kitchen->coolsIn($how)) ?? 0.0) < self::WHIPS_AT);
        }
        if ($this->texture->curve !== null && $this->formula->family->isSolid() && $this->texture->at($pot->celsius) >= self::WHIPS_AT) {
            $this->firmMinute ??= $this->book->minute();
            $this->book->event('firm', null, $pot->celsius);
        }
    }

    private function whip(Move $move): void
    {
        $solid = $this->texture->at($this->main()->celsius);
        $this->book->find($solid === null ? null : $this->warnings->setToWhip($solid, self::WHIPS_AT, $this->main()->celsius));
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    private function strain(Move $move): void
    {
        $this->book->find($this->warnings->strainedLate($this->oil));
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    private function fill(Move $move): void
    {
        $this->book->find(...$this->warnings->filling($this->main()->celsius, $this->main()->grams()));
        $this->book->event('filled', null, $this->main()->celsius);
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    /**
     * @param  callable(): bool  $isThere
     * @param  callable(): bool  $isVain  it will never get there
     */
    private function coolUntil(Pot $pot, Cooling $how, callable $isThere, callable $isVain, float $atMost = self::MOST_S): void
    {
        $around = $this->kitchen->coolsIn($how);
        $flow = $this->kitchen->flow($pot->vessel, $how);
        $end = $this->book->now + ($isVain() ? 0.0 : $atMost);
        while ($this->book->now < $end - 1e-6 && ! $isThere()) {
            $pot->stand($around, $flow, self::TICK_S, $around, true);
            $this->standAside($pot === $this->water ? $this->oil : $this->water);
            $this->pass();
        }
    }

    /** Time passes with everything on the counter, lids as they are. */
    private function wait(float $seconds): void
    {
        while ($seconds > 1e-6) {
            $tick = min(self::TICK_S, $seconds);
            foreach ([$this->water, $this->oil] as $pot) {
                $this->standAside($pot, $tick);
            }
            $seconds -= $tick;
            $this->pass($tick);
        }
    }

    private function standAside(Pot $pot, float $tick = self::TICK_S): void
    {
        $pot->stand($this->kitchen->room, $this->kitchen->flow($pot->vessel, Cooling::Counter), $tick, $this->kitchen->room, $this->kitchen->isCovered);
    }

    private function pass(float $tick = self::TICK_S): void
    {
        $this->book->now += $tick;
        $this->noteMelted();
        if ($this->book->wantsSample()) {
            $this->sample();
        }
    }

    /** Says once of each ingredient when it is melted, and of the emulsifier when it begins to set again. */
    private function noteMelted(): void
    {
        foreach ($this->solid as $key => [$ingredient, $pot]) {
            $in = $pot->isEmpty() ? $this->main() : $pot;
            if (HeatContent::melted($ingredient, $in->celsius) >= 1.0) {
                unset($this->solid[$key]);
                $this->book->event('melted', $key, $in->celsius);
                if ($ingredient->kind === Kind::Emulsifier) {
                    $this->setting[$key] = $ingredient;
                }
            }
        }
        foreach ($this->isCombined ? $this->setting : [] as $key => $ingredient) {
            if (HeatContent::melted($ingredient, $this->main()->celsius) < 1.0) {
                unset($this->setting[$key]);
                $this->book->event('sets', $key, $this->main()->celsius);
            }
        }
    }

    /** @param  list<WeighedLine>  $lines */
    private function put(Pot $pot, array $lines): void
    {
        $parts = [];
        foreach ($lines as $line) {
            if (($line->grams->likely ?? 0.0) > 0) {
                $parts[] = [$line, $line->ingredient, $line->grams->likely ?? 0.0];
                $ingredient = $line->ingredient;
                if ($ingredient?->meltHigh !== null) {
                    $this->solid[$ingredient->key] = [$ingredient, $pot];
                }
            }
        }
        $this->joulesPut += $parts === [] ? 0.0 : $pot->put($parts, $this->kitchen->room);
    }

    /** Where most of it is now. */
    private function main(): Pot
    {
        return $this->oil->isEmpty() || (! $this->water->isEmpty() && $this->kitchen->pour === PourOrder::OilIntoWater) ? $this->water : $this->oil;
    }

    private function sample(bool $force = false): void
    {
        $this->book->sample($this->water, $this->oil, $this->isCombined ? $this->main() : null, $force);
    }
}
