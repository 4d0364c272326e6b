<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\LearnedUptake;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\WaterOut;
use Ilvane\Core\Making\OverPour;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use LogicException;

/** How far a make has come: the plan, and the newest entry for each thing recorded. */
final readonly class MakeState
{
    /** A clock that rang so long ago is of no use any more, seconds. */
    private const RUNG_OUT_S = 600;

    /** Readings are judged as they were read: no step of the scale is laid around them. Grams. */
    private const AS_READ_G = 1e-9;

    /**
     * @param  array<string, BatchEntry>  $newest by "kind step subject"
     * @param  float  $factor  by which everything has grown after over-pours
     */
    public function __construct(
        public Batch $batch,
        public Formula $formula,
        public Composition $composition,
        public Plan $plan,
        public float $scale,
        private array $newest,
        public float $factor,
        public Taken $taken,
    ) {
    }

    /** The step that waits: the first not done, or the last of all. Looking at another step does not change it. */
    public function now(): Step
    {
        return $this->undone()[0] ?? $this->plan->steps[count($this->plan->steps) - 1];
    }

    /** Another one after each thing told; what instruments write down by themselves doesn't count. */
    public function revision(): int
    {
        return (int) $this->batch->entries
            ->filter(static fn (BatchEntry $entry): bool => $entry->reason !== LiveReading::LIVE)
            ->max('id');
    }

    /** @return list<Step> not done yet, in the order of the plan */
    public function undone(): array
    {
        return array_values(array_filter($this->plan->steps, fn (Step $step): bool => ! $this->isDone($step)));
    }

    /** The first step after this one that is not done; the one that waits where there is none. */
    public function after(Step $step): Step
    {
        $at = $this->plan->indexOf($step->key);
        foreach ($this->undone() as $other) {
            if ($this->plan->indexOf($other->key) > $at) {
                return $other;
            }
        }

        return $this->now();
    }

    public function entry(string $kind, string $step, string $subject = ''): ?BatchEntry
    {
        return $this->newest["$kind $step $subject"] ?? null;
    }

    public function isDone(Step $step): bool
    {
        return $this->entry('done', $step->key) !== null && ! $this->wantsMore($step);
    }

    /** Told before, but the batch has grown since. */
    public function wantsMore(Step $step): bool
    {
        $line = (int) $step->line;
        if (
            $step->kind !== StepKind::Weigh
            || $this->factor <= 1.0
            || in_array($this->taken->state($line), [LineState::Open, LineState::NotDone], true)
        ) {
            return false;
        }

        return $step->grams !== null
            && $step->grams - $this->taken->likely($line) > OverPour::tolerance($step->grams, $this->scale);
    }

    /** Written down in drops, so that counting them while weighing tells how large a drop is. */
    public function isDropped(Step $step): bool
    {
        return $step->line !== null && $this->composition->lines[$step->line - 1]->amount?->unit === Unit::Drop;
    }

    /** @return list<float> millilitres of a drop, by every line that was both counted and weighed */
    public function dropsMl(): array
    {
        $drops = [];
        foreach ($this->composition->lines as $line) {
            $count = $this->taken->drops($line->position);
            [$grams, $density] = [$this->taken->reading($line->position), $line->ingredient?->bulk->density];
            if (
                $count > 0
                && $grams > 0
                && $density !== null
                && $this->taken->state($line->position) === LineState::Weighed
            ) {
                $drops[] = $grams / $count / $density;
            }
        }

        return $drops;
    }

    /**
     * The lots it was weighed from, as told last, or as the formula names one; empty where it came from elsewhere.
     *
     * @return list<array{lot: string, grams: float|null}> grams of each; null where only the lot was told
     */
    public function lotsOf(int $line): array
    {
        $told = $this->readings('lot', "weigh.$line");
        $named = $this->composition->lines[$line - 1]->line->lot;
        if ($told === []) {
            return $named === null ? [] : [['lot' => $named, 'grams' => null]];
        }
        $page = Taken::page($told[count($told) - 1]);
        $lots = array_filter(
            $told,
            static fn (BatchEntry $entry): bool => $entry->subject !== '' && Taken::page($entry) === $page,
        );

        return array_values(array_map(
            static fn (BatchEntry $entry): array => ['lot' => $entry->subject, 'grams' => $entry->value],
            $lots,
        ));
    }

    public function hasToldLot(int $line): bool
    {
        return $this->readings('lot', "weigh.$line") !== [];
    }

    /** @return array<string, float> grams by lot that the other lines were told to have taken */
    public function takenFromLots(int $besides): array
    {
        $taken = [];
        foreach ($this->composition->lines as $line) {
            foreach ($line->position === $besides ? [] : LotShares::of(
                $this,
                $line->position,
            )->lots as $code => $grams) {
                $taken[$code] = ($taken[$code] ?? 0.0) + $grams;
            }
        }

        return $taken;
    }

    /** What stands on an untared scale before this line goes in: the phase's earlier lines, as they were weighed. */
    public function onScaleBefore(Step $step): float
    {
        $sum = 0.0;
        foreach ($this->plan->weighingsOf($step->phases[0] ?? Phase::Water) as $weighing) {
            if ($weighing->key === $step->key) {
                break;
            }
            $sum += $this->taken->likely((int) $weighing->line);
        }

        return $sum;
    }

    public function firstWantingMore(): ?Step
    {
        foreach ($this->plan->steps as $step) {
            if ($this->wantsMore($step)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<BatchEntry> all readings of a kind at a step, oldest first */
    public function readings(string $kind, string $step): array
    {
        return array_values($this->batch->entries
            ->filter(static fn (BatchEntry $entry): bool => $entry->kind->value === $kind && $entry->step === $step)
            ->all());
    }

    /**
     * @return array<string, array{begun: int, ends: int}> clocks started in this make and not rung out long ago, by
     *   step
     */
    public function timers(): array
    {
        $timers = [];
        foreach ($this->batch->entries as $entry) {
            if ($entry->kind === BatchEntryKind::Timer) {
                $begun = $entry->recorded_at->getTimestamp();
                $timers[$entry->step] = ['begun' => $begun, 'ends' => $begun + (int) $entry->value];
            }
        }

        return array_filter(
            $timers,
            static fn (array $timer): bool => $timer['ends'] > $timer['begun']
                && $timer['ends'] > Carbon::now()->getTimestamp() - self::RUNG_OUT_S,
        );
    }

    public function temperature(string $step, string $subject): ?float
    {
        return $this->entry('temperature', $step, $subject)?->value;
    }

    /** Every heated phase hot enough to have melted all in it, and the two close enough to meet. */
    public function isHotAndEven(Step $step): bool
    {
        $readings = [];
        foreach ($step->phases as $phase) {
            $readings[] = $this->temperature($step->key, $phase->value);
        }
        if ($readings === [] || in_array(null, $readings, true)) {
            return false;
        }

        return min($readings) >= $this->hotEnough($step)
            && max($readings) - min($readings) <= PhaseHeat::EQUAL_WITHIN_C;
    }

    /** Least temperature at which both phases may meet, °C. */
    public function hotEnough(Step $step): float
    {
        $highest = PhaseHeat::of($this->formula, $this->composition)->highestMelting ?? 0.0;

        return $highest > 0 ? $highest : ($step->celsius ?? 0.0) - PhaseHeat::EQUAL_WITHIN_C;
    }

    public function isGateOpen(Step $gate): bool
    {
        $reading = $this->temperature($gate->key, 'mix');

        return ($reading !== null && $reading <= ($gate->celsius ?? 0.0))
            || $this->entry('override', $gate->key) !== null;
    }

    /** The gate that has to be passed before this step, while it is still shut; null when the way is free. */
    public function shutGateBefore(Step $step): ?Step
    {
        foreach ($this->plan->steps as $earlier) {
            if ($earlier->key === $step->key) {
                return null;
            }
            if ($earlier->kind === StepKind::Gate && ! $this->isGateOpen($earlier)) {
                return $earlier;
            }
        }

        return null;
    }

    /** Sum of all entries of a kind, grams: samples taken out, doses put in. */
    public function sumOf(string $kind): float
    {
        return array_sum(array_map(
            static fn (BatchEntry $entry): float => $entry->kind->value === $kind ? (float) $entry->value : 0.0,
            $this->batch->entries->all(),
        ));
    }

    /**
     * Grams lost in the cloth: what is left in it, every straining together, less the plants that only steeped and
     * never were of the batch.
     */
    public function strainedOut(): float
    {
        $steeped = array_sum(array_map(
            fn (WeighedLine $line): float => $line->isInBatch() ? 0.0 : $this->taken->likely($line->position),
            $this->composition->lines,
        ));

        $left = array_sum(array_map(
            static fn (BatchEntry $entry): float => $entry->kind === BatchEntryKind::Strained
                ? (float) $entry->value
                : 0.0,
            $this->newest,
        ));

        return max(0.0, $left - $steeped);
    }

    /**
     * Grams of oil a gram of each plant kept back in the cloth; nothing where there is water in it too, or no cloth was
     * weighed.
     *
     * @return array<string, float> by plant key
     */
    public function keptByPlants(): array
    {
        $steeped = array_values(array_filter(
            $this->composition->inPhase(Phase::Infusion),
            static fn (WeighedLine $line): bool => $line->ingredient !== null
                && ! $line->isInBatch()
                && $line->grams !== null,
        ));
        $kept = $this->strainedOut();
        $isWeighed = array_filter(
            $steeped,
            fn (WeighedLine $line): bool => $this->taken->state($line->position) !== LineState::Weighed,
        ) === [];
        if ($kept <= 0 || $steeped === [] || ! $isWeighed || $this->composition->inPhase(Phase::Water) !== []) {
            return [];
        }
        $parts = array_map(fn (WeighedLine $line): InPart => new InPart(
            $line->ingredient ?? throw new LogicException('filtered'),
            Band::exact($this->taken->likely($line->position)),
        ), $steeped);

        return LearnedUptake::shared($parts, $kept);
    }

    /** What a finger found last at this step: soft, dent, hard; null before the first try. */
    public function lastFelt(Step $step): ?string
    {
        $felt = $this->readings('feel', $step->key);

        return $felt === [] ? null : $felt[count($felt) - 1]->subject;
    }

    /** Grams of one cup of it, before or after whipping; told at whichever step asked. */
    public function cup(string $when): ?float
    {
        $cups = array_filter(
            $this->batch->entries->all(),
            static fn (BatchEntry $entry): bool => $entry->kind === BatchEntryKind::Cup && $entry->subject === $when,
        );

        return $cups === [] ? null : array_values(array_reverse($cups))[0]->value;
    }

    /** Air whipped in, as a fraction, from one cup weighed before and after; null while either is missing. */
    public function overrun(): ?float
    {
        [$before, $after] = [$this->cup('before'), $this->cup('after')];

        return $before === null || $after === null || $after <= 0 ? null : Whip::overrun($before, $after);
    }

    public function ph(): ?float
    {
        return $this->entry('ph', 'ph')?->value;
    }

    /**
     * The formula as it was really made, to be judged: what was weighed as told counts as planned, what was not done is
     * not in it,
     * and the pH is the measured one or none.
     */
    public function formulaAsMade(): Formula
    {
        $lines = [];
        foreach ($this->formula->lines as $i => $line) {
            $amount = $this->amountAsMade($i + 1, $line->amount);
            if ($amount !== null) {
                $lines[] = $line->withAmount($amount);
            }
        }

        $made = $this->formula->asMade($lines, $this->ph(), self::AS_READ_G);
        foreach ($this->plan->steps as $step) {
            $pots = $this->pots($step);
            if (count($pots) > 1) {
                $made = $made->cookedOut($step->details->part ?? '', $pots[0], $pots[count($pots) - 1]);
            }
        }

        return $made;
    }

    /** Grams the water's pot was lighter by before the phases met; null where nobody weighed it again. */
    public function steamedOff(): ?float
    {
        return $this->cup('lighter');
    }

    /** @return list<float> what the pot weighed while its water was cooked out, grams, in the order it was told */
    public function pots(Step $step): array
    {
        return $step->kind !== StepKind::CookOut ? [] : array_map(
            static fn (BatchEntry $entry): float => (float) $entry->value,
            $this->readings('cup', $step->key),
        );
    }

    /** How far the water is out; null before the pot was weighed, and where nothing wet is in it. */
    public function cookOut(Step $step): ?CookOut
    {
        $pots = $this->pots($step);
        foreach ($pots === [] ? [] : WaterOut::all($this->formula, $this->composition) as $one) {
            if ($one->part === ($step->details->part ?? '')) {
                $water = $one->part === '' ? $this->factor * $one->water() : $one->water();

                return new CookOut($water, $pots[0], $pots[count($pots) - 1]);
            }
        }

        return null;
    }

    /** The amount a line is judged at; null where it is not in the batch. */
    private function amountAsMade(int $line, string $written): ?string
    {
        $planned = $this->composition->lines[$line - 1]->grams?->likely;
        $whole = $planned === null ? $written : Amount::plain($planned * $this->factor).' g';
        $isMeasured = $this->factor === 1.0
            && $this->composition->lines[$line - 1]->amount?->kind === AmountKind::Measured;
        $reading = $this->taken->reading($line);

        return match ($this->taken->state($line)) {
            LineState::NotDone => null,
            LineState::Counted => Amount::plain($this->taken->drops($line) ?? 0.0).' drops',
            LineState::Weighed, LineState::UnknownBefore => $this->isAsTold($line)
                ? $whole
                : Amount::plain((float) $reading).' g',
            LineState::AsPlanned, LineState::Open => $isMeasured ? $written : $whole,
        };
    }

    /** Weighed within a step of the scale of what was asked for. */
    public function isAsTold(int $line): bool
    {
        $target = $this->plan->step("weigh.$line")?->grams;
        $reading = $this->taken->reading($line);

        return $target !== null && $reading !== null && abs($reading - $target) <= $this->scale + 1e-9;
    }

    /** @return array<int, float> grams by line, of what was told so far */
    public function weights(): array
    {
        $weights = [];
        foreach (array_keys($this->formula->lines) as $i) {
            $weights[$i + 1] = $this->taken->grams($i + 1)?->likely;
        }

        return array_filter($weights, static fn (?float $weight): bool => $weight !== null);
    }

    /**
     * The formula in grams with some lines at other weights than planned.
     *
     * @param  array<int, float>  $weights  grams by line
     */
    public function formulaWith(array $weights, ?float $ph): Formula
    {
        $lines = [];
        foreach ($this->formula->lines as $i => $line) {
            $planned = $this->composition->lines[$i]->grams?->likely;
            $grams = $weights[$i + 1] ?? ($planned === null ? null : $planned * $this->factor);
            $lines[] = $grams === null ? $line : $line->withAmount(Amount::plain($grams).' g');
        }

        return $this->formula->asMade($lines, $ph);
    }

    /** Grams the batch is to weigh, as it has grown. */
    public function gramsPlanned(): float
    {
        return $this->factor * ($this->composition->total->likely ?? 0.0);
    }

    /** Grams that went in, strained-out plants aside; what was not told yet counts as planned. */
    public function gramsIn(): float
    {
        $sum = $this->sumOf('dose');
        foreach ($this->composition->lines as $line) {
            $sum += $line->isInBatch() ? $this->taken->likely($line->position) : 0.0;
        }

        return $sum;
    }

    /** @return array<string, float> grams that went in, by how it is known */
    public function gramsByState(): array
    {
        $grams = [];
        foreach ($this->composition->lines as $line) {
            if ($line->isInBatch()) {
                $state = $this->taken->state($line->position)->value;
                $grams[$state] = ($grams[$state] ?? 0.0) + $this->taken->likely($line->position);
            }
        }

        return $grams;
    }
}
