<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Formula\Application;

/** What a maker means to do with a jar. */
final readonly class InfusionPlan
{
    public const FORMAT = 'ilvane.infusion-plan/1';

    /** Days between shakes where nothing is said. Common practice: every two to three days. */
    public const USUAL_RHYTHM = 3.0;

    /**
     * @param  non-empty-list<PlanPart>  $plants
     * @param  non-empty-list<PlanPart>  $oils
     * @param  float|null  $jarMl  brimful; null when no jar is named
     * @param  float  $days  how long it stands, a fraction for warm methods
     * @param  bool  $inMinutes  the maker thinks of it in minutes
     * @param  bool  $lastsUsual  the time is the method's usual one, not the maker's word
     * @param  float  $shakeEveryDays  0 for never
     * @param  list<OilMoved>  $events  in order of time
     * @param  float|null  $wishedStrength  grams of plant's worth in 100 g oil
     */
    public function __construct(
        public string $name,
        public array $plants,
        public array $oils,
        public ?float $jarMl,
        public Method $method,
        public float $celsius,
        public float $days,
        public bool $inMinutes,
        public float $shakeEveryDays = self::USUAL_RHYTHM,
        public Application $use = Application::LeaveOn,
        public array $events = [],
        public ?float $wishedStrength = null,
        public bool $lastsUsual = false,
    ) {
    }

    public function minutes(): float
    {
        return $this->days * Extraction::MINUTES_PER_DAY;
    }

    /** What shaking does to the pace; a warm jar is stirred now and then and counts as shaken. */
    public function shaking(): float
    {
        return $this->method->isHeated() ? 1.0 : Extraction::shaking($this->shakeEveryDays);
    }

    public function lasting(float $days): self
    {
        return new self(
            $this->name, $this->plants, $this->oils, $this->jarMl, $this->method, $this->celsius, $days,
            $this->inMinutes, $this->shakeEveryDays, $this->use, [], $this->wishedStrength,
        );
    }

    /** The same jar by another school, at its usual temperature and time. */
    public function by(Method $method): self
    {
        return new self(
            $this->name,
            $this->plants,
            $this->oils,
            $this->jarMl,
            $method,
            $method->usualCelsius(),
            $method->usualDays(),
            $method->isHeated(), $this->shakeEveryDays, $this->use, [], $this->wishedStrength, true,
        );
    }

    /** Cooked out, and hot enough that water leaves. */
    public function drivesWaterOut(): bool
    {
        return $this->method->drivesWaterOut() && $this->celsius >= self::WATER_LEAVES_C;
    }

    /** At sea level; higher up a little less is enough. */
    public const WATER_LEAVES_C = 100.0;
}
