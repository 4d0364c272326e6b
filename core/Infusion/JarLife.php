<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/**
 * A jar as it was lived with, and as it will go on if its rhythm is kept from now: shakes at the times they were really
 * given, the temperatures that were read, oil moved. Days after filling.
 */
final readonly class JarLife
{
    /**
     * @param  list<float>  $shakes  in order of time
     * @param  list<array{day: float, celsius: float}>  $readings  in order of time
     * @param  list<OilMoved>  $moved  in order of time
     */
    public function __construct(
        public InfusionPlan $plan,
        public JarContents $contents,
        private array $shakes,
        private array $readings,
        private array $moved,
        public float $today,
    ) {
    }

    /**
     * Lasts to the planned straining, or to today where that is later, and a little on, so that the curve shows where
     * it leads.
     */
    public function steeping(): Steeping
    {
        $until = $this->lasts();
        $cuts = [0.0, $this->today, $until, ...$this->shakes, ...array_column($this->readings, 'day')];
        $cuts = array_values(array_unique(array_filter(
            $cuts,
            static fn (float $day): bool => $day >= 0 && $day <= $until,
        )));
        sort($cuts);
        $stretches = [];
        for ($i = 1; $i < count($cuts); $i++) {
            $stretches[] = new Stretch(
                $cuts[$i - 1],
                $cuts[$i],
                $this->celsiusAt($cuts[$i - 1]),
                $this->shakingAt($cuts[$i - 1]),
            );
        }

        return new Steeping(
            Jar::filled($this->contents->oil(), $this->contents->plantGrams(), $this->contents->washed()),
            $this->contents->forms(),
            $this->plan->method,
            $stretches ?: [new Stretch(0.0, max($until, 1e-6), $this->plan->celsius, $this->plan->shaking())],
            $this->moved,
            isSturdy: $this->contents->isSturdy(),
        );
    }

    public function lasts(): float
    {
        return max($this->plan->days, $this->today) * 1.1;
    }

    /** A jar in some state left standing as it is now, its rhythm kept. */
    public function onward(Jar $jar, float $days): Jar
    {
        $celsius = $this->celsiusAt($this->today);
        $rates = array_map(
            fn (PlantForm $form): array => Extraction::rates($celsius, $form, $this->plan->shaking()),
            $this->contents->forms(),
        );

        return $jar->steeped(
            max(0.0, $days),
            $rates,
            Extraction::decay($celsius, $this->plan->method, $this->contents->isSturdy()),
        );
    }

    public function lastShake(): float
    {
        return $this->shakes === [] ? 0.0 : $this->shakes[count($this->shakes) - 1];
    }

    public function wantsShaking(): bool
    {
        return ! $this->plan->method->isHeated() && $this->plan->shakeEveryDays > 0;
    }

    /** When the next shake is due; the past, if it was missed. null for jars that are not shaken. */
    public function nextShake(): ?float
    {
        return $this->wantsShaking() ? $this->lastShake() + $this->plan->shakeEveryDays : null;
    }

    /** Shakes left out since the last one. */
    public function missedShakes(): int
    {
        return $this->wantsShaking()
            ? max(0, (int) floor(($this->today - $this->lastShake()) / $this->plan->shakeEveryDays + 1e-9))
            : 0;
    }

    /** Oil in the jar now, grams. */
    public function oil(): float
    {
        $oil = $this->contents->oil();
        foreach ($this->moved as $moved) {
            $oil += $moved->toppedUp - $moved->takenOut;
        }

        return $oil;
    }

    /** The least oil there was from a day on, grams: what can be taken out then without upsetting what came after. */
    public function leastOilFrom(float $day): float
    {
        $oil = $this->contents->oil();
        $least = INF;
        foreach ($this->moved as $moved) {
            if ($moved->day > $day) {
                $least = min($least, $oil);
            }
            $oil += $moved->toppedUp - $moved->takenOut;
        }

        return min($least, $oil);
    }

    /** Grams taken out and not put back. */
    public function missing(): float
    {
        return max(0.0, $this->contents->oil() - $this->oil());
    }

    private function celsiusAt(float $day): float
    {
        $celsius = $this->plan->celsius;
        foreach ($this->readings as $reading) {
            if ($reading['day'] <= $day) {
                $celsius = $reading['celsius'];
            }
        }

        return $celsius;
    }

    /** The rhythm a stretch was really in: the time between the shakes around it; the planned one from now on. */
    private function shakingAt(float $day): float
    {
        if ($this->plan->method->isHeated()) {
            return $this->plan->shaking();
        }
        if ($this->plan->shakeEveryDays <= 0 && $this->shakes === []) {
            return Extraction::shaking(null);
        }
        $before = 0.0;
        foreach ($this->shakes as $shake) {
            if ($shake > $day) {
                return Extraction::shaking($shake - $before);
            }
            $before = $shake;
        }
        $planned = $this->plan->shakeEveryDays > 0 ? $this->plan->shakeEveryDays : INF;
        // overdue: it has stood still since the last shake; from now on the plan is trusted again
        $now = $day >= $this->today ? $planned : max($planned, $this->today - $before);

        return is_finite($now) ? Extraction::shaking($now) : Extraction::shaking(null);
    }
}
