<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Trace;
use App\Ground\CookedOut;
use App\Ground\LearnedMakes;
use App\Ground\OwnKitchen;
use App\Ground\Wording;
use App\Instruments\Instruments;
use Illuminate\Support\Str;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\SpoonEquivalent;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** Builds what MakePage shows. */
final readonly class MakePageFactory
{
    /** As near the pH wanted as strips can tell. Common practice. */
    private const PH_NEAR = 0.3;

    /** A weighing from more lots than this is asked about no further. */
    private const MOST_LOTS = 20;

    /** Percent. */
    private const SHIFT_WORTH_SAYING = 0.5;

    public function __construct(
        private Wording $wording,
        private Instruments $instruments,
        private MakeVessel $makeVessel,
        private LiveReading $liveReading,
        private Tools $tools,
        private Clocks $clocks,
        private BigReadings $bigReadings,
        private LittleByLittle $little,
        private Remarks $remarks,
        private FirstMake $firstMake,
        private OwnKitchen $kitchen,
    ) {
    }

    public function of(MakeState $state, Step $step): MakePage
    {
        $wording = $this->wording;
        $at = $state->plan->indexOf($step->key);
        $hasInstruments = $this->instruments->arePresent();
        $live = $hasInstruments ? LiveReading::wanted($step) : [];

        return new MakePage(
            $state,
            $step,
            say("make.verb.{$step->kind->value}"),
            MakePage::what($state, $step, $wording),
            say(
                'make.why.'.MakePage::saidAs($state->plan, $step),
                ['phase' => $step->phases === [] ? '' : mb_strtolower(say('words.phase.'.$step->phases[0]->value))],
            ),
            ...self::number($state, $step, $wording),
            path: self::path($state, $step, $wording),
            back: $at > 0 ? $state->plan->steps[$at - 1]->key : null,
            clientKey: Str::uuid()->toString(),
            detail: $this->detail($state, $step, $wording),
            vessel: $step->kind === StepKind::Weigh && $step->phases !== []
                ? $this->makeVessel->weighing($state, $step)
                : $this->makeVessel->soFar($state, 340),
            timers: $state->timers(),
            otherClocks: $this->clocks->of($state->batch->id),
            live: $live,
            trace: in_array($step->kind, [StepKind::Heat, StepKind::Gate], true)
                ? Trace::of($this->liveReading->rehearsed($state, $step), $step->celsius)
                : null,
            hasInstruments: $hasInstruments,
            readings: $this->bigReadings->of($state, $step),
            looks: Looks::of($state->batch, $step),
            first: $this->firstMake->isToBeAsked($step->kind) ? $this->firstMake->values() : null,
            remarks: $this->remarks->of($state, $step),
            most: Ahead::most($state, $step),
            waiting: $state->now()->key === $step->key ? null : $state->now(),
            despite: Despite::said($state->batch),
            undone: $step->kind === StepKind::Fill ? self::undone($state, $wording) : [], wording: $this->wording,
        );
    }

    /** @return list<array{key: string, label: string}> */
    private static function undone(MakeState $state, Wording $wording): array
    {
        $undone = array_filter($state->undone(), static fn (Step $step): bool => $step->kind !== StepKind::Fill);

        return array_values(array_map(static fn (Step $step): array => [
            'key' => $step->key,
            'label' => say("make.verb.{$step->kind->value}").' '.MakePage::what($state, $step, $wording),
        ], $undone));
    }

    /** @return array{number: string, unit: string} */
    private static function number(MakeState $state, Step $step, Wording $wording): array
    {
        return match (true) {
            $step->kind === StepKind::Fill => ['number' => '', 'unit' => ''],
            $state->isDropped($step) => self::drops($state, $step, $wording),
            $step->grams !== null => [
                'number' => $wording->weighed($step->grams, self::scaleFor($state, $step->grams)),
                'unit' => 'g',
            ],
            $step->kind === StepKind::Weigh => ['number' => '?', 'unit' => 'g'],
            $step->kind === StepKind::Combine => ['number' => '', 'unit' => ''],
            $step->kind === StepKind::CookOut => ['number' => ($cookOut = $state->cookOut($step)) === null
                ? ''
                : $wording->number(round($cookOut->weighsWhenDone(), 1), 1), 'unit' => 'g'],
            $step->celsius !== null && $step->kind !== StepKind::Chill => [
                'number' => $wording->number($step->celsius, 0),
                'unit' => '°C',
            ],
            $step->kind === StepKind::Add => self::together($state, $step, $wording),
            isset($state->timers()[$step->key]) => ['number' => '', 'unit' => ''],
            $step->seconds !== null => self::lasting($step->seconds, $wording),
            $step->ph !== null => ['number' => $wording->number($step->ph, 1, 1), 'unit' => 'pH'],
            default => ['number' => '', 'unit' => ''],
        };
    }

    /** @return array{number: string, unit: string} */
    private static function lasting(float $seconds, Wording $wording): array
    {
        return $seconds < 60
            ? ['number' => $wording->number($seconds, 0), 'unit' => 's']
            : ['number' => $wording->number($seconds / 60, 1), 'unit' => 'min'];
    }

    /** @return array{number: string, unit: string} all that goes in here, grams */
    private static function together(MakeState $state, Step $step, Wording $wording): array
    {
        $grams = array_sum(array_map(
            static fn (Step $weighing): float => $state->taken->likely((int) $weighing->line),
            self::goingIn($state, $step),
        ));

        return $grams <= 0
            ? ['number' => '', 'unit' => '']
            : ['number' => $wording->weighed($grams, self::scaleFor($state, $grams)), 'unit' => 'g'];
    }

    /** @return list<Step> the weighings of what a step puts in */
    private static function goingIn(MakeState $state, Step $step): array
    {
        $keys = array_map(
            static fn (WeighedLine $line): string => $line->key(),
            $state->composition->lines,
        );
        $late = $state->plan->late();

        return array_values(array_filter(
            $state->plan->steps,
            static fn (Step $one): bool => $one->kind === StepKind::Weigh && $one->line !== null && (
                $step->details->lines === []
                    ? $one->phases === $step->phases && ! in_array($keys[$one->line - 1], $late, true)
                    : in_array($keys[$one->line - 1], $step->details->lines, true)
            ),
        ));
    }

    /**
     * Drops stay drops, as many as were written, or as many more as the batch has grown by.
     *
     * @return array{number: string, unit: string}
     */
    private static function drops(MakeState $state, Step $step, Wording $wording): array
    {
        $written = $state->composition->lines[(int) $step->line - 1]->amount->number ?? Band::zero();
        $number = $written->times($state->factor);
        [$low, $high] = [
            $wording->number(floor($number->low + 1e-9), 0),
            $wording->number(floor($number->high + 1e-9), 0),
        ];

        return [
            'number' => $low === $high ? $low : say('ui.band', ['low' => $low, 'high' => $high]),
            'unit' => say('words.unit.drop_many'),
        ];
    }

    /** An amount finer than the scale is still told to the hundredth, so that it is not shown as nothing. */
    private static function scaleFor(MakeState $state, float $grams): float
    {
        return $grams < 10 * $state->scale ? min($state->scale, 0.01) : $state->scale;
    }

    /** @return list<array{key: string, label: string, state: string, isDone: bool}> */
    private static function path(MakeState $state, Step $now, Wording $wording): array
    {
        $path = [];
        foreach ($state->plan->steps as $step) {
            $line = $step->line === null ? null : $state->composition->lines[$step->line - 1];
            $path[] = [
                'key' => $step->key,
                'label' => say("make.verb.{$step->kind->value}")
                    .($line?->ingredient === null ? '' : ' '.$wording->ingredient($line->ingredient->key)),
                'state' => $step->key === $now->key ? 'now' : ($state->isDone($step) ? 'done' : 'ahead'),
                'isDone' => $state->isDone($step),
            ];
        }

        return $path;
    }

    /** @return array<string, mixed> */
    private function detail(MakeState $state, Step $step, Wording $wording): array
    {
        return match ($step->kind) {
            StepKind::Weigh => $this->weighing($state, $step, $wording),
            StepKind::Heat => [
                'byFeel' => ! $this->kitchen->hasThermometer(),
                'enough_c' => $state->hotEnough($step),
                'within_c' => PhaseHeat::EQUAL_WITHIN_C,
                'ready' => $state->isHotAndEven($step),
                'enough' => $wording->celsius($state->hotEnough($step)),
                'readings' => self::readings($state, $step, $wording),
            ],
            StepKind::Gate => [
                'byFeel' => ! $this->kitchen->hasThermometer(),
                'ready' => $state->isGateOpen($step),
                'readings' => self::readings($state, $step, $wording),
            ],
            StepKind::TestPh => self::acidity($state, $step, $wording),
            StepKind::Whip => self::whipping($state, $step, $wording),
            StepKind::Fill => ['in' => $wording->grams($state->gramsIn()), 'in_g' => $state->gramsIn()],
            StepKind::Add => ['lines' => array_map(
                static fn (Step $weighing): string => self::weighedName($state, $weighing, $wording),
                self::goingIn($state, $step),
            )],
            StepKind::WetGum => ['lines' => self::wetted($state, $step, $wording)],
            StepKind::Prepare => ['lines' => self::ofPart($state, $step, $wording)],
            StepKind::Combine => [
                'last' => $state->steamedOff(),
                'isHeated' => $state->plan->step('heat') !== null,
            ],
            StepKind::CookOut => self::cookingOut($state, $step, $wording),
            StepKind::Strain => [
                'last' => $state->entry('strained', $step->key)?->value,
                'isPart' => $step->details->part !== null,
            ],
            StepKind::Chill => [
                'felt' => $state->lastFelt($step),
                'clock' => $step->seconds === null ? '' : self::clock($step),
                'before' => $state->cup('before'),
                'isWhipped' => $state->plan->step('whip') !== null,
            ],
            default => $step->seconds === null ? [] : ['clock' => self::clock($step)],
        };
    }

    /** @return list<string> the gum, and what it is wetted in */
    private static function wetted(MakeState $state, Step $step, Wording $wording): array
    {
        $names = [];
        foreach ([$step->details->gum, $step->details->in] as $key) {
            foreach ($state->plan->steps as $weighing) {
                $line = $weighing->line === null ? null : $state->composition->lines[$weighing->line - 1];
                if ($weighing->kind === StepKind::Weigh && $line?->key() === $key) {
                    $names[] = self::weighedName($state, $weighing, $wording);
                }
            }
        }

        return $names;
    }

    /** @return list<string> what goes into a part that is made first */
    private static function ofPart(MakeState $state, Step $step, Wording $wording): array
    {
        $part = $step->details->part === null ? null : $state->composition->part($step->details->part);

        return array_map(
            static fn (WeighedLine $line): string => implode(', ', array_filter([
                $line->ingredient === null ? $line->line->spokenOf() : $wording->ingredient($line->ingredient->key),
                $line->grams === null ? $line->line->amount : $wording->grams($line->grams->likely),
            ])),
            $part->put->lines ?? [],
        );
    }

    /** @return array<string, mixed> */
    private static function cookingOut(MakeState $state, Step $step, Wording $wording): array
    {
        $cookOut = $state->cookOut($step);

        return [
            'clock' => $step->seconds === null ? '' : self::clock($step),
            'isDone' => $cookOut?->isDone() ?? false,
            'said' => $cookOut === null ? say('infusions.pot.first') : CookedOut::said($cookOut, $wording),
            'readings' => array_map($wording->grams(...), $state->pots($step)),
            'days' => $wording->days(CookOut::WET_DAYS),
        ];
    }

    private static function clock(Step $step): string
    {
        return sprintf('%d:%02d', intdiv((int) $step->seconds, 60), (int) $step->seconds % 60);
    }

    /** @return array<string, mixed> */
    private static function acidity(MakeState $state, Step $step, Wording $wording): array
    {
        $ph = $state->ph();
        $isFar = $ph !== null && $step->ph !== null && abs($ph - $step->ph) > self::PH_NEAR;

        return [
            'last' => $ph,
            'far' => ! $isFar
                ? ''
                : say(
                    $ph > $step->ph ? 'make.ph_high' : 'make.ph_low',
                    ['ph' => $wording->number($ph, 1, 1), 'wanted' => $wording->number((float) $step->ph, 1, 1)],
                ),
            'readings' => array_map(
                static fn ($entry): string => $wording
                    ->time($entry->recorded_at).' pH '.$wording
                    ->number((float) $entry->value, 1, 1),
                $state->readings('ph', $step->key),
            ),
            'work' => route(
                'acidity',
                [$state->batch->version->formula_id, 'wanted' => $step->ph, 'batch' => round($state->gramsIn(), 1)],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function whipping(MakeState $state, Step $step, Wording $wording): array
    {
        $learned = LearnedMakes::learned()['overrun'];
        $overrun = $state->overrun();
        $density = $state->composition->density();
        $ml = $density === null
            ? null
            : Whip::volume($state->gramsIn(), $density, $overrun === null ? $learned->value : Band::exact($overrun));

        return [
            'clock' => self::clock($step),
            'before' => $state->cup('before'), 'after' => $state->cup('after'),
            'overrun' => $overrun === null
                ? say(
                    $learned->count === 0 ? 'make.overrun_usual' : 'make.overrun_own',
                    [
                        'low' => $wording->percent(round(100 * $learned->value->low)),
                        'high' => $wording->percent(round(100 * $learned->value->high)),
                        'batches' => trans_choice('make.taught.batches', $learned->count),
                    ],
                )
                : say(
                    'make.overrun',
                    [
                        'percent' => $wording->percent(round(100 * $overrun)),
                        'ml' => $ml === null ? '?' : $wording->number($ml->likely, 0),
                    ],
                ),
        ];
    }

    /** @return array<string, mixed> */
    private function weighing(MakeState $state, Step $step, Wording $wording): array
    {
        $before = $state->onScaleBefore($step);
        $grams = $step->grams ?? 0.0;
        $scale = self::scaleFor($state, $grams);
        $rows = [];
        foreach ($state->plan->weighingsOf($step->phases[0]) as $other) {
            $rows[] = [
                'name' => MakePage::lineName($state, $other, $wording),
                'target' => self::target($state, $other, $wording),
                'taken' => self::takenWords($state, (int) $other->line, $wording),
                'now' => $other->key === $step->key,
            ];
        }

        return [
            'mayBeLittle' => LittleByLittle::mayBe($state, $step),
            'isLittle' => LittleByLittle::isOn($state, $step),
            'little' => LittleByLittle::isOn($state, $step) ? $this->little->said($state, $step) : null,
            'clock' => '',
            'lots' => FromLot::choices($state, $step, $wording),
            ...self::fromLots($state, $step, $grams, $wording),
            'isDropped' => $state->isDropped($step), 'drops' => $state->taken->drops((int) $step->line),
            'dropsGrams' => self::dropsGrams($state, $step, $wording),
            'entered' => $step->line === null
                ? ''
                : ($state->composition->lines[$step->line - 1]->amount->entered ?? ''),
            'shift' => self::shift($state, $step, $grams, $wording),
            'spoon' => $this->spoon($state, $step, $grams, $wording),
            'cumulative' => $before > 0 ? $wording->weighed($before + $grams, $state->scale) : '',
            'target' => $step->grams === null ? '' : $wording->weighed($grams, $scale),
            'last' => $state->wantsMore($step) ? null : $state->taken->reading((int) $step->line),
            'state' => $state->taken->state((int) $step->line) === LineState::Open
                ? ''
                : $state->taken->state((int) $step->line)->word(),
            'topUp' => ! $state->wantsMore($step) ? '' : say('make.over.already', [
                'weighed' => $wording->weighed($state->taken->likely((int) $step->line), $scale),
                'more' => $wording->weighed($grams - $state->taken->likely((int) $step->line), $scale),
            ]),
            'by' => $scale,
            'rows' => $rows,
        ];
    }

    /**
     * The lot it comes from and, where that holds less, those the rest comes from: as typed before, else as told, else
     * as it would be.
     *
     * @return array{lot: string, rest: list<array{asks: string, code: string, last: string}>}
     */
    private static function fromLots(MakeState $state, Step $step, float $grams, Wording $wording): array
    {
        $typed = old('lot');
        $more = old('rest', []);
        $codes = is_string($typed)
            ? [$typed, ...array_values(array_filter(is_array($more) ? $more : [], is_string(...)))]
            : FromLot::chosen($state, $step);
        $weighed = old('weight');
        $grams = is_numeric($weighed) ? (float) $weighed : $state->taken->reading((int) $step->line) ?? $grams;
        $taken = $state->takenFromLots((int) $step->line);
        $rest = [];
        for ($n = 1; $n <= count($codes) && $n < self::MOST_LOTS; $n++) {
            $from = FromLot::divide(array_slice($codes, 0, $n), $grams, $state->scale, $taken);
            if ($from['open'] <= 0.0 || $from['last'] === null) {
                break;
            }
            $rest[] = [
                'asks' => say(
                    'make.lot_rest',
                    [
                        'code' => $from['last']->code,
                        'left' => $wording->grams($from['lots'][$from['last']->code] ?? 0.0),
                        'grams' => $wording->grams($from['open']),
                    ],
                ),
                'code' => $codes[$n] ?? '?',
                'last' => $from['last']->code,
            ];
        }

        return ['lot' => $codes[0] ?? '', 'rest' => $rest];
    }

    private static function target(MakeState $state, Step $step, Wording $wording): string
    {
        if ($state->isDropped($step)) {
            return implode(' ', self::drops($state, $step, $wording));
        }

        return $step->grams === null ? '?' : $wording->weighed($step->grams, self::scaleFor($state, $step->grams));
    }

    /** How much of a line went in, as far as it was told: a figure only where one was read. */
    private static function takenWords(MakeState $state, int $line, Wording $wording): string
    {
        $reading = $state->taken->reading($line);
        $drops = $state->taken->drops($line);

        return match (true) {
            $reading !== null => $wording->weighed($reading, self::scaleFor($state, $reading)),
            $state->taken->state($line) === LineState::Counted
                && $drops !== null => say('make.drops_counted', ['count' => $wording->number($drops, 0)]),
            $state->taken->state($line) === LineState::Open => '',
            default => $state->taken->state($line)->word(),
        };
    }

    /** What the drops weigh, as a band: their size differs. */
    private static function dropsGrams(MakeState $state, Step $step, Wording $wording): string
    {
        $grams = $state->isDropped($step)
            ? $state->composition->lines[(int) $step->line - 1]->grams?->times($state->factor)
            : null;

        return $grams === null
            ? ''
            : say(
                'make.drops_weigh',
                ['low' => $wording->number($grams->low, 2), 'high' => $wording->number($grams->high, 2)],
            );
    }

    /** How far the scale's step moves the amount, where that is worth a word. */
    private static function shift(MakeState $state, Step $step, float $grams, Wording $wording): string
    {
        $exact = $step->line === null ? 0.0 : ($state->composition->lines[$step->line - 1]->grams->likely ?? 0.0);
        $shift = $exact > 0 ? 100 * ($grams / $exact - 1) : 0.0;

        return abs($shift) < self::SHIFT_WORTH_SAYING
            ? ''
            : say('make.shift', ['percent' => ($shift < 0 ? '−' : '+').$wording->number(abs($shift), 1)]);
    }

    /**
     * For those without a scale: the nearest spoon and how far off it is; none where its spread would cross a limit.
     */
    private function spoon(MakeState $state, Step $step, float $grams, Wording $wording): string
    {
        $ingredient = $step->line === null || $state->isDropped($step)
            ? null
            : $state->composition->lines[$step->line - 1]->ingredient;
        $spoon = $ingredient === null ? null : SpoonEquivalent::of($grams, $ingredient->bulk, $this->tools);
        $isRinsedOff = $state->formula->use === Application::RinseOff;
        if (
            $ingredient === null
            || $spoon === null
            || ! $ingredient->bears($spoon->grams->times(100 / max(1e-9, $state->gramsPlanned())), $isRinsedOff)
        ) {
            return '';
        }

        return say('make.spoon', [
            'amount' => $spoon->amount, 'unit' => say('make.spoons.'.$spoon->unit->value),
            'error' => ($spoon->error < 0 ? '−' : '+').$wording->number(abs(100 * $spoon->error), 0),
        ]);
    }

    private static function weighedName(MakeState $state, Step $step, Wording $wording): string
    {
        $taken = self::takenWords($state, (int) $step->line, $wording);

        return MakePage::lineName(
            $state,
            $step,
            $wording,
        ).', '.($taken === '' ? self::target($state, $step, $wording) : $taken)
            .($state->isDropped($step) || ! is_numeric($taken === '' ? '0' : $taken) ? '' : ' g');
    }

    /** @return list<string> */
    private static function readings(MakeState $state, Step $step, Wording $wording): array
    {
        return array_map(static fn ($entry): string => $wording->time($entry->recorded_at).' '
            .($entry->subject === 'mix' ? say('make.in_the_bowl') : say('words.phase.'.$entry->subject))
                .' '
                .$wording->celsius((float) $entry->value),
            $state->readings('temperature', $step->key));
    }
}
