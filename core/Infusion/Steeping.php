<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Measure\Bisection;

/**
 * The way of a jar through time: stretches of one temperature and one rhythm, and oil moved between them. The same for
 * a plan and for a jar that has been lived with; only where the stretches come from differs.
 */
final readonly class Steeping
{
    /** Finer than a maker's eye, coarse enough for a year in a jar. */
    private const MOST_POINTS = 400;

    /**
     * @param  list<PlantForm>  $forms  by plant
     * @param  non-empty-list<Stretch>  $stretches  one after the other
     * @param  list<OilMoved>  $moved  in order of time
     */
    public function __construct(
        private Jar $start,
        private array $forms,
        private Method $method,
        private array $stretches,
        private array $moved = [],
        private float $pace = 1.0,
        private bool $isSturdy = false,
    ) {
    }

    public function lasts(): float
    {
        return $this->stretches[count($this->stretches) - 1]->until;
    }

    /** The jar at a moment; oil moved at that very moment has been moved. */
    /** The same with plants that give so many times quicker. */
    public function hastened(float $times): self
    {
        return new self(
            $this->start, $this->forms, $this->method, $this->stretches, $this->moved, $times * $this->pace,
            $this->isSturdy,
        );
    }

    /**
     * First days at which a measure may reach a value, with quick plants and with slow ones, which may be given longer
     * than planned.
     *
     * @param  callable(Jar): float  $measure
     * @return array{float|null, float|null} null where it never does
     */
    public function between(callable $measure, float $value): array
    {
        $stretches = $this->stretches;
        $last = array_pop($stretches);
        $until = Extraction::PACE_OFF * $last->until;
        $longer = [...$stretches, new Stretch($last->from, $until, $last->celsius, $last->shaking)];

        return [
            $this->hastened(Extraction::PACE_OFF)->first($measure, $value),
            (new self(
                $this->start, $this->forms, $this->method, $longer, $this->moved, $this->pace, $this->isSturdy,
            ))
                ->hastened(1 / Extraction::PACE_OFF)
                ->first($measure, $value),
        ];
    }

    public function at(float $day): Jar
    {
        return $this->run($day, static fn () => null);
    }

    /**
     * Points for drawing and for the open form: every step, and both sides of every moving of oil.
     *
     * @param  float  $step  days
     * @return list<StrengthPoint>
     */
    public function points(float $step): array
    {
        $lasts = $this->lasts();
        $step *= max(1.0, ceil($lasts / $step / self::MOST_POINTS));
        $points = [];
        $day = 0.0;
        $jar = $this->run($lasts, static function (float $at, Jar $before, ?Jar $after) use (&$points): void {
            $points[] = StrengthPoint::at($at, $before);
            if ($after !== null) {
                $points[] = StrengthPoint::at($at, $after);
            }
        }, $step);

        return $points;
    }

    /**
     * The first moment a measure of the jar reaches a value, days; null if it does not before the end. Between two
     * movings of oil the measures only rise, so halving finds it.
     *
     * @param  callable(Jar): float  $measure
     */
    public function first(callable $measure, float $value): ?float
    {
        $from = 0.0;
        foreach ([
            ...array_map(static fn (OilMoved $moved): float => $moved->day, $this->moved),
            $this->lasts(),
        ] as $to) {
            $before = $this->run($to, static fn () => null, beforeMoving: true);
            if ($measure($before) >= $value - 1e-12) {
                return Bisection::reaches(
                    fn (float $day): float => $measure($this->run($day, static fn () => null, beforeMoving: true)),
                    $value - 1e-12,
                    $from,
                    $to,
                    1e-7,
                );
            }
            if ($measure($this->at($to)) >= $value) {
                return $to;
            }
            $from = $to;
        }

        return null;
    }

    /** @param  callable(float, Jar, ?Jar): void  $see  a moment, the jar, and the jar after oil was moved then */
    private function run(float $until, callable $see, float $step = INF, bool $beforeMoving = false): Jar
    {
        $jar = $this->start;
        $now = 0.0;
        $moves = array_values(array_filter(
            $this->moved,
            static fn (OilMoved $moved): bool => $beforeMoving ? $moved->day < $until : $moved->day <= $until,
        ));
        $stops = array_map(static fn (OilMoved $moved): float => $moved->day, $moves);
        for ($i = 0; is_finite($step) && $i * $step < $until; $i++) {
            $stops[] = $i * $step;
        }
        $stops[] = $until;
        sort($stops);
        $next = 0;
        foreach (array_unique($stops) as $stop) {
            $jar = $this->steeped($jar, $now, $stop);
            $now = $stop;
            $before = $jar;
            for (; $next < count($moves) && $moves[$next]->day <= $stop; $next++) {
                $jar = $jar->takenOut($moves[$next]->takenOut)->toppedUp($moves[$next]->toppedUp);
            }
            $see($now, $before, $jar === $before ? null : $jar);
        }

        return $jar;
    }

    private function steeped(Jar $jar, float $from, float $to): Jar
    {
        foreach ($this->stretches as $stretch) {
            $start = max($from, $stretch->from);
            $end = min($to, $stretch->until);
            if ($end > $start) {
                $jar = $jar->steeped(
                    $end - $start,
                    array_map(
                        fn (PlantForm $form): array => Extraction::rates(
                            $stretch->celsius,
                            $form,
                            $this->pace * $stretch->shaking,
                        ),
                        $this->forms,
                    ),
                    Extraction::decay($stretch->celsius, $this->method, $this->isSturdy),
                );
            }
        }

        return $jar;
    }
}
