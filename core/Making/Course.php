<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Process\Blending;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** The steps of a making in their order: as the formula says, or as makers do for its family. Common practice. */
final readonly class Course
{
    /** Held at heat until all is surely melted. Common practice. */
    private const HOLD_MIN = 5.0;

    /** Rests between bursts and how often: blenders heat up and draw in air. Common practice. */
    private const BLEND_REST_S = 60.0;

    private const BLEND_TIMES = 3;

    private const GUM = [60.0, 120.0, 3];

    /** @param  list<Step>  $steps */
    private function __construct(public array $steps, public bool $isOwn)
    {
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $own = $formula->process->steps;

        return $own === [] ? self::usual($formula, $composition) : new self($own, true);
    }

    public static function usual(Formula $formula, Composition $composition): self
    {
        $heat = PhaseHeat::of($formula, $composition);
        $steps = [new Step(StepKind::Sanitise), ...self::weigh($composition)];
        $hasBoth = $composition->inPhase(Phase::Water) !== [] && $composition->inPhase(Phase::Oil) !== [];
        if ($heat !== null) {
            array_push(
                $steps,
                new Step(StepKind::Heat, phases: self::heated($composition), celsius: $heat->target),
                new Step(StepKind::Hold, seconds: 60 * self::HOLD_MIN),
            );
        }
        $steps = [...$steps, ...match (true) {
            $formula->family === Family::FreshMask => [
                new Step(StepKind::Prepare),
                ...($hasBoth ? [new Step(StepKind::Combine)] : []),
                self::blend(),
                new Step(StepKind::Strain),
            ],
            $hasBoth => [new Step(StepKind::Combine), self::blend()],
            $composition->ofKind(Kind::ThickenerGum) !== [] => [
                new Step(StepKind::Blend, blending: new Blending(...self::GUM)),
                new Step(StepKind::Rest),
            ],
            $composition->inPhase(Phase::Infusion) !== [] => [new Step(StepKind::Strain)],
            default => [],
        }];
        $steps = [...$steps, ...self::coolDown($formula, $composition, $heat !== null, $hasBoth)];
        if ($formula->family === Family::WhippedButter) {
            array_push($steps, new Step(StepKind::Chill, how: Cooling::Fridge), new Step(StepKind::Whip));
        }
        if (
            ! $formula->family->isUsuallyFresh()
            && Preservation::of($formula, $composition, $heat)->regime !== Regime::Dry
        ) {
            $steps[] = new Step(StepKind::TestPh);
        }
        array_push(
            $steps,
            new Step(StepKind::Fill),
            ...($formula->family === Family::FrozenBar ? [new Step(
                StepKind::Chill,
                celsius: -10.0,
                how: Cooling::Freezer,
            )] : []),
            ...[new Step(StepKind::Label)],
        );

        return new self($steps, false);
    }

    /** Two schools of the same making, each a change of the process and the word for its reason. */
    public const SCHOOLS = [
        'oil_into_water' => ['pour' => 'oil_into_water'],
        'water_into_oil' => ['pour' => 'water_into_oil'],
        'counter' => ['cool' => 'counter'],
        'cold_bath' => ['cool' => 'cold_bath'],
        'ice_bath' => ['cool' => 'ice_bath'],
        'open' => ['covered' => false],
        'gentle_bath' => ['bath_c' => 75.0],
    ];

    /** @return list<Step> */
    private static function weigh(Composition $composition): array
    {
        $steps = [];
        foreach ([Phase::Infusion, Phase::Water, Phase::Oil] as $phase) {
            if ($composition->inPhase($phase) !== []) {
                $steps[] = new Step(StepKind::Weigh, phases: [$phase]);
            }
        }

        return $steps;
    }

    /** @return list<Phase> none where both are there */
    private static function heated(Composition $composition): array
    {
        return match (true) {
            $composition->inPhase(Phase::Water) === [] => [Phase::Oil],
            $composition->inPhase(Phase::Oil) === [] => [Phase::Water],
            default => [],
        };
    }

    /** @return list<Step> */
    private static function coolDown(Formula $formula, Composition $composition, bool $isHot, bool $hasBoth): array
    {
        if ($composition->inPhase(Phase::Cooldown) === []) {
            return [];
        }

        return [
            ...($isHot ? [new Step(StepKind::Gate, celsius: CoolDown::of($formula, $composition))] : []),
            new Step(StepKind::Weigh, phases: [Phase::Cooldown]),
            new Step(StepKind::Add, phases: [Phase::Cooldown]),
            ...($hasBoth ? [new Step(StepKind::Blend, blending: new Blending(30.0))] : []),
        ];
    }

    private static function blend(): Step
    {
        return new Step(StepKind::Blend, blending: Blending::usual(self::BLEND_REST_S, self::BLEND_TIMES));
    }
}
