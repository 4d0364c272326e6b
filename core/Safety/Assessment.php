<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use DateTimeImmutable;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Infusion\PartInfusion;
use Ilvane\Core\Infusion\WaterOut;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Container;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\PreservativeComponent;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Microbiology\ComponentDose;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Dissolution;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Scent\Scent;
use Ilvane\Core\ShelfLife\ShelfLife;

/** Everything the models say of one formula, before the checks speak. */
final readonly class Assessment
{
    /**
     * @param  array<string, PartInfusion>  $infusions  its parts that are infused oils, by key
     * @param  list<WaterOut>  $waterOut  wet plants whose water is cooked out in it
     */
    private function __construct(
        public Catalogue $catalogue,
        public Formula $formula,
        public Composition $composition,
        public float $scaleResolutionG,
        public ?PhaseHeat $heat,
        public Preservation $preservation,
        public Emulsion $emulsion,
        public Scent $scent,
        public ShelfLife $keeping,
        public ?DateTimeImmutable $madeOn,
        public ?Container $container,
        public Hlb $hlb,
        public SolidFat $texture,
        public array $infusions,
        public bool $isOnBatch,
        public Dissolution $dissolution,
        public array $waterOut,
    ) {
    }

    /**
     * @param  bool  $onBatch  a made batch: acid-dependent preservatives count only with a measured pH
     * @param  DateTimeImmutable|null  $madeOn  for lots already open
     */
    public static function of(
        Catalogue $catalogue,
        Formula $formula,
        Composition $composition,
        Tools $tools,
        bool $onBatch = false,
        ?DateTimeImmutable $madeOn = null,
    ): self {
        $heat = PhaseHeat::of($formula, $composition);
        $preservation = Preservation::of($formula, $composition, $heat, $onBatch, $catalogue);
        $container = $formula->container === null ? null : ($catalogue->containers()[$formula->container] ?? null);
        $emulsion = Emulsion::of($composition);
        $waterOut = WaterOut::all($formula, $composition);

        return new self(
            $catalogue,
            $formula,
            $composition,
            $formula->scaleResolutionG ?? $tools->scaleResolutionG,
            $heat,
            $preservation,
            $emulsion,
            Scent::of($formula, $composition),
            ShelfLife::of(
                $formula, $composition, $preservation, $madeOn, $container,
                isWet: $onBatch && ! WaterOut::areShown($waterOut),
            ),
            $madeOn,
            $container,
            Hlb::of($emulsion->emulsifiers, $emulsion->fats),
            SolidFat::of($composition),
            self::infusions($composition, $formula, $catalogue),
            $onBatch,
            Dissolution::of($composition),
            $waterOut,
        );
    }

    /** @return array<string, PartInfusion> by key of the part */
    private static function infusions(Composition $composition, Formula $formula, Catalogue $catalogue): array
    {
        $infusions = [];
        foreach ($composition->parts as $part) {
            $infusion = PartInfusion::of($part, $formula->use, $catalogue);
            if ($infusion !== null) {
                $infusions[$part->part->key] = $infusion;
            }
        }

        return $infusions;
    }

    /** What it would keep with nothing that preserves it: worked out only where somebody asks. */
    public function keepingIfFresh(): ShelfLife
    {
        return ShelfLife::ifFresh($this->formula, $this->composition, $this->preservation);
    }

    /** Breathed in by whoever uses it. */
    public function isSprayed(): bool
    {
        return $this->formula->family === Family::WaterSpray || $this->container?->closure === 'spray';
    }

    /**
     * A full preservative system that suits the product, to be offered where one is missing: one that shares nothing
     * with what is in it.
     */
    public function fullPreservative(): Material
    {
        $has = array_map(
            static fn (ComponentDose $dose): string => $dose->component->inci,
            $this->preservation->components(),
        );
        $role = $this->isSprayed() ? ChoiceRole::PreservativeSprayed : ChoiceRole::Preservative;
        foreach ($this->catalogue->choices($role) as $ingredient) {
            $parts = array_map(
                static fn (PreservativeComponent $part): string => $part->inci,
                $ingredient->preservativeComponents,
            );
            if (array_intersect($parts, $has) === []) {
                return $ingredient;
            }
        }

        return $this->catalogue->choice(ChoiceRole::PreservativeSprayed);
    }

    /** Meant to be used fresh, stored cold, and not claimed to keep longer than fresh things do. */
    public function isFreshOnPurpose(): bool
    {
        $claim = $this->formula->keeping;
        $intended = $claim->intended ?? ($this->formula->family->isUsuallyFresh() ? Regime::Fresh : null);
        $storage = $claim->storage ?? $this->formula->family->usualStorage() ?? Storage::Room;

        return $intended === Regime::Fresh && $storage->isCold()
            && ($claim->claimedDays === null
                || $claim->claimedDays <= ($this->keepingIfFresh()->days ?? 0.0)
                || $this->isHopeful($claim->claimedDays));
    }

    /**
     * A claim longer than what is said here, for something not yet spoiled by then in a fridge at its best: an
     * estimate.
     */
    public function isHopeful(float $claimed): bool
    {
        $spoilage = $this->preservation->spoilage;
        if (
            $this->preservation->regime !== Regime::Fresh
            || $spoilage === null
            || ShelfLife::storage($this->formula, Regime::Fresh) !== Storage::Fridge
        ) {
            return false;
        }
        $growth = $spoilage->at(Growth::COLD_FRIDGE_C, $this->preservation->effect->free->reach ?? []);
        if ($growth->after(0.0) >= Growth::LIMIT) {
            return false; // raw food is no matter of hope
        }
        $until = $growth->hoursTo(Growth::SPOILED);

        return $until !== null && 24 * $claimed <= $until;
    }
}
