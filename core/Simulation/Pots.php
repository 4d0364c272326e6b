<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\PourOrder;

/**
 * The two pots of a making while time passes: what heats and cools, melts and sets in them. Each event is written down
 * as it comes.
 */
final class Pots
{
    private const TICK_S = 5.0;

    /** Close to the mark it is looked at every second. */
    private const CLOSE_C = 4.0;

    private const CLOSE_TICK_S = 1.0;

    /** Longer than anyone stands at a stove, or a butter in the fridge; what has not come about by then does not. */
    private const MOST_S = 10 * 3600.0;

    private const MOST_HEATING_S = 90 * 60.0;

    /** Closer than this to what is wished is there. */
    public const THERE_C = 0.05;

    public readonly Pot $water;

    public readonly Pot $oil;

    private bool $isCombined = false;

    /** @var array<string, array{Material, Pot}> what has still to melt, and where it was put */
    private array $solid = [];

    /** @var array<string, Material> emulsifiers that are melted and have not begun to set */
    private array $setting = [];

    /** Heat that was there or put in with things, none of it by the stove. */
    private float $joulesPut;

    public function __construct(private readonly Kitchen $kitchen, private readonly Log $book)
    {
        $this->water = new Pot($kitchen->water, $kitchen->room, $kitchen->steams($kitchen->water));
        $this->oil = new Pot($kitchen->oil, $kitchen->room, $kitchen->steams($kitchen->oil));
        $this->joulesPut = $this->water->joules() + $this->oil->joules();
    }

    /**
     * Weighed out at the room's warmth, as everything is before the heat.
     *
     * @param  list<WeighedLine>  $water
     * @param  list<WeighedLine>  $oil
     */
    public function setOut(array $water, array $oil): void
    {
        $this->put($this->water, $water);
        $this->put($this->oil, $oil);
        $this->noteMelted();
        $this->sample();
    }

    /** @param  list<WeighedLine>  $lines  into where most of it is */
    public function add(array $lines): void
    {
        $this->put($this->main(), $lines);
    }

    /** Where most of it is now. */
    public function main(): Pot
    {
        return $this->oil->isEmpty() || (! $this->water->isEmpty() && $this->kitchen->pour === PourOrder::OilIntoWater)
            ? $this->water
            : $this->oil;
    }

    public function isCombined(): bool
    {
        return $this->isCombined;
    }

    /** One into the other; both have something in them. */
    public function combine(): void
    {
        [$into, $from] = $this->kitchen->pour === PourOrder::OilIntoWater
            ? [$this->water, $this->oil]
            : [$this->oil, $this->water];
        $into->pour($from);
        $this->isCombined = true;
        $this->book->event('combined', null, $into->celsius);
        $this->sample(force: true);
    }

    /** @param  array<'water'|'oil', Pot>  $pots  that stand in the bath, until each has come to the mark */
    public function heat(array $pots, float $toC): void
    {
        $reached = [];
        for (
            $end = $this->book->now + self::MOST_HEATING_S; $this->book->now < $end
            && count($reached) < count($pots);
        ) {
            $isClose = array_filter(
                array_diff_key($pots, $reached),
                static fn (Pot $pot): bool => $pot->celsius > $toC - self::CLOSE_C,
            ) !== [];
            $tick = $isClose ? self::CLOSE_TICK_S : self::TICK_S;
            foreach ($pots as $which => $pot) {
                if (isset($reached[$which])) {
                    $pot->keep($tick, $this->kitchen->room, $this->kitchen->isCovered);

                    continue;
                }
                $pot->stand(
                    $this->kitchen->bath,
                    $pot->vessel->bath,
                    $tick,
                    $this->kitchen->room,
                    $this->kitchen->isCovered,
                );
                if ($pot->celsius >= $toC - self::THERE_C) {
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
    }

    /** Kept as hot as it is. */
    public function hold(float $seconds): void
    {
        for ($end = $this->book->now + $seconds; $this->book->now < $end - 1e-6;) {
            foreach ([$this->water, $this->oil] as $pot) {
                $pot->isEmpty()
                    ? $this->standAside($pot)
                    : $pot->keep(self::TICK_S, $this->kitchen->room, $this->kitchen->isCovered);
            }
            $this->pass();
        }
    }

    /**
     * Where most of it is comes to the mark, or as long as it can take. Nothing is waited for that the place never
     * brings about.
     */
    public function coolTo(float $toC, Cooling $how): void
    {
        $pot = $this->main();
        $this->cool(
            $how,
            static fn (): bool => $pot->celsius <= $toC + self::THERE_C,
            $this->kitchen->coolsIn($how) > $toC - 0.3,
        );
    }

    public function coolFor(float $seconds, Cooling $how): void
    {
        $this->cool($how, static fn (): bool => false, false, $seconds);
    }

    /**
     * @param  callable(float $celsius): bool  $isThere
     */
    public function coolUntil(callable $isThere, Cooling $how): void
    {
        $pot = $this->main();
        $this->cool($how, static fn (): bool => $isThere($pot->celsius), ! $isThere($this->kitchen->coolsIn($how)));
    }

    /** Time passes with everything on the counter, lids as they are. */
    public function wait(float $seconds): void
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

    public function sample(bool $force = false): void
    {
        $this->book->sample($this->water, $this->oil, $this->isCombined ? $this->main() : null, $force);
    }

    /** Grams of water gone as steam. */
    public function dried(): float
    {
        return $this->water->dried + $this->oil->dried;
    }

    public function grams(): float
    {
        return $this->water->grams() + $this->oil->grams();
    }

    /** Joules that neither came in nor left and yet are there or missing: nothing, but for rounding. */
    public function unaccounted(): float
    {
        return $this->water
            ->joules() + $this->oil
            ->joules() - $this->joulesPut - $this->water->supplied - $this->oil->supplied
                + $this->water->steamed
                + $this->oil->steamed;
    }

    /**
     * @param  callable(): bool  $isThere
     * @param  bool  $isVain  it will never get there
     */
    private function cool(Cooling $how, callable $isThere, bool $isVain, float $atMost = self::MOST_S): void
    {
        $pot = $this->main();
        $around = $this->kitchen->coolsIn($how);
        $flow = $this->kitchen->flow($pot->vessel, $how);
        $end = $this->book->now + ($isVain ? 0.0 : $atMost);
        while ($this->book->now < $end - 1e-6 && ! $isThere()) {
            $pot->stand($around, $flow, self::TICK_S, $around, true);
            $this->standAside($pot === $this->water ? $this->oil : $this->water);
            $this->pass();
        }
    }

    private function standAside(Pot $pot, float $tick = self::TICK_S): void
    {
        $pot->stand(
            $this->kitchen->room,
            $this->kitchen->flow($pot->vessel, Cooling::Counter),
            $tick,
            $this->kitchen->room,
            $this->kitchen->isCovered,
        );
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
            if ($line->weighs() > 0) {
                $parts[] = [$line, $line->ingredient, $line->weighs()];
                $ingredient = $line->ingredient;
                if ($ingredient?->meltHigh !== null) {
                    $this->solid[$ingredient->key] = [$ingredient, $pot];
                }
            }
        }
        $this->joulesPut += $parts === [] ? 0.0 : $pot->put($parts, $this->kitchen->room);
    }
}
