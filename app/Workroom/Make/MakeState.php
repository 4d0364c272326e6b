<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Models\Batch;
use App\Models\BatchEntry;
use App\Workroom\Jars\OwnUptake;
use Illuminate\Support\Carbon;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Heat\PhaseHeat;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Process\OverPour;
use Ilvane\Core\Process\Plan;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Texture\Whip;
use LogicException;

/** How far a make has come: the plan, and the newest entry for each thing recorded. */
final readonly class MakeState
{
    /** A clock that rang so long ago is of no use any more, seconds. */
    private const RUNG_OUT_S = 600;

    /**
     * @param  array<string, BatchEntry>  $newest by "kind step subject"
     * @param  float  $factor  by which everything has grown after over-pours
     */
    private function __construct(
        public Batch $batch,
        public Formula $formula,
        public Composition $composition,
        public Plan $plan,
        public float $scale,
        private array $newest,
        public float $factor,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $formula = FormulaDocument::read($batch->document);
        $tools = app(Tools::class);
        $composition = (new Weighing(app(Catalogue::class), $tools))->of($formula);
        $newest = [];
        $factor = 1.0;
        foreach ($batch->entries as $entry) {
            $newest["$entry->kind $entry->step $entry->subject"] = $entry;
            $factor *= $entry->kind === 'rescale' ? (float) $entry->value : 1.0;
        }
        $plan = Plan::of($formula, $composition);

        return new self($batch, $formula, $composition, $factor === 1.0 ? $plan : $plan->scaled($factor), $formula->scaleResolutionG ?? $tools->scaleResolutionG, $newest, $factor);
    }

    /** Where the make goes on: at the step it was left at, or, if the plan no longer has that, at the first not done. */
    /** Where it goes on: the step looked at last, or, where that is done already, the first after it that is not. */
    public function now(): Step
    {
        $left = $this->plan->step($this->batch->at_step);
        foreach (array_slice($this->plan->steps, $left === null ? 0 : $this->plan->indexOf($left->key)) as $step) {
            if (! $this->isDone($step)) {
                return $step;
            }
        }

        return $left ?? $this->plan->steps[count($this->plan->steps) - 1];
    }

    public function entry(string $kind, string $step, string $subject = ''): ?BatchEntry
    {
        return $this->newest["$kind $step $subject"] ?? null;
    }

    public function isDone(Step $step): bool
    {
        return $this->entry('done', $step->key) !== null && ! $this->wantsMore($step);
    }

    /** Weighed once, but the batch has grown since. */
    public function wantsMore(Step $step): bool
    {
        $weight = $step->kind === StepKind::Weigh && $this->factor > 1.0 ? $this->weightOf((int) $step->line) : null;

        return $weight !== null && $step->grams !== null && $step->grams - $weight > OverPour::tolerance($step->grams, $this->scale);
    }

    public function weightOf(int $line): ?float
    {
        return $this->entry('weight', "weigh.$line", (string) $line)?->value;
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
            $count = $this->entry('drops', "weigh.$line->position", (string) $line->position)?->value;
            [$grams, $density] = [$this->weightOf($line->position), $line->ingredient?->bulk->density];
            if ($count > 0 && $grams > 0 && $density !== null) {
                $drops[] = $grams / $count / $density;
            }
        }

        return $drops;
    }

    /** Code of the lot it was weighed from: as told, or as the formula names it; null where it came from elsewhere. */
    public function lotOf(int $line): ?string
    {
        $told = $this->readings('lot', "weigh.$line");
        $code = $told === [] ? $this->composition->lines[$line - 1]->line->lot : $told[count($told) - 1]->subject;

        return $code === '' ? null : $code;
    }

    public function hasToldLot(int $line): bool
    {
        return $this->readings('lot', "weigh.$line") !== [];
    }

    /** What stands on an untared scale before this line goes in: the phase's earlier lines, as they were weighed. */
    public function onScaleBefore(Step $step): float
    {
        $sum = 0.0;
        foreach ($this->plan->weighingsOf($step->phases[0] ?? Phase::Water) as $weighing) {
            if ($weighing->key === $step->key) {
                break;
            }
            $sum += $this->weightOf((int) $weighing->line) ?? $weighing->grams ?? 0.0;
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
        return array_values($this->batch->entries->filter(static fn (BatchEntry $entry): bool => $entry->kind === $kind && $entry->step === $step)->all());
    }

    /** @return array<string, array{begun: int, ends: int}> clocks started in this make and not rung out long ago, by step */
    public function timers(): array
    {
        $timers = [];
        foreach ($this->batch->entries as $entry) {
            if ($entry->kind === 'timer') {
                $begun = $entry->recorded_at->getTimestamp();
                $timers[$entry->step] = ['begun' => $begun, 'ends' => $begun + (int) $entry->value];
            }
        }

        return array_filter($timers, static fn (array $timer): bool => $timer['ends'] > $timer['begun'] && $timer['ends'] > Carbon::now()->getTimestamp() - self::RUNG_OUT_S);
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

        return min($readings) >= $this->hotEnough($step) && max($readings) - min($readings) <= PhaseHeat::EQUAL_WITHIN_C;
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

        return ($reading !== null && $reading <= ($gate->celsius ?? 0.0)) || $this->entry('override', $gate->key) !== null;
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
        return array_sum(array_map(static fn (BatchEntry $entry): float => $entry->kind === $kind ? (float) $entry->value : 0.0, $this->batch->entries->all()));
    }

    /** Grams lost in the cloth: what is left in it, every straining together, less the plants that only steeped and never were of the batch. */
    public function strainedOut(): float
    {
        $steeped = array_sum(array_map(fn (WeighedLine $line): float => $line->isInBatch() ? 0.0 : $this->weightOf($line->position) ?? $this->factor * ($line->grams->likely ?? 0.0), $this->composition->lines));

        $left = array_sum(array_map(static fn (BatchEntry $entry): float => $entry->kind === 'strained' ? (float) $entry->value : 0.0, $this->newest));

        return max(0.0, $left - $steeped);
    }

    /**
     * Grams of oil a gram of each plant kept back in the cloth; nothing where there is water in it too, or no cloth was weighed.
     *
     * @return array<string, float> by plant key
     */
    public function keptByPlants(): array
    {
        $steeped = array_values(array_filter($this->composition->inPhase(Phase::Infusion), static fn (WeighedLine $line): bool => $line->ingredient !== null && ! $line->isInBatch() && $line->grams !== null));
        $kept = $this->strainedOut();
        if ($kept <= 0 || $steeped === [] || $this->composition->inPhase(Phase::Water) !== []) {
            return [];
        }

        return OwnUptake::shared(array_map(fn (WeighedLine $line): InPart => new InPart($line->ingredient ?? throw new LogicException('filtered'), Band::exact($this->weightOf($line->position) ?? $this->factor * ($line->grams->likely ?? 0.0))), $steeped), $kept);
    }

    /** What a finger found last at this step: soft, dent, hard; null before the first try. */
    public function lastFelt(Step $step): ?string
    {
        $felt = $this->readings('feel', $step->key);

        return $felt === [] ? null : $felt[count($felt) - 1]->subject;
    }

    /** Air whipped in, as a fraction, from one cup weighed before and after; null while either is missing. */
    public function overrun(): ?float
    {
        [$before, $after] = [$this->entry('cup', 'whip', 'before')?->value, $this->entry('cup', 'whip', 'after')?->value];

        return $before === null || $after === null || $after <= 0 ? null : Whip::overrun($before, $after);
    }

    public function ph(): ?float
    {
        return $this->entry('ph', 'ph')?->value;
    }

    /** The formula as it was really made: every weighed line at its real weight, the measured pH or none. */
    public function formulaAsMade(): Formula
    {
        return $this->formulaWith($this->weights(), $this->ph());
    }

    /** @return array<int, float> grams by line, of what is weighed */
    public function weights(): array
    {
        $weights = [];
        foreach (array_keys($this->formula->lines) as $i) {
            $weights[$i + 1] = $this->weightOf($i + 1);
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

    /** Grams that went in, strained-out plants aside. */
    public function gramsIn(): float
    {
        $sum = $this->sumOf('dose');
        foreach ($this->composition->lines as $line) {
            if ($line->isInBatch()) {
                $sum += $this->weightOf($line->position) ?? $this->factor * ($line->grams->likely ?? 0.0);
            }
        }

        return $sum;
    }
}
