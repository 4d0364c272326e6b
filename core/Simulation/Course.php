<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Cooling;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;

/** The steps of a making in their order: as the formula says, or as makers do for its family. Common practice. */
final readonly class Course
{
    /** Held at heat until all is surely melted. Common practice. */
    private const HOLD_MIN = 5.0;

    /** A balm is poured before it sets: its cool-down goes in hotter than an emulsion's. Common practice. */
    private const BALM_GATE_C = 55.0;

    /** Bursts, rests and how often: blenders heat up and draw in air. Common practice. */
    private const BLEND = [75.0, 60.0, 3];

    private const GUM = [60.0, 120.0, 3];

    /** @param  list<Move>  $moves */
    private function __construct(public array $moves, public bool $isOwn)
    {
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $own = [];
        foreach (is_array($formula->process['steps'] ?? null) ? $formula->process['steps'] : [] as $step) {
            /** @var array<string, mixed> $step */
            $own[] = Move::read($step);
        }
        $own = array_values(array_filter($own));

        return $own === [] ? self::usual($formula, $composition) : new self($own, true);
    }

    public static function usual(Formula $formula, Composition $composition): self
    {
        $heat = PhaseHeat::of($formula, $composition);
        $moves = [new Move(Doing::Sanitise), ...self::weigh($composition)];
        $hasBoth = $composition->inPhase(Phase::Water) !== [] && $composition->inPhase(Phase::Oil) !== [];
        if ($heat !== null) {
            array_push($moves, new Move(Doing::Heat, self::heated($composition), $heat->target), new Move(Doing::Hold, minutes: self::HOLD_MIN));
        }
        $moves = [...$moves, ...match (true) {
            $formula->family === Family::FreshMask => [new Move(Doing::Prepare), ...($hasBoth ? [new Move(Doing::Combine)] : []), self::blend(self::BLEND), new Move(Doing::Strain)],
            $hasBoth => [new Move(Doing::Combine), self::blend(self::BLEND)],
            $composition->ofKind(Kind::ThickenerGum) !== [] => [self::blend(self::GUM), new Move(Doing::Rest)],
            $composition->inPhase(Phase::Infusion) !== [] => [new Move(Doing::Strain)],
            default => [],
        }];
        $moves = [...$moves, ...self::coolDown($formula, $composition, $heat !== null, $hasBoth)];
        if ($formula->family === Family::WhippedButter) {
            array_push($moves, new Move(Doing::Chill, how: Cooling::Fridge), new Move(Doing::Whip));
        }
        if (! $formula->family->isUsuallyFresh() && Preservation::of($formula, $composition, $heat)->regime !== Regime::Dry) {
            $moves[] = new Move(Doing::TestPh);
        }
        array_push($moves, new Move(Doing::Fill), ...($formula->family === Family::FrozenBar ? [new Move(Doing::Chill, toC: -10.0, how: Cooling::Freezer)] : []), ...[new Move(Doing::Label)]);

        return new self($moves, false);
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

    /** @return list<Move> */
    private static function weigh(Composition $composition): array
    {
        $moves = [];
        foreach ([Phase::Infusion, Phase::Water, Phase::Oil] as $phase) {
            if ($composition->inPhase($phase) !== []) {
                $moves[] = new Move(Doing::Weigh, $phase === Phase::Water ? 'water' : 'oil', phase: $phase);
            }
        }

        return $moves;
    }

    private static function heated(Composition $composition): string
    {
        return match (true) {
            $composition->inPhase(Phase::Water) === [] => 'oil',
            $composition->inPhase(Phase::Oil) === [] => 'water',
            default => 'both',
        };
    }

    /** @return list<Move> */
    private static function coolDown(Formula $formula, Composition $composition, bool $isHot, bool $hasBoth): array
    {
        if ($composition->inPhase(Phase::Cooldown) === []) {
            return [];
        }
        $gate = $formula->gate() ?? ($formula->family === Family::Pomade ? self::BALM_GATE_C : CoolDown::of($formula));

        return [
            ...($isHot ? [new Move(Doing::Gate, toC: $gate)] : []),
            new Move(Doing::Weigh, phase: Phase::Cooldown),
            new Move(Doing::Add, phase: Phase::Cooldown),
            ...($hasBoth ? [new Move(Doing::Blend, burst: 30.0)] : []),
        ];
    }

    /** @param  array{float, float, int}  $blend */
    private static function blend(array $blend): Move
    {
        return new Move(Doing::Blend, burst: $blend[0], rest: $blend[1], times: $blend[2]);
    }
}
