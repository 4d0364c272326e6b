<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Ground\CookedOut;
use App\Ground\LearnedMakes;
use App\Ground\OwnKitchen;
use App\Ground\Wording;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** What stands at a step besides its figure, by its kind. */
final readonly class StepDetail
{
    /** As near the pH wanted as strips can tell. Common practice. */
    private const PH_NEAR = 0.3;

    public function __construct(
        private Wording $wording,
        private WeighingDetail $weighingDetail,
        private OwnKitchen $kitchen,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(MakeState $state, Step $step): array
    {
        $wording = $this->wording;

        return match ($step->kind) {
            StepKind::Weigh => $this->weighingDetail->of($state, $step),
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
            StepKind::Fill => [
                'in' => $wording->grams($state->gramsIn()),
                'kinds' => array_map(
                    static fn (string $shape): Section => Section::draw(
                        Profile::of($shape, 100.0),
                        [],
                        0,
                        60,
                        closed: true,
                    ),
                    Container::SHAPES,
                ),
            ],
            StepKind::Add => ['lines' => array_map(
                static fn (Step $weighing): string => StepFigures::weighedName($state, $weighing, $wording),
                StepFigures::goingIn($state, $step),
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
                    $names[] = StepFigures::weighedName($state, $weighing, $wording);
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
