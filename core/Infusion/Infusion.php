<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;

/**
 * A plan worked out: what is in the jar, whether it fits, how strong the oil gets and when, what comes out.
 * Every figure is an estimate from the models of this room.
 */
final readonly class Infusion
{
    /** Left longer than this, plant and oil age without giving more: two to three months. Common practice. */
    public const LONGEST_DAYS = 90.0;

    /**
     * A cook-out is done when so much of the plant's water is gone, and no bubble rises for minutes. Common practice.
     */
    public const WATER_TO_DRIVE_OUT = 0.95;

    private function __construct(
        public InfusionPlan $plan,
        public JarContents $contents,
        public JarRoom $room,
        public JarRoom $fullest,
        public JarRoom $emptiest,
        public Steeping $steeping,
        public ?float $earliestDay,
        public ?float $readyDay,
        public ?float $tooStrongDay,
        public Jar $end,
        public Band $yield,
    ) {
    }

    /**
     * @param  array<string, list<float>>  $ownUptake  see OilYield
     *
     * @throws DocumentRefused when an ingredient is unknown or no plant or oil, an amount gives no weight, or more oil
     *   is taken than there is
     */
    public static function of(InfusionPlan $plan, Catalogue $catalogue, Tools $tools, array $ownUptake = []): self
    {
        $contents = JarContents::of($plan, $catalogue, $tools);
        $steeping = new Steeping(
            Jar::filled($contents->oil(), $contents->plantGrams(), $contents->washed()),
            $contents->forms(),
            $plan->method,
            [new Stretch(0.0, $plan->days, $plan->celsius, $plan->shaking())],
            $plan->events,
            isSturdy: $contents->isSturdy(),
        );
        $contents->refuseOverdraft($plan->events);
        $end = $steeping->at($plan->days);
        $limits = $contents->useLimits($plan->use);
        $tooStrong = static fn (Jar $jar): float => self::nearestToLimit($jar, $limits);
        $wished = $plan->wishedStrength;
        $ready = $steeping->first(...self::readyWhen($plan));
        $usual = $steeping->first(
            static fn (Jar $jar): float => self::nearestToLimit($jar, $contents->usualStrengths()),
            1.0,
        );
        $earliest = $usual === null ? $ready : min($usual, $ready ?? INF);
        [$fullest, $emptiest] = $contents->roomOver($plan->events);

        return new self(
            $plan, $contents, $contents->room(), $fullest, $emptiest, $steeping,
            $earliest === null || $plan->method->isHeated() ? $earliest : max(1.0, $earliest),
            $ready,
            $steeping->first($tooStrong, 1.0 + 1e-9),
            $end,
            OilYield::of($end->oil, $contents->plants, $ownUptake),
        );
    }

    /**
     * The plant nearest to its own limit says how near the oil is: 1 at the limit.
     *
     * @param  list<float|null>  $limits  by plant, grams of plant's worth in 100 g oil
     */
    public static function nearestToLimit(Jar $jar, array $limits): float
    {
        $nearest = 0.0;
        foreach ($limits as $i => $limit) {
            if ($limit !== null) {
                $strength = $jar->strength($i);
                $nearest = max($nearest, $limit > 0 ? $strength / $limit : ($strength > 0 ? INF : 0.0));
            }
        }

        return $nearest;
    }

    /** @return array{callable(Jar): float, float} what is looked at, and the value at which it is ready */
    public static function readyWhen(InfusionPlan $plan): array
    {
        return $plan->wishedStrength === null
            ? [static fn (Jar $jar): float => $jar->extracted(), $plan->method->readyAt()]
            : [static fn (Jar $jar): float => $jar->strength(), $plan->wishedStrength];
    }

    /** @return array{float|null, float|null} days from and to which it may be ready: plants and jars differ */
    public function readyBetween(): array
    {
        return $this->steeping->between(...self::readyWhen($this->plan));
    }

    /**
     * The oil's own life from filling, less what light on the jar takes; the oil that turns first decides. Days; null
     * where nobody can tell, and while a wet plant stands in it.
     */
    public function keepsDays(): ?float
    {
        if ($this->waterToDriveOut() > 0.0 && ! $this->plan->drivesWaterOut()) {
            return null;
        }
        $days = $this->turnsFirst()?->ingredient->openedDays();

        return $days === null ? null : floor($days * $this->plan->method->keepingFactor());
    }

    public function turnsFirst(): ?InPart
    {
        $first = null;
        foreach ($this->contents->oils as $oil) {
            $days = $oil->ingredient->openedDays();
            if ($days !== null && ($first === null || $days < $first->ingredient->openedDays())) {
                $first = $oil;
            }
        }

        return $first;
    }

    /** At the end too strong to be used as it is. */
    public function isTooStrongAtEnd(): bool
    {
        return $this->tooStrongDay !== null && self::nearestToLimit($this->end, $this->limits()) > 1 + 1e-9;
    }

    /**
     * Strength to bring the oil to: the wished one, or the limit where that is passed; null when it may stay as it is.
     */
    public function aim(): ?float
    {
        $strength = $this->end->strength();
        $wished = $this->plan->wishedStrength;
        $limit = $this->isTooStrongAtEnd() ? $this->limit() : null;

        return match (true) {
            $wished === null => $limit,
            $wished < $strength => $limit === null ? $wished : min($wished, $limit),
            default => $limit,
        };
    }

    /** Plain oil for the strained oil, grams, to come down to the aim; null where no dilution makes it usable. */
    public function plainOilToAdd(): ?float
    {
        $aim = $this->aim();

        return match (true) {
            $aim === null => 0.0,
            $aim <= 0.0 => null,
            default => Alligation::toAdd($this->yield->likely, $this->end->strength(), $aim),
        };
    }

    /** When to stop for the wished strength, days; null without a wish or when this jar never gets there. */
    public function stopDay(): ?float
    {
        $wished = $this->plan->wishedStrength;

        return $wished === null
            ? null
            : $this->steeping->first(static fn (Jar $jar): float => $jar->strength(), $wished);
    }

    /** Water to drive out of wet plants before the oil will keep, grams. */
    public function waterToDriveOut(): float
    {
        return self::WATER_TO_DRIVE_OUT * array_sum(array_map(
            static fn (InPart $plant): float => $plant->waterGrams(),
            $this->contents->plants,
        ));
    }

    /** @return list<StrengthPoint> by day, or by minute for what is done in minutes */
    public function points(): array
    {
        return $this->steeping->points($this->plan->inMinutes ? 1 / Extraction::MINUTES_PER_DAY : 1.0);
    }

    /** Strength of the oil at which one of its plants reaches its ceiling; null where none has one. */
    public function limit(): ?float
    {
        $nearest = self::nearestToLimit($this->end, $this->limits());

        return $nearest > 0 ? $this->end->strength() / $nearest : null;
    }

    /** @return list<float|null> */
    private function limits(): array
    {
        return $this->contents->useLimits($this->plan->use);
    }
}
