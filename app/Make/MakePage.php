<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Section;
use App\Drawing\Trace;
use App\Ground\Wording;
use App\Instruments\Instruments;
use Illuminate\Support\Carbon;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Making\Way;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** One step of a make, worded and ready to place. */
final readonly class MakePage
{
    /**
     * @param  list<array{key: string, label: string, state: string, isDone: bool}>  $path  all steps: done, now, ahead
     * @param  array<string, mixed>  $detail  by kind of step
     * @param  array<string, array{begun: int, ends: int}>  $timers  by step
     * @param  list<array{code: string, step: string, name: string, ends: int}>  $otherClocks  running in other makes
     * @param  array<string, string>  $live  instrument by field; none without instruments
     * @param  list<BigReading>  $readings  to be read off here
     * @param  array<string, string>|null  $first  what is asked at the first make, as told before
     * @param  list<array{severity: string, message: string}>  $remarks  what stands against the step as it is planned
     * @param  list<array{what: string, chosen: int|null, before: int|null}>  $looks  what may be said of how it looks
     * @param  float|null  $most  grams that pass without a word about them
     * @param  Step|null  $waiting  the step that waits, where this is another one; only telling moves the work
     * @param  list<string>  $despite  what stood against it when it was begun anyway
     * @param  list<array{key: string, label: string}>  $undone  steps before the filling that nobody told
     */
    public function __construct(
        public MakeState $state,
        public Step $step,
        public string $verb,
        public string $what,
        public string $why,
        public string $number,
        public string $unit,
        public array $path,
        public ?string $back,
        public string $clientKey,
        public array $detail,
        public Section $vessel,
        public array $timers,
        public array $otherClocks,
        public array $live,
        public ?Trace $trace,
        public bool $hasInstruments,
        public array $readings,
        public array $looks,
        public ?array $first,
        public array $remarks,
        public ?float $most,
        public ?Step $waiting,
        public array $despite,
        public array $undone,
        private Wording $wording,
    ) {
    }

    public function title(): string
    {
        return say('make.title', ['verb' => $this->verb, 'name' => $this->state->formula->name]);
    }

    public static function what(MakeState $state, Step $step, Wording $wording): string
    {
        $part = $state->formula->part($step->details->part ?? '');
        $what = say('make.what.'.self::saidAs($state->plan, $step));

        return match (true) {
            $step->line !== null => self::lineName($state, $step, $wording),
            $step->kind === StepKind::Prepare && $part !== null => say('make.part', ['part' => $part->name]),
            $part !== null => "$part->name, $what",
            default => $what,
        };
    }

    /** Under which word it is said: as its kind, or as that is meant for this product. */
    public static function saidAs(Plan $plan, Step $step): string
    {
        $kind = $step->kind->value;

        return match (true) {
            self::isOnePhase($step) => "{$kind}_one",
            $step->kind === StepKind::Combine && $plan->way === Way::ShakenSpray => 'combine_bottle',
            $step->kind === StepKind::Combine && $plan->way === Way::BoughtBase => 'combine_base',
            $step->kind === StepKind::Combine
                && ($step->details->pour ?? $plan->pour) === PourOrder::WaterIntoOil => 'combine_water',
            $step->kind === StepKind::Add && $step->details->during !== null => 'add_during',
            $step->kind === StepKind::Add && $step->details->lines !== [] => 'add_lines',
            $step->kind === StepKind::Add && ! $plan->isHeated() => 'add_cold',
            $step->kind === StepKind::Blend && $plan->way === Way::Clear => 'blend_gum',
            $step->kind === StepKind::Blend
                && ! in_array($plan->way, [Way::Emulsion, Way::Butter], true) => 'blend_even',
            $step->kind === StepKind::Blend && $step->blending?->times === 1 => 'blend_short',
            $step->kind === StepKind::Prepare && $step->details->part !== null => 'prepare_part',
            default => $kind,
        };
    }

    /** A product of one phase is never told about two. */
    public static function isOnePhase(Step $step): bool
    {
        return count($step->phases) === 1 && in_array($step->kind, [StepKind::Heat, StepKind::Hold], true);
    }

    /** Which step waits while another is looked at, in words. */
    public function waits(): string
    {
        if ($this->waiting === null) {
            return '';
        }
        $at = $this->state->plan->indexOf($this->waiting->key);
        $isAhead = $this->state->plan->indexOf($this->step->key) > $at;

        return say($isAhead ? 'make.looking_ahead' : 'make.looking_back', [
            'n' => (string) ($at + 1),
            'what' => say("make.verb.{$this->waiting->kind->value}").' '.self::what(
                $this->state,
                $this->waiting,
                $this->wording,
            ),
        ]);
    }

    /** Nothing to read off or tell: what is said of it is all there is, and stands large. */
    public function isPlain(): bool
    {
        return $this->number === ''
            && $this->step->seconds === null
            && in_array(
                $this->step->kind,
                [StepKind::Prepare, StepKind::Combine, StepKind::Add, StepKind::Adjust, StepKind::WetGum],
                true,
            );
    }

    /** The figure needs the whole width of a phone. */
    public function isWide(): bool
    {
        return mb_strlen($this->number) > 4;
    }

    /** What is read aloud: verb, thing, number, reason. */
    public function aloud(): string
    {
        return "$this->verb. $this->what. ".($this->number === '' ? '' : "$this->number $this->unit. ").$this->why;
    }

    /** @param  int  $seconds  since 1970 */
    public function timeOf(int $seconds): string
    {
        return $this->wording->time(Carbon::createFromTimestamp($seconds, config()->string('app.timezone')));
    }

    /** Another clock's name, for the head of the page. */
    public function verbOf(string $key): string
    {
        return say('make.verb.'.($this->state->plan->step($key)->kind->value ?? 'hold'));
    }

    public static function lineName(MakeState $state, Step $step, Wording $wording): string
    {
        $line = $state->composition->lines[(int) $step->line - 1];

        return $line->ingredient === null ? $line->line->spokenOf() : $wording->ingredient($line->ingredient->key);
    }
}
