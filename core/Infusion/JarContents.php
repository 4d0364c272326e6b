<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\UnreadableAmount;

/** What goes into a jar, weighed and looked up. */
final readonly class JarContents
{
    /**
     * @param  non-empty-list<InPart>  $plants
     * @param  non-empty-list<InPart>  $oils
     */
    public function __construct(
        public array $plants,
        public array $oils,
        private ?float $jarMl,
    ) {
    }

    /** @throws DocumentRefused naming the part that can't be used */
    public static function of(InfusionPlan $plan, Catalogue $catalogue, Tools $tools): self
    {
        $plants = $oils = [];
        foreach ($plan->plants as $i => $part) {
            $plant = self::known($part, "/plants/$i", $catalogue);
            if (! in_array($plant->kind, [Kind::DriedBotanical, Kind::FreshBotanical, Kind::PowderBotanical], true)) {
                throw new DocumentRefused("/plants/$i/ingredient", 'not_a_plant');
            }
            $plants[] = new InPart(
                $plant,
                self::weighed($part, $plant, "/plants/$i/amount", $tools),
                $part->form ?? PlantForm::usualOf($plant),
                $part->freshGrams,
            );
        }
        foreach ($plan->oils as $i => $part) {
            $oil = self::known($part, "/oils/$i", $catalogue);
            if (! in_array($oil->kind, [Kind::CarrierOil, Kind::Butter], true)) {
                throw new DocumentRefused("/oils/$i/ingredient", 'not_an_oil');
            }
            $oils[] = new InPart($oil, self::weighed($part, $oil, "/oils/$i/amount", $tools));
        }

        return new self($plants, $oils, $plan->jarMl);
    }

    private static function known(PlanPart $part, string $path, Catalogue $catalogue): Material
    {
        return $catalogue->has($part->ingredient) ? $catalogue->get($part->ingredient)
            : throw new DocumentRefused(
                "$path/ingredient",
                'unknown_ingredient',
                ['key' => mb_substr($part->ingredient, 0, 60)],
            );
    }

    private static function weighed(PlanPart $part, Material $ingredient, string $path, Tools $tools): Band
    {
        try {
            $amount = AmountReader::read($part->amount);
        } catch (UnreadableAmount $problem) {
            throw new DocumentRefused($path, 'amount_'.$problem->reason);
        }
        if ($amount->kind !== AmountKind::Measured || $amount->number === null) {
            throw new DocumentRefused($path, 'no_weight');
        }
        $grams = $amount->piece !== null
            ? $ingredient->weightOf($amount->piece)?->times($amount->number)
            : ($amount->unit === null ? null : $tools->grams($amount->number, $amount->unit, $ingredient->bulk));
        if ($grams === null || $grams->likely <= 0) {
            throw new DocumentRefused($path, 'no_weight');
        }

        return $grams->likely > InfusionPlanDocument::MAX_GRAMS
            ? throw new DocumentRefused(
                $path,
                'out_of_range',
                ['least' => 0, 'most' => InfusionPlanDocument::MAX_GRAMS],
            )
            : $grams;
    }

    public function oil(): float
    {
        return array_sum(array_map(static fn (InPart $oil): float => $oil->grams->likely, $this->oils));
    }

    /** @return non-empty-list<float> */
    public function plantGrams(): array
    {
        return array_map(static fn (InPart $plant): float => $plant->grams->likely, $this->plants);
    }

    /** @return list<PlantForm> */
    public function forms(): array
    {
        return array_map(static fn (InPart $plant): PlantForm => $plant->form ?? PlantForm::DriedWhole, $this->plants);
    }

    /** @return list<float> what of each plant is washed off at once */
    public function washed(): array
    {
        return array_map(static fn (PlantForm $form): float => $form->washed(), $this->forms());
    }

    /**
     * The strongest each may be used, leave-on or rinse-off.
     *
     * @return list<float|null> by plant
     */
    public function useLimits(Application $use): array
    {
        return array_map(
            static fn (InPart $plant): ?float => $plant->ingredient->plantLimit(
                'strength',
                $use === Application::RinseOff,
            ),
            $this->plants,
        );
    }

    /** @return list<float|null> what is usual, by plant; null where the catalogue says nothing or none is usual */
    public function usualStrengths(): array
    {
        return array_map(
            static function (InPart $plant): ?float {
                $typical = $plant->ingredient->usualUse();

                return $typical > 0 ? $typical : null;
            },
            $this->plants,
        );
    }

    /** What all of its plants give bears heat and light. */
    public function isSturdy(): bool
    {
        return array_filter(
            $this->plants,
            static fn (InPart $plant): bool => ! $plant->ingredient->is(MaterialTrait::Sturdy),
        ) === [];
    }

    public function room(): JarRoom
    {
        return $this->roomWith($this->oil());
    }

    /** The same jar with another amount of the same oil in it. */
    public function roomWith(float $oil): JarRoom
    {
        $all = $this->oil();

        return new JarRoom(
            array_sum(array_map(
                static fn (InPart $part): float => $part->oilMl($part->grams->likely),
                $this->oils,
            )) * $oil / $all,
            array_sum(array_map(static fn (InPart $plant): float => $plant->solidMl(), $this->plants)),
            array_sum(array_map(static fn (InPart $plant): float => $plant->settledMl(), $this->plants)),
            $this->jarMl,
        );
    }

    /**
     * @param  list<OilMoved>  $moved
     * @return array{JarRoom, JarRoom} at its fullest and at its emptiest
     */
    public function roomOver(array $moved): array
    {
        $oil = $most = $least = $this->oil();
        foreach ($moved as $event) {
            $oil += $event->toppedUp - $event->takenOut;
            $most = max($most, $oil);
            $least = min($least, $oil);
        }

        return [$this->roomWith($most), $this->roomWith($least)];
    }

    /**
     * @param  list<OilMoved>  $moved
     *
     * @throws DocumentRefused
     */
    public function refuseOverdraft(array $moved): void
    {
        $oil = $this->oil();
        foreach ($moved as $i => $event) {
            if ($event->takenOut >= $oil) {
                throw new DocumentRefused("/events/$i/take_out_g", 'more_than_there_is', ['grams' => round($oil, 1)]);
            }
            $oil += $event->toppedUp - $event->takenOut;
        }
    }
}
