<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Safety\Finding;

/**
 * What is written down while a making is gone through: temperatures from time to time, what happens when, what would go
 * wrong, and how
 * long each step takes.
 *
 * @phpstan-import-type Sample from Simulation
 * @phpstan-import-type Event from Simulation
 * @phpstan-import-type Stretch from Simulation
 */
final class Log
{
    private const SAMPLE_S = 30.0;

    /** Seconds since the beginning. */
    public float $now = 0.0;

    public int $step = 1;

    public float $handsOn = 0.0;

    /** @var list<Sample> */
    public array $samples = [];

    /** @var list<Event> */
    public array $events = [];

    /** @var list<Stretch> */
    public array $stretches = [];

    /** @var list<array{step: int, finding: Finding}> */
    public array $findings = [];

    private float $sampled = -INF;

    public function minute(): float
    {
        return $this->now / 60;
    }

    /** @param  string  $which  water or oil, where it happens in one of them */
    public function event(
        string $what,
        ?string $ingredient,
        ?float $celsius,
        ?float $at = null,
        string $which = '',
    ): void {
        $this->events[] = [
            'minute' => ($at ?? $this->now) / 60,
            'step' => $this->step,
            'what' => $which === '' ? $what : "{$what}_$which",
            'ingredient' => $ingredient,
            'celsius' => $celsius,
        ];
    }

    public function find(?Finding ...$findings): void
    {
        foreach ($findings as $finding) {
            if ($finding !== null) {
                $this->findings[] = ['step' => $this->step, 'finding' => $finding];
            }
        }
    }

    /** @param  float  $from  seconds at which the step began */
    public function stepped(float $from, bool $isHandsOn): void
    {
        $this->stretches[] = ['step' => $this->step, 'from' => $from / 60, 'to' => $this->now / 60];
        $this->handsOn += $isHandsOn ? $this->now - $from : 0.0;
    }

    public function wantsSample(): bool
    {
        return $this->now - $this->sampled >= self::SAMPLE_S;
    }

    /** @param  Pot|null  $mix  where all of it is, once it is combined */
    public function sample(Pot $water, Pot $oil, ?Pot $mix, bool $force = false): void
    {
        if (! $force && $this->samples !== [] && abs($this->sampled - $this->now) < 1e-6) {
            return;
        }
        $this->sampled = $this->now;
        $celsius = static fn (Pot $pot): ?float => $pot->isEmpty() ? null : $pot->celsius;
        $this->samples[] = [
            'minute' => $this->now / 60, 'step' => $this->step,
            'water_c' => $mix !== null ? null : $celsius($water),
            'oil_c' => $mix !== null ? null : $celsius($oil),
            'mix_c' => $mix?->celsius,
            'solid' => ($mix ?? $oil)->solid(), 'dried' => $water->dried + $oil->dried,
        ];
    }
}
