<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Coverage;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Acidity\Acidity;
use Ilvane\Core\Physics\Acidity\Adjustment;
use Ilvane\Core\Physics\Dissolution;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\WaterActivity;

/** The preservatives of a formula, what they hold, and the keeping regime that follows. */
final readonly class Preservation
{
    /**
     * Water that comes in with other things than waters, teas, juices and foods: below this share it is bound or
     * negligible.
     */
    public const NEGLIGIBLE_WATER = 0.01;

    /**
     * @param  list<PreservativeDose>  $doses
     * @param  Band|null  $acidity  the pH estimated from what is dissolved, where none is meant or measured
     * @param  Load|null  $load  what the preservative has to hold first; null where there is no water
     * @param  PreservativeEffect|null  $effect  how much of the doses is at work; null where the model has no figures
     * @param  Spoilage|null  $spoilage  what microbes find in it; null where there is no water
     * @param  BoughtBase|null  $base  something bought that the rest was stirred into
     * @param  float  $alcohol  share of pure ethanol in ethanol and water, by weight
     */
    private function __construct(
        public array $doses,
        public bool $isWatery,
        public Regime $regime,
        public ?Band $acidity,
        public ?Load $load,
        public ?PreservativeEffect $effect,
        public ?Spoilage $spoilage,
        public Acidity $dissolved,
        public float $alcohol,
        public ?BoughtBase $base = null,
    ) {
    }

    /**
     * @param  bool  $onBatch judge a made batch, where the pH has to have been measured
     * @param  Catalogue|null  $catalogue  with its figures of what preserves; null where only the regime matters
     */
    public static function of(
        Formula $formula,
        Composition $composition,
        ?PhaseHeat $heat,
        bool $onBatch = false,
        ?Catalogue $catalogue = null,
    ): self {
        $doses = [];
        $dissolved = Acidity::of($composition);
        $acidity = $formula->ph === null && ! $onBatch ? self::acidity($composition, $dissolved) : null;
        foreach ($composition->opened() as $line) {
            if (
                $line->ingredient?->kind === Kind::Preservative
                && $line->isInBatch()
                && ! $line->ingredient->is(MaterialTrait::NotForHome) // nobody doses it at home
            ) {
                $doses[] = self::dose($formula, $line, $line->ingredient, $heat, $acidity);
            }
        }
        $isWatery = self::isWatery($composition);
        $base = BoughtBase::of($composition);
        $load = $isWatery ? Load::of($composition) : null;
        $ethanol = Dissolution::alcohol($composition);
        $alcohol = $ethanol > 0.0 ? $ethanol / ($ethanol + $composition->waterShare()) : 0.0;
        $effect = $isWatery && $catalogue !== null
            ? PreservativeEffect::of($catalogue, $composition, $doses, $formula->ph)
            : null;

        return new self($doses, $isWatery, match (true) {
            ! $isWatery => Regime::Dry,
            $load !== null && $load->tooMuch() !== [] => Regime::Fresh,
            $alcohol >= self::ALCOHOL_MAY_HOLD - 1e-9 => Regime::Preserved,
            $doses === [] && $base?->holds() === true => Regime::Preserved,
            $effect?->word !== 'no'
                && self::weakAlone($doses) === null
                && self::isWhole($doses, $onBatch, $effect) => Regime::Preserved,
            default => Regime::Fresh,
        }, $acidity, $load, $effect, $isWatery ? Spoilage::of(
            $composition,
            $formula->ph ?? $dissolved->guess,
        ) : null, $dissolved, $alcohol, $base);
    }

    /**
     * Bacteria, yeast and mould are held: by what the systems are known for, or where all of them are at work, bacteria
     * are held well and the model finds enough free for the others, which is asked about and gets half the time.
     *
     * @param  list<PreservativeDose>  $doses
     */
    private static function isWhole(array $doses, bool $onBatch, ?PreservativeEffect $effect): bool
    {
        $working = array_filter($doses, static fn (PreservativeDose $dose): bool => $dose->works($onBatch));
        $coverage = self::coverageOf($working);

        return $coverage->isComplete()
            || ($coverage->bacteria === 2 && $effect !== null && count($working) === count($doses));
    }

    /** The same, as if it were kept in another way. */
    public function as(Regime $regime): self
    {
        return new self(
            $this->doses,
            $this->isWatery,
            $regime,
            $this->acidity,
            $this->load,
            $regime === Regime::Preserved ? $this->effect : null,
            $this->spoilage,
            $this->dissolved,
            $this->alcohol,
            $this->base,
        );
    }

    /**
     * It counts as preserved, and something speaks for half the time: much to hold, or a dose that is only just enough.
     */
    public function isStrained(): bool
    {
        return ($this->load?->some() ?? []) !== []
            || $this->effect?->word === 'possibly'
            || ! $this->nominalCoverage()->isComplete()
            || ($this->doses === [] && $this->alcohol < self::ALCOHOL_HOLDS - 1e-9);
    }

    /** Of ethanol in ethanol and water, by weight: from here on it holds, from there on it may. Common practice. */
    public const ALCOHOL_HOLDS = 0.20;

    public const ALCOHOL_MAY_HOLD = 0.15;

    public function isHeldByAlcohol(): bool
    {
        return $this->alcohol >= self::ALCOHOL_MAY_HOLD - 1e-9;
    }

    public function hasSystem(): bool
    {
        return $this->doses !== [] || $this->isHeldByAlcohol();
    }

    /** Nothing but the preservative of a bought base could keep it: whether that still holds is told of the base. */
    public function isLeftToTheBase(): bool
    {
        return $this->doses === [] && $this->base?->isPreserved === true;
    }

    /** What the systems hold together at a working dose and pH. */
    public function nominalCoverage(): Coverage
    {
        return $this->isHeldByAlcohol() ? new Coverage(2, 2, 2) : self::coverageOf($this->doses);
    }

    /** @return list<ComponentDose> regulated components summed over all preservatives, by INCI name */
    public function components(): array
    {
        $totals = [];
        foreach ($this->doses as $dose) {
            foreach ($dose->components as $component) {
                $held = $totals[$component->component->inci] ?? null;
                $totals[$component->component->inci] = $held === null ? $component : new ComponentDose(
                    $component->component,
                    $held->percent->plus($component->percent),
                    $component->limit,
                    [...$held->lines, ...$component->lines],
                );
            }
        }

        return array_values($totals);
    }

    private static function dose(
        Formula $formula,
        WeighedLine $line,
        Material $ingredient,
        ?PhaseHeat $heat,
        ?Band $acidity,
    ): PreservativeDose {
        $percent = $line->percent();
        $components = [];
        if ($percent !== null) {
            foreach ($ingredient->preservativeComponents as $component) {
                $limit = $formula->use === Application::RinseOff ? $component->rinseOffLimit : $component->leaveOnLimit;
                $asLimit = $limit !== null && $component->limitIsAsAcid() ? AsAcid::factor($component->inci) : 1.0;
                $components[] = new ComponentDose(
                    $component,
                    $percent
                        ->times(Band::of($component->low / 100, $component->typical / 100, $component->high / 100))
                        ->times($asLimit),
                    $limit,
                    [$line->position],
                );
            }
        }

        return new PreservativeDose(
            $line,
            $ingredient,
            $percent,
            $components,
            $heat !== null
                && PhaseHeat::heats($line->phase)
                && $ingredient->maxProcessTemperature !== null
                && $heat->target > $ingredient->maxProcessTemperature,
            $formula->ph,
            $acidity,
        );
    }

    /** Water with nothing acid or alkaline in it takes up the air's carbonic acid, and whatever else there is. */
    private const PLAIN_WATER_PH = [5.0, 6.5, 7.5];

    /** The pH as it can be estimated; null where there is no water to speak of. */
    private static function acidity(Composition $composition, Acidity $acidity): ?Band
    {
        $off = Adjustment::offBy($acidity);

        return match (true) {
            $composition->waterShare() < self::NEGLIGIBLE_WATER => null,
            $acidity->guess === null => Band::of(...self::PLAIN_WATER_PH),
            default => Band::of(max(0.0, $acidity->guess - $off), $acidity->guess, $acidity->guess + $off),
        };
    }

    /** @param  iterable<PreservativeDose>  $doses */
    private static function coverageOf(iterable $doses): Coverage
    {
        $coverage = new Coverage(0, 0, 0);
        foreach ($doses as $dose) {
            $coverage = $coverage->with($dose->ingredient->coverage ?? $coverage);
        }

        return $coverage;
    }

    /**
     * The one preservative of one component that is graded weak against all it is meant for: a helper, no system.
     *
     * @param  list<PreservativeDose>  $doses
     */
    private static function weakAlone(array $doses): ?PreservativeDose
    {
        $coverage = self::coverageOf($doses);

        return count($doses) === 1
            && count($doses[0]->components) === 1
            && max($coverage->bacteria, $coverage->yeast, $coverage->mould) <= 1
            ? $doses[0]
            : null;
    }

    /** @return array<string, Acid> the acid preservatives among the components, by INCI name */
    public function acids(): array
    {
        $acids = [];
        foreach ($this->components() as $component) {
            $acid = Acid::ofPreservative($component->component->inci);
            if ($acid !== null) {
                $acids[$component->component->inci] = $acid;
            }
        }

        return $acids;
    }

    /** What is too weak to stand alone and does; null where nothing is, or where there is no water to keep. */
    public function tooWeakAlone(): ?PreservativeDose
    {
        return $this->isWatery && ! $this->isHeldByAlcohol() ? self::weakAlone($this->doses) : null;
    }

    /**
     * Anything microbes can live on: a watery ingredient, a wet plant, or more than a trace of other water; but not
     * where sugar or glycerin binds all of it. Juices and foods count as wet whatever is stirred into them.
     */
    private static function isWatery(Composition $composition): bool
    {
        $otherWater = 0.0;
        $isBound = WaterActivity::word($composition) !== 'perishable';
        foreach ($composition->plants() as [$line]) {
            if ($line->ingredient?->kind === Kind::FreshBotanical && ! $line->line->hasWaterDrivenOut()) {
                return true;
            }
        }
        foreach ($composition->opened() as $line) {
            if ($line->ingredient === null) {
                continue;
            }
            $wet = $line->isInBatch() && $line->ingredient->bringsFreeWater();
            if ($wet && ! ($isBound && $line->ingredient->kind === Kind::WaterPhaseLiquid)) {
                return true;
            }
            if (
                $line->isInBatch()
                && $line->ingredient->kind !== Kind::DriedBotanical
                && $line->ingredient->kind !== Kind::PowderBotanical
            ) {
                $otherWater += $line->part() * $line->ingredient->water();
            }
        }

        return ! $isBound && $otherWater >= self::NEGLIGIBLE_WATER;
    }
}
