<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** A part of a formula that is an infused oil, worked out as the jar it is. */
final readonly class PartInfusion
{
    /** What stands longer than half a day stands cold, unless its steps say how warm. */
    private const COLD_FROM_MINUTES = 720.0;

    private const MINUTES_PER_DAY = 1440.0;

    /**
     * @param  list<WeighedLine>  $lines  of the part, in the order of the plan: its plants, then its oils
     */
    private function __construct(public Infusion $infusion, public array $lines)
    {
    }

    /** null for a part that is no infused oil, or of which too little is known to work it out. */
    public static function of(WeighedPart $part, Application $use, Catalogue $catalogue): ?self
    {
        if (
            ! in_array($part->part->makes, [PartKind::InfusedOil, PartKind::CookedOutOil], true)
            || $part->isOfOldLines()
        ) {
            return null;
        }
        $plants = self::those(
            $part,
            static fn (WeighedLine $line): bool => $line->ingredient?->kind->isPlant() ?? false,
        );
        $oils = self::those($part, static fn (WeighedLine $line): bool => in_array(
            $line->ingredient?->kind,
            [Kind::CarrierOil, Kind::Butter],
            true,
        ));
        if ($plants === [] || $oils === []) {
            return null;
        }
        try {
            $plan = self::plan($part, $plants, $oils, $use);

            return new self(Infusion::of($plan, $catalogue, new Tools), [...$plants, ...$oils]);
        } catch (DocumentRefused) {
            return null; // more of it than a jar can be: what is wrong is said of its lines
        }
    }

    /**
     * What of a plant's worth at rest the oil has drawn at the end, as a fraction; null for what is no plant of it.
     *
     * @param  string  $key  of the plant's line
     */
    public function drawnOf(string $key): ?float
    {
        $all = array_sum($this->infusion->contents->plantGrams()) + $this->infusion->contents->oil();
        foreach ($this->infusion->contents->plants as $i => $plant) {
            if ($this->lines[$i]->key() === $key) {
                return $this->infusion->end->strength($i) * $all / (100 * $plant->grams->likely);
            }
        }

        return null;
    }

    /**
     * @param  callable(WeighedLine): bool  $are
     * @return list<WeighedLine> with a weight
     */
    private static function those(WeighedPart $part, callable $are): array
    {
        return array_values(array_filter(
            $part->lines,
            static fn (WeighedLine $line): bool => $line->weighs() > 0 && $are($line),
        ));
    }

    /**
     * @param  non-empty-list<WeighedLine>  $plants
     * @param  non-empty-list<WeighedLine>  $oils
     */
    private static function plan(WeighedPart $part, array $plants, array $oils, Application $use): InfusionPlan
    {
        $step = self::step($part);
        $minutes = $step?->seconds === null ? null : $step->seconds / 60;
        $method = self::method($part->part->isCookedOut(), $step, $minutes);

        return new InfusionPlan(
            name: $part->part->name,
            plants: array_map(
                static fn (WeighedLine $plant): PlanPart => self::planned($plant, self::form($plant, $method)),
                $plants,
            ),
            oils: array_map(static fn (WeighedLine $oil): PlanPart => self::planned($oil), $oils),
            jarMl: null,
            method: $method,
            celsius: $step->celsius ?? $method->usualCelsius(),
            days: $minutes === null ? $method->usualDays() : $minutes / self::MINUTES_PER_DAY,
            inMinutes: $method->isHeated(),
            use: $use,
            lastsUsual: $minutes === null,
        );
    }

    /** The step in which the plant stands in the oil. */
    private static function step(WeighedPart $part): ?Step
    {
        foreach ($part->part->process->steps as $step) {
            if (in_array($step->kind, [StepKind::Steep, StepKind::Simmer, StepKind::CookOut, StepKind::Rest], true)) {
                return $step;
            }
        }

        return null;
    }

    private static function method(bool $isCookedOut, ?Step $step, ?float $minutes): Method
    {
        return match (true) {
            $isCookedOut => Method::CookOut,
            $step?->kind === StepKind::Simmer => Method::WarmBath,
            $step?->celsius !== null && $step->celsius > Method::SunnySill->usualCelsius() => Method::WarmBath,
            $step?->celsius === null && $minutes !== null && $minutes < self::COLD_FROM_MINUTES => Method::WarmBath,
            default => Method::ColdDark,
        };
    }

    private static function planned(WeighedLine $line, ?PlantForm $form = null): PlanPart
    {
        return new PlanPart(
            $line->ingredient->key ?? '',
            Amount::plain($line->weighs()).' g',
            $form,
            $line->line->freshGrams,
        );
    }

    private static function form(WeighedLine $plant, Method $method): ?PlantForm
    {
        return match (true) {
            $plant->ingredient?->kind !== Kind::FreshBotanical => null,
            $method === Method::CookOut => PlantForm::FreshWet,
            $plant->line->isPrepared(Prepared::Wilted) => PlantForm::FreshWilted,
            $plant->line->hasWaterDrivenOut() => PlantForm::DriedWhole,
            default => PlantForm::FreshWet,
        };
    }
}
