<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Heat\Atmosphere;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rules\Packing;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** What would go wrong at a step, in the same words as the checks of the formula. */
final readonly class Warnings
{
    /** A bath swings by so much; a ceiling inside the swing is not worth a word. Common practice. */
    private const SWING_C = 5.0;

    /** Solid percent above which a mixer only crumbles it. From memory, common practice. */
    public const TOO_HARD_TO_WHIP = 50.0;

    /** A little short of the mark still whips. */
    private const WHIP_SLACK = 5.0;

    public function __construct(private Assessment $it)
    {
    }

    public function unreachable(float $target, Kitchen $kitchen): Finding
    {
        return new Finding(
            'heat.unreachable',
            Severity::Stop,
            terms: [
                'heat' => Term::celsius($target),
                'boils' => Term::celsius(round(Atmosphere::boils($kitchen->altitude))),
                'bath' => Term::celsius(round($kitchen->bath)),
            ],
            variant: 'rehearsed',
        );
    }

    /** @return list<Finding> */
    public function tooHot(Pot $pot): array
    {
        $findings = [];
        foreach ($pot->lines() as $line) {
            $ceiling = $line->ingredient?->maxProcessTemperature;
            if ($line->ingredient === null || $ceiling === null || $pot->celsius <= $ceiling + self::SWING_C) {
                continue;
            }
            $isPreservative = $line->ingredient->kind === Kind::Preservative;
            $isHerbWater = $line->ingredient->kind->isWatery();
            $severity = match (true) {
                $isPreservative => Severity::Stop,
                $isHerbWater => Severity::Note,
                default => Severity::Mind,
            };
            $code = $isPreservative ? 'preservation.heated' : 'heat.over_ceiling';
            $findings[] = new Finding($code, $severity, [$line->position], [
                'ingredient' => Term::ingredient($line->ingredient->key),
                'ceiling' => Term::celsius($ceiling),
                'heat' => Term::celsius(round($pot->celsius)),
                'source' => Term::note($line->ingredient->sourceOf('heat')),
            ], variant: $isHerbWater ? 'herb_water' : 'usual');
        }

        return $findings;
    }

    public function unequal(float $water, float $oil, Composition $composition): ?Finding
    {
        $needsHeat = array_filter(
            $composition->openedInPhase(Phase::Oil),
            static fn (WeighedLine $line): bool => ($line->ingredient->meltHigh ?? 0.0) > PhaseHeat::EQUAL_WITHIN_C
                + 20.0,
        ) !== [];

        return abs($water - $oil) <= PhaseHeat::EQUAL_WITHIN_C || ! $needsHeat ? null
            : new Finding(
                'heat.unequal',
                Severity::Mind,
                terms: [
                    'water' => Term::celsius(round($water)),
                    'oil' => Term::celsius(round($oil)),
                    'within' => Term::celsius(PhaseHeat::EQUAL_WITHIN_C),
                ],
            );
    }

    /** A melting range is recalled, and no bench thermometer is better: °C. */
    private const MELTS_WITHIN_C = 2.0;

    /** What melts below this may be whipped or rubbed in as it is; a wax may not. °C. */
    private const NEEDS_HEAT_C = 45.0;

    /** @return list<Finding> */
    public function unmelted(Pot $oil, float $hottest): array
    {
        $findings = [];
        foreach ($oil->lines() as $line) {
            $melts = $line->ingredient?->meltHigh;
            if ($line->ingredient !== null && $melts !== null && $hottest < $melts - self::MELTS_WITHIN_C) {
                $findings[] = new Finding(
                    'heat.below_melting',
                    Severity::Stop,
                    [$line->position],
                    [
                        'ingredient' => Term::ingredient($line->ingredient->key),
                        'heat' => Term::celsius(round($hottest)),
                        'melts' => Term::celsius($melts),
                    ],
                    variant: 'rehearsed',
                );
            }
        }

        return $findings;
    }

    /** A batch no usual vessel holds: it is gone through as if the largest did. Named ones are the rule book's. */
    public function holdsNotAll(Pot $pot): ?Finding
    {
        $said = $this->it->formula->process->conditions;
        $ml = $pot->grams() / ($this->it->composition->density() ?? 1.0);
        $isNamed = in_array($pot->vessel->key, [$said->waterVessel, $said->oilVessel, $said->mixVessel], true);

        return $isNamed || $ml <= $pot->vessel->volumeMl * Packing::SLACK ? null : new Finding(
            'yield.exceeds_vessel',
            Severity::Note,
            terms: [
                'vessel' => Term::vessel($pot->vessel->key),
                'volume' => Term::number(round($ml)),
                'holds' => Term::number(round($pot->vessel->volumeMl)),
            ],
            variant: 'usual',
        );
    }

    /** @return list<Finding> waxes that no step of the plan melts, where nothing but fats is in the pot */
    public function neverMelted(Pot $oil, float $hottest): array
    {
        $findings = [];
        foreach ($oil->lines() as $line) {
            $melts = $line->ingredient->meltHigh ?? 0.0;
            $isSolid = $melts >= self::NEEDS_HEAT_C && $hottest < $melts - self::MELTS_WITHIN_C;
            if ($line->ingredient !== null && $isSolid) {
                $findings[] = new Finding('heat.below_melting', Severity::Stop, [$line->position], [
                    'ingredient' => Term::ingredient($line->ingredient->key),
                    'melts' => Term::celsius($melts),
                ], variant: 'unheated');
            }
        }

        return $findings;
    }

    public function addedTooHot(WeighedLine $line, float $celsius): ?Finding
    {
        $ceiling = $line->ingredient?->maxProcessTemperature;
        if (
            $line->ingredient === null
            || $ceiling === null
            || $celsius <= max($ceiling, CoolDown::USUAL_C) + CoolDown::SLACK_C
        ) {
            return null;
        }
        $terms = [
            'ingredient' => Term::ingredient($line->ingredient->key),
            'ceiling' => Term::celsius($ceiling),
            'heat' => Term::celsius(round($celsius)),
            'gate' => Term::celsius(round($celsius)),
            'source' => Term::note($line->ingredient->sourceOf('heat')),
        ];

        if ($line->ingredient->kind === Kind::Preservative) {
            return new Finding('preservation.heated', Severity::Stop, [$line->position], $terms);
        }
        $isBalm = CoolDown::isPouredHot($this->it->formula, $this->it->composition)
            && $celsius <= CoolDown::of($this->it->formula, $this->it->composition) + CoolDown::SLACK_C;

        return new Finding(
            'heat.gate',
            $isBalm ? Severity::Note : Severity::Mind,
            [$line->position],
            $terms,
            variant: $isBalm ? 'balm' : 'rehearsed',
        );
    }

    public function setToWhip(float $solid, float $whipsAt, float $celsius): ?Finding
    {
        $terms = [
            'solid' => Term::percent(round($solid)),
            'celsius' => Term::celsius(round($celsius)),
            'wants' => Term::percent($whipsAt),
        ];

        return match (true) {
            $solid > self::TOO_HARD_TO_WHIP => new Finding('texture.set_too_hard', Severity::Mind, terms: $terms),
            $solid < $whipsAt - self::WHIP_SLACK => new Finding(
                'texture.too_soft',
                Severity::Mind,
                terms: $terms,
                variant: 'rehearsed',
            ),
            default => null,
        };
    }

    /** A butter that sets in the cloth while a plant is strained out of it. */
    public function strainedLate(Pot $oil): ?Finding
    {
        foreach ($this->it->composition->inPhase(Phase::Infusion) === [] ? [] : $oil->lines() as $line) {
            if ($line->ingredient?->meltHigh !== null && HeatContent::melted($line->ingredient, $oil->celsius) < 1.0) {
                return new Finding(
                    'plant.strained_late',
                    Severity::Mind,
                    [$line->position],
                    [
                        'ingredient' => Term::ingredient($line->ingredient->key),
                        'melts' => Term::celsius($line->ingredient->meltHigh),
                    ],
                    variant: 'butter',
                );
            }
        }

        return null;
    }

    /** @return list<Finding> */
    public function filling(float $celsius, float $grams): array
    {
        $container = $this->it->container;
        if ($container === null) {
            return [];
        }
        $findings = [];
        if ($celsius > $container->maxFillC) {
            $findings[] = new Finding(
                'packaging.too_hot',
                Severity::Stop,
                terms: [
                    'heat' => Term::celsius(round($celsius)),
                    'bears' => Term::celsius($container->maxFillC),
                    'container' => Term::container($container->key),
                ],
            );
        }
        $density = $this->it->composition->density() ?? 1.0;
        $ml = $this->it->formula->family === Family::WhippedButter
            ? Whip::volume($grams, $density, Whip::usualOverrun())->likely
            : $grams / $density;
        $holds = $container->volumeMl * $this->it->formula->containerCount;
        if ($ml > $holds * Packing::SLACK) {
            $findings[] = new Finding(
                'yield.exceeds_containers',
                Severity::Mind,
                terms: [
                    'volume' => Term::number(round($ml)),
                    'holds' => Term::number(round($holds)),
                    'container' => Term::container($container->key),
                ],
            );
        }

        return $findings;
    }
}
