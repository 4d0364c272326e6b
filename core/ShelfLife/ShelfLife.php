<?php

declare(strict_types=1);

namespace Ilvane\Core\ShelfLife;

use DateTimeImmutable;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Material\Container;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Oxidation;

/**
 * How long it keeps: the earliest of the regime's own life and the ingredients' dates. Days, with the full derivation.
 * Regime lives: common practice, the short end of what makers say. Products of fat alone: oxidation (see Oxidation).
 */
final readonly class ShelfLife
{
    public const PRESERVED_DAYS = 180.0;

    /** With more than a fifth of plant juices, teas or milks a preservative has more to hold. */
    public const PRESERVED_PLANT_RICH_DAYS = 90.0;

    /** The preservative has much to hold, or only just does. Common practice, recalled. */
    public const PRESERVED_BARELY_DAYS = 90.0;

    public const PLANT_RICH_SHARE = 0.20;

    public const LONGEST_DAYS = 365.0;

    public const FROZEN_DAYS = 30.0;

    public const ROOM_FRESH_DAYS = 1.0;

    public const EMULSION_FRESH_DAYS = 5.0;

    public const MASK_FRESH_DAYS = 2.0;

    /** @param  list<ShelfLifeStep>  $steps the deciding one first */
    private function __construct(
        public ?float $days,
        public array $steps,
        public ?string $refused,
    ) {
    }

    /**
     * @param  DateTimeImmutable|null  $madeOn needed to count opened lots; without it they count as opened on the day
     *   of making
     * @param  bool  $isWet  water of plants may be left in it: nobody has weighed it out
     */
    public static function of(
        Formula $formula,
        Composition $composition,
        Preservation $preservation,
        ?DateTimeImmutable $madeOn = null,
        ?Container $container = null,
        bool $isWet = false,
    ): self {
        return self::stored(
            self::storage($formula, $preservation->regime),
            $formula,
            $composition,
            $preservation,
            $madeOn,
            $container,
            $isWet,
        );
    }

    /** Where it stands: as meant, as its kind usually does, or as its regime asks for. */
    public static function storage(Formula $formula, Regime $regime): Storage
    {
        return $formula->keeping->storage
            ?? $formula->family->usualStorage()
            ?? ($regime === Regime::Dry ? Storage::Room : Storage::Fridge);
    }

    /** What it would keep without its preservative, put in the cold. */
    public static function ifFresh(Formula $formula, Composition $composition, Preservation $preservation): self
    {
        $cold = self::storage($formula, Regime::Fresh) === Storage::Freezer ? Storage::Freezer : Storage::Fridge;

        return self::stored($cold, $formula, $composition, $preservation->as(Regime::Fresh), null);
    }

    private static function stored(
        Storage $storage,
        Formula $formula,
        Composition $composition,
        Preservation $preservation,
        ?DateTimeImmutable $madeOn,
        ?Container $container = null,
        bool $isWet = false,
    ): self {
        $regime = $preservation->regime;
        if ($composition->known() === []) {
            return new self(null, [], 'nothing_in_it');
        }
        $steps = match ($regime) {
            Regime::Dry => self::dry($formula, $composition, $storage, $madeOn, $container),
            Regime::Preserved => self::preserved($composition, $preservation, $madeOn),
            Regime::Fresh => self::fresh($formula, $composition, $preservation, $storage),
        };
        if ($steps === null) {
            return new self(null, [], 'oil_unknown');
        }
        array_push($steps, ...self::lots($composition, $regime, $madeOn));
        if ($isWet) {
            $steps[] = new ShelfLifeStep('cooked_out', CookOut::WET_DAYS);
        }
        usort($steps, static fn (ShelfLifeStep $a, ShelfLifeStep $b): int => $a->days <=> $b->days);

        return new self($steps[0]->days, $steps, null);
    }

    public function decidedBy(): ?ShelfLifeStep
    {
        return $this->steps[0] ?? null;
    }

    /** @return list<ShelfLifeStep>|null null where an oil's life is not known */
    private static function dry(
        Formula $formula,
        Composition $composition,
        Storage $storage,
        ?DateTimeImmutable $madeOn,
        ?Container $container,
    ): ?array {
        $oxidation = Oxidation::of($formula, $composition, $storage, $container);
        if ($oxidation === null) {
            return null;
        }
        $steps = [
            new ShelfLifeStep('oxidation', floor($oxidation->days()), $oxidation->fastest),
            new ShelfLifeStep('never_longer', self::LONGEST_DAYS),
        ];
        foreach ($composition->known() as $line) {
            $isTold = $line->line->openedOn !== null
                || ($storage === Storage::Room && self::isDelicate($line));
            $step = $isTold ? self::ingredientStep($line, $madeOn) : null;
            if ($step !== null) {
                $steps[] = $step;
            }
        }

        return $steps;
    }

    /** An oil that turns within months once it is open, and enough of it to smell. Common practice, recalled. */
    private static function isDelicate(WeighedLine $line): bool
    {
        return ($line->ingredient?->kind->isLipid() ?? false)
            && ($line->ingredient->openedMonths ?? INF) <= self::DELICATE_MONTHS
            && $line->part() >= self::DELICATE_SHARE;
    }

    private const DELICATE_MONTHS = 3.0;

    private const DELICATE_SHARE = 0.10;

    /** @return list<ShelfLifeStep> */
    private static function preserved(
        Composition $composition,
        Preservation $preservation,
        ?DateTimeImmutable $madeOn,
    ): array {
        $plantWaters = Composition::shareOfLines($composition->linesWith(
            static fn (Material $ingredient): bool => $ingredient->kind->isWatery()
                && $ingredient->kind !== Kind::WaterPhaseLiquid,
        ));
        $steps = [
            match (true) {
                $plantWaters->likely > self::PLANT_RICH_SHARE => new ShelfLifeStep(
                    'preserved_plant_rich',
                    self::PRESERVED_PLANT_RICH_DAYS,
                ),
                $preservation->isStrained() => new ShelfLifeStep('preserved_barely', self::PRESERVED_BARELY_DAYS),
                default => new ShelfLifeStep('preserved', self::PRESERVED_DAYS),
            },
            new ShelfLifeStep('never_longer', self::LONGEST_DAYS),
            ...($preservation->isLeftToTheBase() && $preservation->base !== null
                ? [new ShelfLifeStep('bought_base', $preservation->base->days())]
                : []),
        ];
        foreach ($composition->known() as $line) {
            $step = self::ingredientStep($line, $madeOn);
            if ($step !== null) {
                $steps[] = $step;
            }
        }

        return $steps;
    }

    /**
     * Dates of the lots it is made from; a water that a preservative now holds no longer turns on its own.
     *
     * @return list<ShelfLifeStep>
     */
    private static function lots(Composition $composition, Regime $regime, ?DateTimeImmutable $madeOn): array
    {
        $steps = [];
        foreach ($composition->lines as $line) {
            $date = $line->line->bestBefore;
            if (
                $date !== null
                && $madeOn !== null
                && $line->isInBatch()
                && ! ($regime === Regime::Preserved && self::isWatery($line, $composition))
            ) {
                $steps[] = new ShelfLifeStep(
                    'lot',
                    max(0.0, (float) $madeOn->setTime(0, 0)->diff($date)->format('%r%a')),
                    $line->ingredient?->key,
                    $line->line->lot ?? $line->line->spokenOf(),
                );
            }
        }

        return $steps;
    }

    /** Itself, or what it is made of. */
    private static function isWatery(WeighedLine $line, Composition $composition): bool
    {
        foreach ([$line, ...$composition->inner] as $one) {
            if ($one->position === $line->position && $one->ingredient?->bringsFreeWater() === true) {
                return true;
            }
        }

        return false;
    }

    /** What spoils by microbes is the preservative's business; the rest turns on its own date. */
    private static function ingredientStep(WeighedLine $line, ?DateTimeImmutable $madeOn): ?ShelfLifeStep
    {
        $ingredient = $line->ingredient;
        if (
            $ingredient?->openedDays() === null
            || $ingredient->bringsFreeWater()
            || $ingredient->kind === Kind::FreshBotanical
        ) {
            return null;
        }
        $life = $ingredient->openedDays();
        $alreadyOpen = $line->line->openedOn === null || $madeOn === null ? 0.0
            : (float) $line->line->openedOn->diff($madeOn)->format('%r%a');

        return new ShelfLifeStep(
            $alreadyOpen > 0 ? 'ingredient_opened' : 'ingredient',
            floor(max(0.0, $life - max(0.0, $alreadyOpen))),
            $ingredient->key,
        );
    }

    /** @return list<ShelfLifeStep> */
    private static function fresh(
        Formula $formula,
        Composition $composition,
        Preservation $preservation,
        Storage $storage,
    ): array {
        if ($storage === Storage::Freezer) {
            return [new ShelfLifeStep('fresh_frozen', self::FROZEN_DAYS)];
        }
        if ($storage === Storage::Room) {
            return [new ShelfLifeStep('fresh_room', self::ROOM_FRESH_DAYS)];
        }
        $steps = [$formula->family === Family::FreshMask
            ? new ShelfLifeStep('fresh_mask', self::MASK_FRESH_DAYS)
            : new ShelfLifeStep('fresh_fridge', self::EMULSION_FRESH_DAYS)];
        foreach ($composition->known() as $line) {
            $days = $line->ingredient === null ? null : self::freshDaysOf($line->ingredient);
            if ($days !== null) {
                $steps[] = new ShelfLifeStep('fresh_ingredient', $days, $line->ingredient->key);
            }
        }
        $fridge = $formula->process->conditions->fridge ?? Growth::FRIDGE_C;
        $spoilage = $preservation->spoilage;
        $until = $spoilage?->days(
            $fridge,
            $formula->audience->isUnder3(),
            $preservation->effect->free->reach ?? [],
        );
        if ($until !== null) {
            $steps[] = new ShelfLifeStep('growth', $until, $spoilage->worst?->ingredient?->key);
        }

        return $steps;
    }

    /** Days in the fridge of an unpreserved watery ingredient; null for what does not hasten spoiling. */
    private static function freshDaysOf(Material $ingredient): ?float
    {
        if (
            ! $ingredient->bringsFreeWater()
            || $ingredient->openedDays() === null
            || $ingredient->kind === Kind::WaterPhaseLiquid
        ) {
            return null;
        }

        return max(1.0, min(self::EMULSION_FRESH_DAYS, floor($ingredient->freshDays ?? $ingredient->openedDays())));
    }
}
