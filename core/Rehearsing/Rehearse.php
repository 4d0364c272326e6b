<?php

declare(strict_types=1);

namespace Ilvane\Core\Rehearsing;

use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Cooling;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\PourOrder;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Heat\HeatContent;
use Ilvane\Core\Texture\SolidFat;

/**
 * Goes through a making minute by minute before anything is melted.
 *
 * @phpstan-import-type Sample from Rehearsal
 * @phpstan-import-type Event from Rehearsal
 * @phpstan-import-type Stretch from Rehearsal
 */
final class Rehearse
{
    private const TICK_S = 5.0;

    private const SAMPLE_S = 30.0;

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

    private float $now = 0.0;

    private float $sampled = -INF;

    private int $step = 1;

    private float $handsOn = 0.0;

    private ?float $gateMinute = null;

    private ?float $firmMinute = null;

    private bool $isCombined = false;

    private bool $isBlended = false;

    private Pot $water;

    private Pot $oil;

    /** @var list<Sample> */
    private array $samples = [];

    /** @var list<Event> */
    private array $events = [];

    /** @var list<Stretch> */
    private array $stretches = [];

    /** @var list<array{step: int, finding: Finding}> */
    private array $findings = [];

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
            $this->step = $i + 1;
            $from = $this->now;
            $this->go($move);
            $this->sample();
            $this->stretches[] = ['step' => $this->step, 'from' => $from / 60, 'to' => $this->now / 60];
            $this->handsOn += $move->do->isHandsOn() ? $this->now - $from : 0.0;
        }

        return new Rehearsal(
            $course, $this->kitchen, $this->samples, $this->events, $this->stretches, $this->findings, $this->now / 60, $this->handsOn / 60,
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
            $this->find($this->warnings->unreachable($target, $this->kitchen));
        }
        $reached = [];
        for ($end = $this->now + self::MOST_HEATING_S; $this->now < $end && count($reached) < count($pots);) {
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
                    $this->event('heated', null, $pot->celsius, $this->now + $tick, $which);
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
            $this->find(...$this->warnings->tooHot($pot));
        }
    }

    private function hold(float $seconds): void
    {
        for ($end = $this->now + $seconds; $this->now < $end - 1e-6;) {
            foreach ([$this->water, $this->oil] as $pot) {
                $pot->isEmpty() ? $this->standAside($pot) : $pot->keep(self::TICK_S, $this->kitchen->room, $this->kitchen->isCovered);
            }
            $this->pass();
        }
    }

    private function combine(Move $move): void
    {
        if (! $this->water->isEmpty() && ! $this->oil->isEmpty()) {
            $this->find($this->warnings->unequal($this->water->celsius, $this->oil->celsius, $this->composition), ...$this->warnings->unmelted($this->oil));
            [$into, $from] = $this->kitchen->pour === PourOrder::OilIntoWater ? [$this->water, $this->oil] : [$this->oil, $this->water];
            $into->pour($from);
            $this->isCombined = true;
            $this->event('combined', null, $into->celsius);
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
                $this->event('emulsified', null, $this->main()->celsius);
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
            $this->gateMinute ??= $isOpen ? $this->now / 60 : null;
            $this->event($isOpen ? 'gate_open' : 'gate_shut', null, $pot->celsius);
        }
    }

    private function add(Move $move): void
    {
        $pot = $this->main();
        foreach ($this->composition->inPhase($move->phase ?? Phase::Cooldown) as $line) {
            $this->find($this->warnings->addedTooHot($line, $pot->celsius));
        }
        $this->put($pot, $this->composition->inPhase($move->phase ?? Phase::Cooldown));
        $this->event('added', null, $pot->celsius);
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
            $this->firmMinute ??= $this->now / 60;
            $this->event('firm', null, $pot->celsius);
        }
    }

    private function whip(Move $move): void
    {
        $solid = $this->texture->at($this->main()->celsius);
        $this->find($solid === null ? null : $this->warnings->setToWhip($solid, self::WHIPS_AT, $this->main()->celsius));
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    private function strain(Move $move): void
    {
        $this->find($this->warnings->strainedLate($this->oil));
        $this->wait(60 * ($move->minutes ?? $move->do->usualMinutes()));
    }

    private function fill(Move $move): void
    {
        $this->find(...$this->warnings->filling($this->main()->celsius, $this->main()->grams()));
        $this->event('filled', null, $this->main()->celsius);
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
        $end = $this->now + ($isVain() ? 0.0 : $atMost);
        while ($this->now < $end - 1e-6 && ! $isThere()) {
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
        $this->now += $tick;
        $this->noteMelted();
        if ($this->now - $this->sampled >= self::SAMPLE_S) {
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
                $this->event('melted', $key, $in->celsius);
                if ($ingredient->kind === Kind::Emulsifier) {
                    $this->setting[$key] = $ingredient;
                }
            }
        }
        foreach ($this->isCombined ? $this->setting : [] as $key => $ingredient) {
            if (HeatContent::melted($ingredient, $this->main()->celsius) < 1.0) {
                unset($this->setting[$key]);
                $this->event('sets', $key, $this->main()->celsius);
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

    private function event(string $what, ?string $ingredient, ?float $celsius, ?float $at = null, string $which = ''): void
    {
        $this->events[] = ['minute' => ($at ?? $this->now) / 60, 'step' => $this->step, 'what' => $which === '' ? $what : "{$what}_$which", 'ingredient' => $ingredient, 'celsius' => $celsius];
    }

    private function find(?Finding ...$findings): void
    {
        foreach ($findings as $finding) {
            if ($finding !== null) {
                $this->findings[] = ['step' => $this->step, 'finding' => $finding];
            }
        }
    }

    private function sample(bool $force = false): void
    {
        if (! $force && $this->samples !== [] && abs($this->sampled - $this->now) < 1e-6) {
            return;
        }
        $this->sampled = $this->now;
        $celsius = static fn (Pot $pot): ?float => $pot->isEmpty() ? null : $pot->celsius;
        $this->samples[] = [
            'minute' => $this->now / 60, 'step' => $this->step,
            'water_c' => $this->isCombined ? null : $celsius($this->water), 'oil_c' => $this->isCombined ? null : $celsius($this->oil), 'mix_c' => $this->isCombined ? $this->main()->celsius : null,
            'solid' => $this->isCombined ? $this->main()->solid() : $this->oil->solid(), 'dried' => $this->water->dried + $this->oil->dried,
        ];
    }
}
