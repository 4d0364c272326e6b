<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Cooling;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;

/** One step of a making as it is planned; what is not said takes its usual course. */
final readonly class Move
{
    /**
     * @param  string  $what  which phase it concerns: water, oil or both
     * @param  float|null  $toC  °C to reach
     * @param  float  $burst  seconds of blending at one go, with a rest after, so many times
     */
    public function __construct(
        public Doing $do,
        public string $what = 'both',
        public ?float $toC = null,
        public ?float $minutes = null,
        public float $burst = 0.0,
        public float $rest = 0.0,
        public int $times = 1,
        public ?Phase $phase = null,
        public ?Cooling $how = null,
    ) {
    }

    /** @param  array<string, mixed>  $step  as the open form has it, already checked */
    public static function read(array $step): ?self
    {
        $do = Doing::tryFrom(is_string($step['do'] ?? null) ? $step['do'] : '');
        if ($do === null) {
            return null;
        }
        $number = static fn (string $field): ?float => is_float($step[$field] ?? null) || is_int($step[$field] ?? null) ? (float) $step[$field] : null;
        $text = static fn (string $field): string => is_string($step[$field] ?? null) ? $step[$field] : '';

        return new self(
            $do,
            in_array($text('what'), ['water', 'oil'], true) ? $text('what') : 'both',
            $number('to_c'), $number('minutes'), $number('burst_s') ?? 0.0, $number('rest_s') ?? 0.0, max(1, (int) ($number('times') ?? 1)),
            Phase::tryFrom($text('phase')), Cooling::tryFrom($text('how')),
        );
    }

    public function seconds(): float
    {
        return 60 * ($this->minutes ?? $this->do->usualMinutes());
    }

    /** °C a heating goes to. */
    public function heatsTo(Formula $formula, Composition $composition): float
    {
        return $this->toC ?? PhaseHeat::of($formula, $composition)->target ?? PhaseHeat::USUAL_C;
    }

    /** °C a cooling goes down to. */
    public function coolsTo(Formula $formula): float
    {
        return $this->toC ?? CoolDown::of($formula);
    }

    /** @return array<string, mixed> as the open form has it */
    public function write(): array
    {
        return array_filter([
            'do' => $this->do->value, 'what' => $this->do === Doing::Heat || $this->do === Doing::Weigh ? $this->what : null, 'to_c' => $this->toC, 'minutes' => $this->minutes,
            'burst_s' => $this->burst ?: null, 'rest_s' => $this->rest ?: null, 'times' => $this->burst > 0 ? $this->times : null, 'phase' => $this->phase?->value, 'how' => $this->how?->value,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
