<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Process\Blending;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepDetails;
use Ilvane\Core\Process\StepKind;

/** The steps makers usually take for a product of its kind, in their order. Common practice. */
final readonly class UsualSteps
{
    /** Held at heat until all is surely melted. */
    private const HOLD_S = 300.0;

    /** Rests between bursts and how often: blenders heat up and draw in air. */
    private const BLEND_REST_S = 60.0;

    private const BLEND_TIMES = 3;

    private const GUM = [60.0, 120.0, 3];

    /** After the cool-down phase, or where nothing has to be torn up. */
    private const SHORT_S = 30.0;

    private const SHAKE_S = 30.0;

    /** Water goes into a butter when it has taken half of its air. */
    private const HALF_WAY = 0.5;

    private ?PhaseHeat $heat;

    private bool $hasWater;

    private bool $hasOil;

    private function __construct(private Formula $formula, private Composition $composition, private Way $way)
    {
        $this->heat = PhaseHeat::of($formula, $composition);
        $this->hasWater = $composition->inPhase(Phase::Water) !== [];
        $this->hasOil = $composition->inPhase(Phase::Oil) !== [];
    }

    /** @return list<Step> */
    public static function of(Formula $formula, Composition $composition): array
    {
        $usual = new self($formula, $composition, Way::of($formula, $composition));

        return [
            new Step(StepKind::Sanitise),
            ...PartSteps::all($composition),
            ...$usual->made(),
            new Step(StepKind::Fill),
            new Step(StepKind::Label),
        ];
    }

    /** @return list<Step> */
    private function made(): array
    {
        return match ($this->way) {
            Way::BlendedOil => [
                ...$this->weigh(),
                ...$this->heated(),
                ...$this->strained(),
                ...$this->coolDown(),
                ...($this->heat === null && $this->strained() === [] ? self::shaken() : []),
            ],
            Way::Pomade => [...$this->weigh(), ...$this->heated(), ...$this->coolDown()],
            Way::Butter => $this->butter(),
            Way::Emulsion => [...$this->emulsion(), ...$this->testPh()],
            Way::ShakenSpray => [
                ...$this->weigh(Phase::Infusion, Phase::Water),
                ...$this->gum(),
                ...$this->coolDown(),
                ...$this->testPh(),
                ...$this->weigh(Phase::Oil),
                ...$this->heated(Phase::Oil),
                new Step(StepKind::Combine),
                ...self::shaken(),
            ],
            Way::Clear => [
                ...$this->weigh(),
                ...$this->heated(),
                ...$this->gum(),
                ...$this->strained(),
                ...$this->coolDown(),
                ...($this->gum() === [] && $this->heat === null ? self::shaken() : []),
                ...$this->testPh(),
            ],
            Way::BoughtBase => [
                ...$this->weigh(),
                ...($this->hasWater && $this->hasOil
                    ? [...$this->heated(Phase::Oil), new Step(StepKind::Combine)]
                    : []),
                ...$this->coolDown(),
                ...$this->testPh(),
            ],
            Way::FreshMask => $this->fresh(),
            Way::FrozenBar => [
                ...$this->fresh(),
                new Step(StepKind::Mould),
                new Step(StepKind::Freeze, seconds: 60 * StepKind::Freeze->usualMinutes()),
                new Step(StepKind::Unmould),
            ],
        };
    }

    /** @return list<Step> water without an emulsifier goes in by spoons, half way through whipping */
    private function butter(): array
    {
        $chilled = [new Step(StepKind::Chill, how: Cooling::Fridge), new Step(StepKind::Whip)];
        if (Way::isEmulsified($this->composition)) {
            return [...$this->emulsion(), ...$chilled, ...$this->testPh()];
        }

        return [
            ...$this->weigh(Phase::Infusion, Phase::Oil),
            ...$this->heated(Phase::Oil),
            ...$this->strained(),
            ...$this->coolDown(),
            ...$chilled,
            ...(! $this->hasWater ? [] : [
                ...$this->weigh(Phase::Water),
                new Step(
                    StepKind::Add,
                    phases: [Phase::Water],
                    details: new StepDetails(during: StepKind::Whip->value, atShare: self::HALF_WAY),
                ),
                new Step(StepKind::Whip),
            ]),
        ];
    }

    /** @return list<Step> */
    private function emulsion(): array
    {
        return [
            ...$this->weigh(),
            ...$this->wetted(),
            ...$this->heated(),
            ...$this->strained(),
            new Step(StepKind::Combine),
            new Step(StepKind::Blend, blending: Blending::usual(self::BLEND_REST_S, self::BLEND_TIMES)),
            ...$this->coolDown(),
            ...($this->composition->inPhase(Phase::Cooldown) === []
                ? []
                : [new Step(StepKind::Blend, blending: new Blending(self::SHORT_S))]),
        ];
    }

    /**
     * Where nothing is heated there is no cool-down: all is weighed at once.
     *
     * @return list<Step> strained only where something in it leaves bits
     */
    private function fresh(): array
    {
        $isFresh = $this->composition->linesWith(
            static fn (Material $material): bool => $material->kind->isFreshPlant()
                || $material->is(MaterialTrait::Pulpy)
                || $material->is(MaterialTrait::FruitFlesh),
        ) !== [];
        $leavesBits = $this->composition->linesWith(
            static fn (Material $material): bool => $material->is(MaterialTrait::Pulpy),
        ) !== [];

        return [
            ...$this->weigh(),
            ...($this->heat === null ? $this->weigh(Phase::Cooldown) : $this->heated()),
            ...($isFresh ? [new Step(StepKind::Prepare), new Step(StepKind::BlendFresh)] : []),
            ...($leavesBits ? [new Step(StepKind::Strain)] : []),
            ...($isFresh ? [] : [
                ...($this->hasWater && $this->hasOil ? [new Step(StepKind::Combine)] : []),
                new Step(StepKind::Blend, blending: new Blending(self::SHORT_S)),
            ]),
            ...($this->heat === null ? [] : $this->coolDown()),
        ];
    }

    /** @return list<Step> */
    private function weigh(Phase ...$phases): array
    {
        $steps = [];
        foreach ($phases === [] ? [Phase::Infusion, Phase::Water, Phase::Oil] : $phases as $phase) {
            if ($this->composition->inPhase($phase) !== []) {
                $steps[] = new Step(StepKind::Weigh, phases: [$phase]);
            }
        }

        return $steps;
    }

    /** @return list<Step> none where nothing has to melt */
    private function heated(?Phase $only = null): array
    {
        if ($this->heat === null) {
            return [];
        }
        $phases = match (true) {
            $only !== null => [$only],
            ! $this->hasWater => [Phase::Oil],
            ! $this->hasOil => [Phase::Water],
            default => [],
        };

        return [
            new Step(StepKind::Heat, phases: $phases, celsius: $this->heat->target),
            new Step(StepKind::Hold, seconds: self::HOLD_S),
        ];
    }

    /** @return list<Step> */
    private function gum(): array
    {
        return $this->composition->ofKind(Kind::ThickenerGum) === [] ? $this->evened() : [
            ...$this->wetted(),
            new Step(StepKind::Blend, blending: new Blending(...self::GUM)),
            new Step(StepKind::Rest, seconds: 60 * StepKind::Rest->usualMinutes()),
        ];
    }

    /** @return list<Step> a gel made first is thick: what goes into it has to be worked in */
    private function evened(): array
    {
        $isThick = $this->formula->family === Family::Gel || array_filter(
            $this->composition->parts,
            static fn (WeighedPart $part): bool => $part->part->makes === PartKind::Gel,
        ) !== [];

        return $isThick ? [new Step(StepKind::Blend, blending: new Blending(self::SHORT_S))] : [];
    }

    /** @return list<Step> a gum that clumps goes into what has no water first, where there is any of that */
    private function wetted(): array
    {
        $gums = array_values(array_filter(
            $this->composition->linesWith(
                static fn (Material $material): bool => $material->is(MaterialTrait::LumpsWhenDry),
            ),
            static fn (WeighedLine $line): bool => $line->phase === Phase::Water,
        ));
        $wetting = array_values(array_filter(
            $this->composition->ofKind(Kind::Humectant),
            static fn (WeighedLine $line): bool => $line->phase === Phase::Water,
        ));

        return $wetting === [] ? [] : array_map(
            static fn (WeighedLine $gum): Step => new Step(
                StepKind::WetGum,
                details: new StepDetails(gum: $gum->key(), in: $wetting[0]->key()),
            ),
            $gums,
        );
    }

    /** @return list<Step> */
    private static function shaken(): array
    {
        return [new Step(StepKind::Shake, seconds: self::SHAKE_S)];
    }

    /** @return list<Step> */
    private function strained(): array
    {
        return $this->composition->inPhase(Phase::Infusion) === [] ? [] : [new Step(StepKind::Strain)];
    }

    /** @return list<Step> */
    private function coolDown(): array
    {
        if ($this->composition->inPhase(Phase::Cooldown) === []) {
            return [];
        }
        $gate = CoolDown::of($this->formula, $this->composition);
        $wasHeated = $this->heat !== null && $this->way !== Way::ShakenSpray;

        return [
            ...($wasHeated ? [new Step(StepKind::Gate, celsius: $gate)] : []),
            new Step(StepKind::Weigh, phases: [Phase::Cooldown]),
            new Step(StepKind::Add, phases: [Phase::Cooldown]),
        ];
    }

    /** @return list<Step> */
    private function testPh(): array
    {
        $isDry = Preservation::of($this->formula, $this->composition, $this->heat)->regime === Regime::Dry;

        return $isDry || $this->formula->family->isUsuallyFresh() ? [] : [new Step(StepKind::TestPh)];
    }
}
